package app.brightkeel.core.gear;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Score;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.HullSection;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.MountKind.Drills;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Generic crafts and mounts against the typical numbers and the table of mounts. */
public class PresetsTest {

    @DataProvider
    public Object[][] crafts() {
        return Catalogue.crafts().stream()
                .map(item -> new Object[] {item.name(), item.craft()})
                .toArray(Object[][]::new);
    }

    @Test
    public void everyKindOfCraftHasOne() {
        Set<CraftKind> kinds = EnumSet.noneOf(CraftKind.class);
        Catalogue.crafts().forEach(item -> kinds.add(item.craft().kind()));
        assertEquals(kinds, EnumSet.complementOf(EnumSet.of(CraftKind.UNDECIDED)));
        assertTrue(Catalogue.crafts().size() >= 14);
    }

    /** Typical lengths, widths and masses [m, kg]; values from memory. */
    @DataProvider
    public Object[][] typical() {
        return new Object[][] {
            {CraftKind.SIT_ON_TOP, 3.0, 4.2, 0.75, 0.95, 25, 50},
            {CraftKind.PEDAL_KAYAK, 3.2, 4.3, 0.83, 0.97, 40, 65},
            {CraftKind.CANOE, 4.6, 5.2, 0.85, 0.95, 25, 40},
        };
    }

    @Test(dataProvider = "typical")
    public void measuresAreTypical(
            CraftKind kind, double shortM, double longM, double narrowM, double wideM, double lightKg, double heavyKg) {
        for (CraftItem item : Catalogue.crafts()) {
            Craft craft = item.craft();
            if (craft.kind() == kind) {
                within(craft.lengthM(), shortM, longM, item.name());
                within(craft.beamM(), narrowM, wideM, item.name());
                within(craft.massKg(), lightKg, heavyKg, item.name());
            }
        }
    }

    private static void within(Figure figure, double low, double high, String name) {
        assertTrue(figure.value() >= low && figure.value() <= high, name + ": " + figure);
    }

    /** An outline in plan and in profile, from bow to stern; places over the hull or beside it, obstructions under it. */
    @Test(dataProvider = "crafts")
    public void eachHasItsOutlineAndItsPlaces(String name, Craft craft) {
        List<HullSection> sections = craft.sections();
        assertTrue(sections.size() >= 2, name);
        assertEquals(sections.get(0).at(), 0.0, name);
        assertEquals(sections.get(sections.size() - 1).at(), 1.0, name);
        assertTrue(sections.stream().anyMatch(s -> s.breadth() == 1), name + " is as wide as it says");
        assertTrue(sections.stream().anyMatch(s -> s.keel() == 0), name + " is as deep as it says");
        Outline outline = Outline.of(craft).value();
        for (Station station : craft.stations()) {
            assertTrue(station.placed(), name + ", " + station.name());
            double beside = Math.abs(station.sideM().value()) - outline.halfM();
            double most = station.spot() == Spot.ICE_HOLE || station.spot() == Spot.ON_ARM ? 0.5 : 0.03;
            assertTrue(beside <= most, name + ", " + station.name() + " stands " + beside + " m out");
        }
        for (Obstruction each : craft.obstructions()) {
            assertTrue(each.belowM().value() > 0 && each.halfWidthM().isSet(), name + ", " + each.name());
        }
    }

    /** With 82 kg in it a hull settles 0.03 to 0.20 m deep, level within 2°, and stands; values from memory. */
    @Test(dataProvider = "crafts")
    public void eachFloats(String name, Craft craft) {
        Rig rig = DemoRigs.oystercatcher()
                .withRuns(List.of())
                .withPlaces(List.of())
                .withTransducers(List.of())
                .withCraft(craft)
                .withAngler(new Angler(Figure.measured(82), Figure.chosen(6)));
        if (craft.kind().onIce()) {
            assertTrue(!Line.of(rig).get(FloatStage.STAGE).isKnown(), name);
            return;
        }
        Afloat afloat = Line.of(rig).get(FloatStage.STAGE).value();
        assertTrue(afloat.settled(), name);
        double draught = afloat.waterM(craft.lengthM().value() / 2, 0);
        assertTrue(draught > 0.03 && draught < 0.20, name + " draws " + draught);
        assertTrue(Math.abs(Math.toDegrees(afloat.trimRad())) < 2, name + " trims " + afloat.trimRad());
        assertTrue(afloat.freeM() > 0.02, name + " has " + afloat.freeM() + " of freeboard");
    }

