package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.Optionals;
import app.brightkeel.core.reach.HolderFit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Hand;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Zone;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How a battery is held, weights that level, things moved in the plan. */
public class HoldingTest {

    private static final Rig GOOD = RuleTriggers.good();

    private static Held held(Holding how, int anchors, boolean blocked, boolean covered, double overM) {
        return new Held(
                how, anchors, blocked, covered, Figure.measured(overM), true, false, Size.UNKNOWN, Figure.UNSET);
    }

    /** Handbook, common practice: what stops it turning; however it is held covered, for a strap is no cover, and over the bilge. */
    @DataProvider
    public Object[][] ways() {
        return new Object[][] {
            {Held.UNKNOWN, Verdict.HOLDS},
            {held(Holding.SLOT, 0, false, true, 0.1), Verdict.HOLDS},
            {held(Holding.SLOT, 0, false, false, 0.1), Verdict.CLOSE},
            {held(Holding.SLOT, 0, false, true, 0.01), Verdict.CLOSE},
            {held(Holding.BAG, 0, false, false, 0), Verdict.HOLDS},
            {held(Holding.POUCH, 0, false, true, 0.1), Verdict.HOLDS},
            {held(Holding.STRAP, 1, false, true, 0.1), Verdict.CLOSE},
            {held(Holding.STRAP, 2, false, true, 0.1), Verdict.HOLDS},
            {held(Holding.STRAP, 2, false, false, 0.1), Verdict.CLOSE},
            {held(Holding.SHELF, 0, true, true, 0.1), Verdict.HOLDS},
            {held(Holding.SHELF, 0, false, true, 0.1), Verdict.CLOSE},
            {held(Holding.BARE, 0, false, true, 0.1), Verdict.CLOSE},
            {held(Holding.BARE, 2, false, false, 0.1), Verdict.CLOSE},
            {held(Holding.BARE, 2, false, true, 0.029), Verdict.CLOSE},
            {held(Holding.BARE, 2, false, true, 0.03), Verdict.HOLDS},
        };
    }

    @Test(dataProvider = "ways")
    public void aBatteryStaysWhereItIsPut(Held held, Verdict expected) {
        Rig rig = GOOD.with(GOOD.placeOf("pack").orElseThrow().withHeld(held));
        Rule rule = Rules.ALL.stream()
                .filter(r -> r.id().equals("carry.held-badly"))
                .findFirst()
                .orElseThrow();
        assertEquals(rule.verdict(rule.judge(Line.of(rig))), expected, held.toString());
    }

    /** By hand, of a pack 151 × 98 × 95: a strap 30 mm clear on each side at most, a pin and no free acid in a nest. */
    @DataProvider
    public Object[][] strapsAndNests() {
        Held strap = held(Holding.STRAP, 2, false, true, 0.1);
        Held nest = held(Holding.NEST, 0, true, true, 0.1);
        return new Object[][] {
            {strap.withApartM(Figure.measured(0.097)), Chemistry.AGM, "stands off its sides"},
            {strap.withApartM(Figure.measured(0.098)), Chemistry.AGM, ""},
            {strap.withApartM(Figure.measured(0.158)), Chemistry.AGM, ""},
            {strap.withApartM(Figure.measured(0.211)), Chemistry.AGM, ""},
            {strap.withApartM(Figure.measured(0.212)), Chemistry.AGM, "slides under it"},
            {nest, Chemistry.AGM, ""},
            {nest.withBlocked(false), Chemistry.AGM, "nothing pins it down"},
            {nest.with(h -> h.blocked(false).anchors(2)), Chemistry.AGM, ""},
            {nest, Chemistry.FLOODED, "a nest is for sealed ones"},
        };
    }

