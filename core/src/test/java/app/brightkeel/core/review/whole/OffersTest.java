package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy.Cure;
import app.brightkeel.core.review.Remedy.Mending;
import app.brightkeel.core.review.change.carry.ArrangeChanges;
import app.brightkeel.core.review.change.carry.CarryUnits;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Travel;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

/** Offers that were wrong or not there, each in the rig in which it was found; what every offer keeps is RemediesTest's. */
public class OffersTest {

    /** Whole arrangements move two things or more, and each says where everything goes. */
    @Test
    public void arrangementsMoveSeveralThingsAtOnce() {
        int offered = 0;
        for (Rig rig : DemoRigs.all()) {
            for (Change change : ArrangeChanges.all(Line.of(rig)).toList()) {
                offered++;
                long moved = change.after().places().stream()
                        .filter(place -> !rig.stationOf(place.item()).equals(place.station()))
                        .count();
                assertTrue(moved >= 2, change.id() + " moves " + moved);
                for (Placement place : change.after().places()) {
                    if (!rig.stationOf(place.item()).equals(place.station())) {
                        String where = rig.craft()
                                .station(place.station())
                                .orElseThrow()
                                .name();
                        assertTrue(change.label().plain().contains(where), change.label() + " is silent of " + where);
                    }
                }
            }
        }
        assertTrue(offered >= 4, "offered " + offered);
    }

    /** Boxes that are sold take the battery with its foam, the smallest first; none is offered that does not. */
    @Test
    public void soldBoxesTakeTheBattery() {
        Rig rig = DemoRigs.oystercatcher();
        List<Change> sold = CarryUnits.sold(Line.of(rig)).toList();
        assertEquals(sold.size(), 3);
        double before = 0;
        for (Change change : sold) {
            Enclosure box = change.after().fitOut().boxes().get(0);
            double litres = box.outside().deepM().value()
                    * box.outside().wideM().value()
                    * box.outside().tallM().value();
            assertTrue(litres >= before, change.id());
            before = litres;
            assertTrue(
                    Line.of(change.after()).get(FitStage.STAGE).value().all().stream()
                            .allMatch(fit -> fit.leastGapM() >= 0),
                    change.id());
        }
    }

    /** A display on an arm that folds takes its cables along: by hand 0.18 m × √2 = 0.25 m, unless the arm is said to travel. */
    @Test
    public void anArmTakesItsSlack() {
        Rig rig = RuleTriggers.good();
        Holder ball = Catalogue.holders().stream()
                .filter(item -> item.id().equals("ball-large"))
                .findFirst()
                .orElseThrow()
                .withHolds("display");
        Rig armed = rig.withHolders(List.of(ball));
        assertEquals(moving(rig, "supply-run"), 0.0);
        assertEquals(moving(armed, "supply-run"), 0.25);
        Run run = armed.runOf("lead").orElseThrow();
        Travel said = new Travel(Moves.ARM, Figure.measured(0.1), Figure.chosen(90), false);
        assertEquals(moving(armed.with(run.withTravels(List.of(said))), "supply-run"), 0.0);
        assertEquals(moving(armed, "sonar-run"), 0.35, "as the person has it");
    }

    private static double moving(Rig rig, String run) {
        return Line.of(rig).rig().runs().stream()
                .filter(each -> each.id().equals(run))
                .findFirst()
                .orElseThrow()
                .movingM()
                .value();
    }

    /** What is changed or pressed on the water is within reach, too. */
    @Test
    public void aSpareIsWithinReach() {
        Rig rig = RuleTriggers.good();
        Pack pack = rig.harness().pack("pack");
        Rig spare = rig.withHarness(rig.harness()
                        .withPacks(List.of(
                                pack,
                                pack.with(p -> p.id("second").name("spare").role(PackRole.SPARE)))))
                .with(new Placement("second", "bow-hatch", true));
        assertTrue(Mended.of(rig, "screen.out-of-reach").isEmpty());
        List<Cure> cures = Mended.of(spare, "screen.out-of-reach");
        assertFalse(cures.isEmpty());
    }