    /** The table of mounts: what is drilled, what comes up, where it sits; common practice, no source. */
    @DataProvider
    public Object[][] mounts() {
        return new Object[][] {
            {MountKind.SCUPPER, Drills.NO, false, Set.of(Spot.SCUPPER)},
            {MountKind.HULL_POCKET, Drills.NO, true, Set.of(Spot.HULL_POCKET)},
            {MountKind.CONSOLE_PLATE, Drills.NO, true, Set.of(Spot.CONSOLE_PLATE)},
            {
                MountKind.IN_HULL,
                Drills.NO,
                true,
                Set.of(Spot.COCKPIT_FLOOR, Spot.INSIDE_HULL, Spot.BOW_HATCH, Spot.CENTRE_HATCH)
            },
            {MountKind.SWING_ARM, Drills.NO, true, Set.of(Spot.RAIL)},
            {MountKind.QUICK_POST, Drills.NO, true, Set.of(Spot.RAIL)},
            {MountKind.STERN_BRACKET, Drills.NO, true, Set.of(Spot.STERN_INSERTS)},
            {MountKind.SKID_INSERTS, Drills.NO, false, Set.of(Spot.STERN_INSERTS)},
            {MountKind.KEEL_BOLT, Drills.BELOW_WATERLINE, false, Set.of(Spot.COCKPIT_FLOOR)},
            {MountKind.TRANSOM_BOARD, Drills.NO, true, Set.of(Spot.TRANSOM)},
            {MountKind.CLAMP_BAR, Drills.NO, true, Set.of(Spot.RAIL)},
            {MountKind.LIVE_POLE, Drills.NO, true, Set.of(Spot.RAIL)},
            {MountKind.ICE_FLOAT, Drills.NO, true, Set.of(Spot.ICE_HOLE)},
            {MountKind.ICE_SLEEVE, Drills.NO, true, Set.of(Spot.ICE_HOLE)},
            {MountKind.ICE_WRAP, Drills.NO, true, Set.of(Spot.ICE_HOLE)},
            {MountKind.ICE_ARM, Drills.NO, true, Set.of(Spot.ICE_HOLE)},
            {MountKind.ICE_POLE, Drills.NO, true, Set.of(Spot.ICE_HOLE)},
            {MountKind.SUCTION_CUP, Drills.NO, true, Set.of(Spot.RAIL, Spot.TRANSOM)},
        };
    }

    @Test(dataProvider = "mounts")
    public void mountsAreAsTheTableSays(MountKind kind, Drills drills, boolean retracts, Set<Spot> spots) {
        assertEquals(kind.drills(), drills);
        assertEquals(kind.retracts(), retracts);
        for (Spot spot : Spot.values()) {
            assertEquals(kind.sitsAt(spot), spots.contains(spot), kind + " at " + spot);
        }
        assertTrue(!kind.cable().isEmpty(), kind + " says how its cable leaves");
        Rig rig = DemoRigs.oystercatcher();
        Score score =
                Score.of(rig, rig.transducers().get(0).withMount(new Mount(kind, "", Figure.UNSET, Figure.UNSET)));
        assertEquals(score.parts().size(), 8, kind + " has all parts of its score");
        assertTrue(score.weighted(rig.weights()) > 0.3 && score.weighted(rig.weights()) <= 1);
    }

    @Test
    public void theTableNamesEveryMount() {
        assertEquals(mounts().length, MountKind.decided().count());
        for (MountKind kind : MountKind.decided().toList()) {
            boolean somewhere = Catalogue.crafts().stream()
                    .flatMap(item -> item.craft().stations().stream())
                    .anyMatch(station -> kind.sitsAt(station.spot()));
            assertTrue(somewhere, "no craft takes a " + kind.words());
        }
    }
}