    @Test(dataProvider = "strapsAndNests")
    public void strapsAndNestsFitTheBattery(Held held, Chemistry chemistry, String expected) {
        Pack pack = GOOD.harness()
                .pack("pack")
                .with(p -> p.chemistry(chemistry)
                        .size(new Size(Figure.measured(0.151), Figure.measured(0.098), Figure.measured(0.095))));
        Rig rig = GOOD.with(pack).with(GOOD.placeOf("pack").orElseThrow().withHeld(held));
        Rule rule = Rules.ALL.stream()
                .filter(r -> r.id().equals("carry.held-badly"))
                .findFirst()
                .orElseThrow();
        Rule.Judgement judged = rule.judge(Line.of(rig));
        assertEquals(rule.verdict(judged), expected.isEmpty() ? Verdict.HOLDS : Verdict.CLOSE, held.toString());
        String words = ((Rule.Judgement.Measured) judged).template();
        assertTrue(words.contains(expected), words);
    }

    /** A lid drilled to another pattern than the foot of what stands on it fails, until it is drilled to that. */
    @Test
    public void theFootGoesWithTheLid() {
        Rig bittern = DemoRigs.bittern();
        Holder foot = bittern.holders().get(0).withFootBolts("30 × 60 mm");
        Enclosure lid = bittern.fitOut().boxes().get(0).withLidBolts("25 × 50 mm");
        Rig rig = bittern.withHolders(List.of(foot))
                .withFitOut(bittern.fitOut().withBoxes(List.of(lid)))
                .with(new Placement(foot.holds(), lid.station(), true));
        assertTrue(HolderFit.of(rig, foot, rig.device(foot.holds())).stream().anyMatch(fit -> !fit.fits()));
        Rig drilled = Comparison.find(Line.of(rig), "carry.lid-bolts." + lid.id() + "." + foot.id())
                .orElseThrow()
                .after();
        assertEquals(drilled.fitOut().boxes().get(0).lidBolts(), "30 × 60 mm");
        assertTrue(HolderFit.of(drilled, foot, drilled.device(foot.holds())).stream()
                .filter(fit -> fit.template().contains("foot"))
                .allMatch(HolderFit::fits));
    }

    /** A pole where lines come in is worth a guard; on the other side of a rig that keeps its side free it is not. */
    @Test
    public void aLineGuardWhereLinesComeIn() {
        Rig rig = DemoRigs.gannet();
        assertTrue(guarded(rig.withSchools(Schools.UNDECIDED)));
        Rig right = rig.withAngler(rig.angler().withHand(Hand.RIGHT));
        assertFalse(guarded(right.withSchools(Schools.UNDECIDED.withPost(Schools.Post.AT_HAND))));
        assertTrue(guarded(right.withSchools(Schools.UNDECIDED.withPost(Schools.Post.ROD_SIDE_FREE))));
    }

    private static boolean guarded(Rig rig) {
        return Optionals.of(rig).stream()
                .anyMatch(worth ->
                        worth.kind() == ExtraKind.LINE_GUARD && worth.of().equals("head"));
    }