    private static Rig after(Rig rig, Cure cure) {
        return Comparison.find(Line.of(rig), cure.id()).orElseThrow().after();
    }

    private static List<Cure> cures(Rig rig, String rule) {
        return Mended.of(rig, rule).stream()
                .filter(cure -> cure.mending() == Mending.CURES)
                .toList();
    }

    private static Rig bare(Rig rig) {
        Rig all = rig;
        for (Segment segment : rig.harness().segments()) {
            all = all.with(segment.withFittings(segment.fittings().stream()
                    .filter(fitting -> !(fitting instanceof Fitting.Fuse))
                    .toList()));
        }
        return all;
    }

    /** Two bare packs are fused by one offer. */
    @Test
    public void twoEqualFaultsAreMendedAtOnce() {
        Rig rig = bare(TestRigs.twoScreens());
        Cure both = cures(rig, "fuse.missing").get(0);
        long fused = after(rig, both).harness().segments().stream()
                .filter(segment -> rig.harness().packs().stream()
                        .anyMatch(pack -> pack.id().equals(segment.from())))
                .filter(segment -> segment.fittings().stream().anyMatch(Fitting.Fuse.class::isInstance))
                .count();
        assertEquals(fused, 2, both.toString());
        assertTrue(both.label().plain().startsWith("A fuse in each"), both.toString());
    }

    /** A fuse that is offered carries what hangs on it at its lowest volts. */
    @Test
    public void noFuseIsOfferedThatOpensInUse() {
        Rig strong = TestRigs.simple(TestRigs.pack(Chemistry.LIFEPO4, 40), 38, 4, 20);
        Device display = strong.devices().get(0);
        Rig rig = bare(strong.with(display.withLimits(display.limits().withMaxFuseA(Figure.rated(10)))));
        double low = rig.devices().get(0).limits().minV().isSet()
                ? rig.devices().get(0).limits().minV().value()
                : 10.8;
        List<Cure> cures = cures(rig, "fuse.missing");
        assertFalse(cures.isEmpty());
        for (Cure cure : cures) {
            Fitting.Fuse fuse = (Fitting.Fuse)
                    after(rig, cure).harness().segments().get(0).fittings().get(0);
            assertTrue(fuse.ratingA().value() * FuseTables.LOAD_SHARE >= 38 / low - 1e-9, cure.toString());
        }
    }

    /** Where the first fuse sits in a branch, the trunk gets one of its own and the branch keeps its. */
    @Test
    public void aBranchKeepsItsFuse() {
        Rig gannet = DemoRigs.gannet();
        Segment trunk = gannet.harness().segment("trunk");
        Rig rig = gannet.with(trunk.withFittings(List.of()));
        List<Cure> cures = cures(rig, "fuse.too-far-from-battery");
        assertFalse(cures.isEmpty());
        for (Cure cure : cures) {
            Rig then = after(rig, cure);
            assertTrue(
                    then.harness().segment("trunk").fittings().stream().anyMatch(Fitting.Fuse.class::isInstance),
                    cure.toString());
            assertEquals(
                    then.harness().segment("five-lead").fittings(),
                    rig.harness().segment("five-lead").fittings(),
                    cure.toString());
        }
    }

