package app.brightkeel.core.reach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Hand;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Zone;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Reach, sight and room around the seat. */
public class SeatStageTest {

    /** Distances of common practice for 1.75 m, and in proportion; ahead and to the right of the seat. */
    @DataProvider
    public Object[][] hands() {
        return new Object[][] {
            {1.75, Posture.UPRIGHT, 0.85, 0.0, Hand.UNDECIDED, 0.0},
            {1.75, Posture.UPRIGHT, 0.0, -0.85, Hand.UNDECIDED, 0.0},
            {1.75, Posture.UPRIGHT, 0.6, 0.8, Hand.UNDECIDED, 0.15},
            {1.75, Posture.LEANING, 1.10, 0.0, Hand.UNDECIDED, 0.0},
            {1.75, Posture.LEANING, 0.0, 1.10, Hand.UNDECIDED, 0.25},
            {1.75, Posture.SIDEWAYS, 0.0, 1.0, Hand.RIGHT, 0.0},
            {1.75, Posture.SIDEWAYS, 0.0, -1.0, Hand.RIGHT, 0.30},
            {1.75, Posture.LANDING, 0.70, 0.0, Hand.UNDECIDED, 0.0},
            {1.40, Posture.UPRIGHT, 0.85, 0.0, Hand.UNDECIDED, 0.17},
            {2.10, Posture.LANDING, 0.84, 0.0, Hand.UNDECIDED, 0.0},
        };
    }

    @Test(dataProvider = "hands")
    public void theHandGoesSoFar(
            double tallM, Posture posture, double aheadM, double rightM, Hand hand, double beyondM) {
        assertEquals(new Arm(tallM).beyondM(posture, aheadM, rightM, hand), beyondM, 1e-9);
    }

    /** ISO 9241-303 gives 16 to 22 minutes of arc; with 20 a figure seen from 0.7 m is 4 mm high, from 1.2 m 7 mm. */
    @Test
    public void figuresFillTwentyMinutesOfArc() {
        assertEquals(0.7 * Math.tan(SeatStage.LEGIBLE_RAD), 0.00407, 5e-6);
        assertEquals(1.2 * Math.tan(SeatStage.LEGIBLE_RAD), 0.00698, 5e-6);
        Rig rig = DemoRigs.oystercatcher();
        Seated.FromSeat display =
                Line.of(rig).get(SeatStage.STAGE).value().things().get(0);
        // 0.50 m ahead, 0.31 m to the left, the eye 0.10 + 0.45 · 1.75 over the bottom, the screen at 0.34
        double eye = Math.sqrt(0.50 * 0.50 + 0.31 * 0.31 + Math.pow(0.10 + 0.7875 - 0.34, 2));
        assertEquals(display.eyeM(), eye, 1e-9);
        assertEquals(display.neededM(), eye * Math.tan(Math.toRadians(1 / 3.0)), 1e-12);
        assertEquals(display.awayM(), Math.hypot(0.50, 0.31), 1e-9);
    }

    private static Set<Zone> zones(Rig rig) {
        return Line.of(rig).get(SeatStage.STAGE).value().areas().stream()
                .map(Area::zone)
                .collect(Collectors.toSet());
    }

    /** A paddle sweeps beside a paddled craft, knees turn in a pedalled one; fish come in where the hand is not. */
    @Test
    public void roomGoesWithCraftAndHand() {
        assertEquals(zones(DemoRigs.oystercatcher()), Set.of(Zone.PADDLE, Zone.RODS, Zone.DRINK));
        assertEquals(zones(DemoRigs.gannet()), Set.of(Zone.PEDALS, Zone.RODS, Zone.DRINK, Zone.SEAT));
        // driven by pedals, and paddled too: both ways of moving keep their room
        Rig both = DemoRigs.gannet().withCraft(DemoRigs.gannet().craft().withAlsoPaddled(true));
        assertEquals(zones(both), Set.of(Zone.PEDALS, Zone.PADDLE, Zone.RODS, Zone.DRINK, Zone.SEAT));
        Rig handed = DemoRigs.gannet()
                .withAngler(DemoRigs.gannet().angler().withHand(Hand.LEFT))
                .withSchools(Schools.UNDECIDED.withPost(Schools.Post.AT_HAND));
        List<Area> landing = Line.of(handed).get(SeatStage.STAGE).value().areas().stream()
                .filter(area -> area.zone() == Zone.LANDING)
                .toList();
        assertEquals(landing.size(), 1);
        assertTrue(landing.get(0).leftM() > 0, "to the right of a left-handed person");
        // a post 0.75 to 1.05 m ahead of the seat stands clear of the paddle; common practice, no source
        double seat = DemoRigs.oystercatcher().craft().seatM().value();
        for (Area area :
                Line.of(DemoRigs.oystercatcher()).get(SeatStage.STAGE).value().areas()) {
            assertTrue(!area.holds(seat - 0.75, 0.42) && !area.holds(seat - 1.05, -0.42));
        }
    }

    /** Where the craft says where rods lie they lie there; a well is no way to keep clear. By hand: 0.2 × 0.1 m round 2.6, 0.3. */
    @Test
    public void aCraftSaysWhereItsRoomsAre() {
        Rig rig = DemoRigs.oystercatcher();
        KeptRoom rods = new KeptRoom(
                "rods",
                "rods",
                Zone.RODS,
                Figure.measured(2.6),
                Figure.measured(0.3),
                Figure.measured(0.2),
                Figure.measured(0.1),
                Figure.UNSET);
        KeptRoom well = rods.with(room -> room.id("well").use(Zone.WELL));
        KeptRoom open = rods.with(room -> room.id("open").use(Zone.DRINK).sideM(Figure.UNSET));
        List<Area> areas = Line.of(rig.withCraft(rig.craft().withKept(List.of(rods, well, open))))
                .get(SeatStage.STAGE)
                .value()
                .areas();
        List<Area> own = areas.stream().filter(area -> area.zone() == Zone.RODS).toList();
        assertEquals(own.size(), 1);
        assertEquals(own.get(0).foreM(), 2.5, 1e-9);
        assertEquals(own.get(0).aftM(), 2.7, 1e-9);
        assertEquals(own.get(0).leftM(), 0.25, 1e-9);
        assertEquals(own.get(0).rightM(), 0.35, 1e-9);
        assertTrue(areas.stream().noneMatch(area -> area.zone() == Zone.WELL || area.zone() == Zone.DRINK));
    }

    /** On ice people walk round their rig: nothing is said of reach. */
    @Test
    public void nothingIsSaidOnIceNorWithoutASeat() {
        assertTrue(!Line.of(DemoRigs.lanternCrate()).get(SeatStage.STAGE).isKnown());
        Rig rig = DemoRigs.oystercatcher();
        Rig bare = rig.withCraft(rig.craft().withSeatM(Figure.UNSET));
        assertEquals(Line.of(bare).get(SeatStage.STAGE).missing(), List.of("/craft/seatM"));
    }
}