    /** In a box, or behind a plug, nothing is open. */
    @Test
    public void aBoxOrAPlugCovers() {
        Held open = held(Holding.STRAP, 2, false, false, 0.1);
        Rig plugged = GOOD.with(GOOD.placeOf("pack").orElseThrow().withHeld(open))
                .with(GOOD.harness()
                        .pack("pack")
                        .withEnding(Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.SHROUDED)));
        Rig boxed = FitOutTriggers.boxed(box -> box);
        boxed = boxed.with(boxed.placeOf("pack").orElseThrow().withHeld(open));
        for (Rig rig : List.of(plugged, boxed)) {
            assertTrue(Mended.of(rig, "carry.held-badly").isEmpty());
        }
    }

    /** 3.3 kg at 0.30 m: at the left rail, 0.36 m out, 2.8 kg, rounded up to a tenth; and then it stands level. */
    @Test
    public void aCounterweightLevels() {
        Rig rig = DemoRigs.gannet();
        double side = Line.of(rig).get(FloatStage.STAGE).value().sideKgM();
        double kg = Math.ceil(side / 0.36 * 10) / 10;
        Change change = Comparison.find(Line.of(rig), "carry.weight.rail-left." + Math.round(kg * 10))
                .orElseThrow();
        Ballast weight = change.after().fitOut().ballast().get(0);
        assertEquals(weight.massKg().value(), kg, 1e-9);
        Line then = Line.of(change.after());
        double left = then.get(FloatStage.STAGE).value().sideKgM();
        assertEquals(left, side - 0.36 * kg, 1e-9);
        assertTrue(Math.abs(Math.toDegrees(then.get(FloatStage.STAGE).value().heelRad())) < 0.05);
        assertEquals(
                then.get(CarryStage.STAGE).value().massKg(),
                Line.of(rig).get(CarryStage.STAGE).value().massKg() + kg,
                1e-9);
        // moved again as a thing of the plan, and no longer where it levelled
        Change moved = Comparison.find(then, "carry.place.weight.rail-right").orElseThrow();
        assertEquals(moved.after().fitOut().ballast().get(0).station(), "rail-right");
        double right = Line.of(moved.after()).get(FloatStage.STAGE).value().sideKgM();
        assertEquals(right, side + 0.36 * kg, 1e-9);
    }

    /** 4 kg of rods 0.3 m to the right heel by 1.2 kg·m more; shared with the left side they heel by nothing. */
    @Test
    public void rodsOnBothSidesBalance() {
        Rig rig = DemoRigs.oystercatcher();
        double bare = Line.of(rig).get(FloatStage.STAGE).value().sideKgM();
        KeptRoom right = new KeptRoom(
                "right",
                "right rods",
                Zone.RODS,
                Figure.measured(2.6),
                Figure.measured(0.3),
                Figure.measured(0.2),
                Figure.measured(0.1),
                Figure.chosen(4));
        KeptRoom left =
                right.with(room -> room.id("left").sideM(Figure.measured(-0.3)).loadKg(Figure.UNSET));
        Rig laden = rig.withCraft(rig.craft().withKept(List.of(right, left)));
        assertEquals(Line.of(laden).get(FloatStage.STAGE).value().sideKgM(), bare + 1.2, 1e-9);
        Rig shared = Comparison.find(Line.of(laden), "carry.both-sides.right.left")
                .orElseThrow()
                .after();
        assertEquals(
                shared.craft().kept().stream()
                        .map(room -> room.loadKg().value())
                        .toList(),
                List.of(2.0, 2.0));
        assertEquals(Line.of(shared).get(FloatStage.STAGE).value().sideKgM(), bare, 1e-9);
    }

    @DataProvider
    public Object[][] moves() {
        return new Object[][] {
            {"carry.place.nine.stern-hatch", true},
            {"carry.place.pack.hull-fore", true},
            {"carry.place.nine.nowhere", false},
            {"carry.place.nobody.console", false},
            {"carry.place.sonar.console", false},
            {"carry.place.nine", false},
            {"carry.place.", false},
            {"carry.place..console", false},
        };
    }

    /** Any thing to any place, though nobody would suggest it; what makes no sense is no change. */
    @Test(dataProvider = "moves")
    public void whatIsDraggedGoesAnywhere(String id, boolean sense) {
        Optional<Change> change = Comparison.find(Line.of(DemoRigs.gannet()), id);
        assertEquals(change.isPresent(), sense, id);
        change.ifPresent(each -> {
            String[] words = id.split("\\.");
            assertEquals(each.after().stationOf(words[2]), words[3]);
            Placement before = DemoRigs.gannet().placeOf(words[2]).orElseThrow();
            assertEquals(
                    each.after().placeOf(words[2]).orElseThrow().withStation(before.station()),
                    before,
                    "nothing but its place");
        });
    }

    /** A thing that moves takes its cables along, those of the network with them. */
    @Test
    public void dataLeadsFollow() {
        Rig rig = DemoRigs.gannet();
        Rig moved = Comparison.find(Line.of(rig), "carry.place.nine.rail-left")
                .orElseThrow()
                .after();
        for (String cable : List.of("sonar", "network-lead")) {
            List<String> legs = moved.runOf(cable).orElseThrow().legs();
            assertEquals(legs.get(legs.size() - 1), "foot-to-rail-left", cable);
        }
    }
}