    /** A worn one is not replaced by what is too small at that wear; and each says how long it is enough. */
    @Test
    public void aSmallerNewPackIsNoCureForAWornLargerOne() {
        Pack worn = TestRigs.pack(Chemistry.LIFEPO4, 12).withAge(Figure.measured(0.6));
        Rig rig = TestRigs.simple(worn, 15, 6.5, 20);
        List<Cure> cures = cures(rig, "battery.hours").stream()
                .filter(cure -> cure.id().startsWith("battery.take."))
                .toList();
        assertFalse(cures.isEmpty());
        for (Cure cure : cures) {
            Rig then = after(rig, cure);
            Pack taken = then.harness().packs().get(0).withAge(Figure.measured(0.6));
            double hours = Line.of(then.with(taken)).get(Runtime.STAGE).value().hours();
            assertTrue(hours > 6.5 * 0.97, cure + " lasts " + hours);
            assertTrue(cure.note().plain().contains("worn to 80"), cure.toString());
        }
    }

    /** A board on a transom goes as low as it must to be wet, and no lower than stones allow where it need not. */
    @Test
    public void aBoardIsSetForWaterAndStones() {
        Set<Boolean> clear = new HashSet<>();
        for (double gearKg : new double[] {0, 300}) {
            Rig light = DemoRigs.reedling();
            Rig pram = light.withAngler(light.angler().withGearKg(Figure.measured(gearKg)));
            Transducer board = pram.transducers().get(0);
            double under =
                    Line.of(pram).get(FaceStage.STAGE).value().faces().get(0).underM();
            double now = board.mount().belowM().value();
            Rig dry = pram.with(board.withMount(board.mount().withBelowM(Figure.measured(now - under - 0.02))));
            Cure cure = Mended.of(dry, "mount.face-dry").get(0);
            double below =
                    after(dry, cure).transducers().get(0).mount().belowM().value();
            double wet = Line.of(after(dry, cure))
                    .get(FaceStage.STAGE)
                    .value()
                    .faces()
                    .get(0)
                    .underM();
            assertTrue(wet >= 0.02, cure + " leaves it " + wet);
            assertEquals(cure.label().plain().contains("clear of stones"), below <= -0.025, cure.toString());
            clear.add(below <= -0.025);
        }
        assertEquals(clear.size(), 2, "one each");
    }

    /** What is not drilled yet is drilled as wide as the plug is. */
    @Test
    public void aHoleToBeDrilledIsDrilledForThePlug() {
        Rig rig = RuleTriggers.narrowTube();
        Cure cure = Mended.of(rig, "cable.plug-does-not-pass").stream()
                .filter(each -> each.id().startsWith("cable.drill."))
                .findFirst()
                .orElseThrow();
        Rig then = after(rig, cure);
        assertTrue(Mended.of(then, "cable.plug-does-not-pass").isEmpty(), cure.toString());
    }

    /** What is not charged is charged first. */
    @Test
    public void anUnchargedPackIsCharged() {
        Pack low = TestRigs.pack(Chemistry.LIFEPO4, 20).withCharge(Figure.measured(0.3));
        assertEquals(
                cures(TestRigs.simple(low, 15, 6, 20), "battery.hours").get(0).id(), "battery.charge.pack");
    }

    /** What is joined is changed alike, and a charger that has to be bought is told. */
    @Test
    public void joinedPacksAreChangedTogetherWithTheirCharger() {
        Rig rig = TestRigs.twoScreens();
        Rig longer = rig.withOuting(rig.outing()
                .withPhases(rig.outing().phases().stream()
                        .map(phase -> phase.withStartH(Figure.UNSET).withHours(Figure.chosen(12)))
                        .toList()));
        Line line = Line.of(longer);
        Change taken = Links.of(Link.BATTERY).alternatives(line).stream()
                .filter(change -> change.id().startsWith("battery.take."))
                .findFirst()
                .orElseThrow();
        List<Pack> packs = taken.after().harness().packs();
        assertEquals(packs.get(0).capacityAh(), packs.get(1).capacityAh());
        assertEquals(packs.get(0).origin(), packs.get(1).origin());
        Rig crate = DemoRigs.lanternCrate();
        Cure kayak = Mended.of(crate, "battery.hours").get(0);
        assertTrue(kayak.label().plain().contains("and a charger for LiFePO4"), kayak.toString());
    }
}
