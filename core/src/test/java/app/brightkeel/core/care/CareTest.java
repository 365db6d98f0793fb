package app.brightkeel.core.care;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Days of care, counted on a calendar by hand; the intervals are common practice, no source. */
public class CareTest {

    private static final LocalDate SINCE = LocalDate.of(2026, 1, 1);
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    private static Trip trip(String day, boolean charged) {
        return new Trip(
                "trip-" + day,
                day,
                List.of(new Leg(5, 0.8, 1)),
                12,
                charged,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                false,
                List.of(),
                "");
    }

    private static List<Trip> out(int times, String month) {
        List<Trip> all = new ArrayList<>();
        for (int t = 1; t <= times; t++) {
            all.add(trip("%s-%02d".formatted(month, t), false));
        }
        return all;
    }

    private static Rig fresh() {
        Rig rig = DemoRigs.oystercatcher();
        return rig.withOuting(rig.outing().withWater(rig.outing().water().withKind(WaterKind.FRESH)));
    }

    private static CareDue due(Rig rig, List<Trip> trips, List<CareDone> done, String task) {
        return Care.of(Line.of(rig).rig(), trips, done, SINCE, TODAY).stream()
                .filter(each -> each.task().equals(task))
                .findFirst()
                .orElseThrow();
    }

    private static CareDone done(String task, String day) {
        return new CareDone(task, day, Figure.UNSET);
    }

    /** Rig, trips, what was done, the work, its day, and days out that are left. */
    @DataProvider
    public Object[][] works() {
        List<CareDone> none = List.of();
        return new Object[][] {
            // a year, half of it where there is salt
            {fresh(), List.of(), none, "contacts", "2027-01-01", 15},
            {DemoRigs.oystercatcher(), List.of(), none, "contacts", "2026-06-30", 6},
            // the sixth day out in salt water comes before the half year
            {DemoRigs.oystercatcher(), out(8, "2026-03"), none, "contacts", "2026-03-06", 0},
            // done on the fourth of them, four are left of six, and half a year from there
            {
                DemoRigs.oystercatcher(),
                out(6, "2026-03"),
                List.of(done("contacts", "2026-03-04")),
                "contacts",
                "2026-08-31",
                4
            },
            // a quarter of a year for lithium that only stands; a charge and a trip move it, the later counts
            {fresh(), List.of(), none, "charge-pack", "2026-04-02", -1},
            {fresh(), List.of(), List.of(done("charge-pack", "2026-05-01")), "charge-pack", "2026-07-31", -1},
            {
                fresh(),
                List.of(trip("2026-06-10", true)),
                List.of(done("charge-pack", "2026-05-01")),
                "charge-pack",
                "2026-09-09",
                -1
            },
            // lead every six weeks
            {DemoRigs.lanternCrate(), List.of(), none, "charge-pack", "2026-02-12", -1},
        };
    }

    @Test(dataProvider = "works")
    public void everyWorkHasItsDay(
            Rig rig, List<Trip> trips, List<CareDone> done, String task, String day, int usesLeft) {
        CareDue due = due(rig, trips, done, task);
        assertEquals(due.day().toString(), day);
        assertEquals(due.usesLeft(), usesLeft);
        assertEquals(due.due(), !due.day().isAfter(TODAY));
    }

    /** What a rig has not is not asked for; what it has is, in every demo rig, soonest first. */
    @Test
    public void aRigIsAskedForWhatItHas() {
        for (Rig rig : DemoRigs.all()) {
            List<CareDue> all = Care.of(Line.of(rig).rig(), List.of(), List.of(), SINCE, TODAY);
            assertTrue(all.stream().anyMatch(each -> each.charge()), rig.name());
            for (int i = 1; i < all.size(); i++) {
                assertTrue(!all.get(i).day().isBefore(all.get(i - 1).day()), rig.name());
            }
            assertTrue(all.stream().allMatch(each -> Care.has(rig, each.task())), rig.name());
        }
        assertTrue(!Care.has(DemoRigs.oystercatcher(), "glue"));
        assertTrue(!Care.has(DemoRigs.oystercatcher(), "charge-none"));
    }

    /** A charge that was written down moves the rest of a lay-up, and what was in a calendar keeps its id. */
    @Test
    public void aChargeMovesTheLayUp() {
        Pack pack = DemoRigs.lanternCrate().harness().packs().get(0);
        Pack resting = pack.withKeeping(
                pack.keeping().with(keep -> keep.restsFrom("2026-04-01").restsTo("2026-08-01")));
        List<LayUp.Due> before = LayUp.of(resting, List.of());
        List<LayUp.Due> after = LayUp.of(resting, List.of(LocalDate.of(2026, 5, 20)));
        assertEquals(days(before), List.of("2026-04-01", "2026-05-13", "2026-06-24", "2026-07-31"));
        assertEquals(days(after), List.of("2026-04-01", "2026-05-20", "2026-07-01", "2026-07-31"));
        assertEquals(
                after.stream().map(LayUp.Due::id).toList(),
                before.stream().map(LayUp.Due::id).toList());
        assertTrue(after.get(1).done() && !after.get(2).done());
    }

    private static List<String> days(List<LayUp.Due> all) {
        return all.stream().map(due -> due.day().toString()).toList();
    }
}
