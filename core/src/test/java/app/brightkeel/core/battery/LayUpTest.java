package app.brightkeel.core.battery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Days on which a battery at rest is looked after: counted on a calendar by hand. */
public class LayUpTest {

    private static Pack laidUp(Chemistry chemistry, Figure storedC) {
        return Pack.labelled("pack", "battery", chemistry, Figure.rated(10))
                .withKeeping(new Keeping(Figure.UNSET, "", "2026-11-01", "2027-04-01", storedC));
    }

    /**
     * Sort, warmest of the store, and the days: six weeks for lead is common practice, no source; half of that at 30 degrees and
     * a quarter of a year for lithium are values from memory.
     */
    @DataProvider
    public Object[][] stores() {
        return new Object[][] {
            {
                Chemistry.AGM,
                Figure.measured(5),
                List.of("2026-11-01", "2026-12-13", "2027-01-24", "2027-03-07", "2027-03-31")
            },
            {
                Chemistry.FLOODED,
                Figure.measured(30),
                List.of(
                        "2026-11-01",
                        "2026-11-22",
                        "2026-12-13",
                        "2027-01-03",
                        "2027-01-24",
                        "2027-02-14",
                        "2027-03-07",
                        "2027-03-28",
                        "2027-03-31")
            },
            {Chemistry.LIFEPO4, Figure.UNSET, List.of("2026-11-01", "2027-01-31", "2027-03-31")},
            {Chemistry.ALKALINE, Figure.UNSET, List.of("2026-11-01")},
            {Chemistry.UNDECIDED, Figure.UNSET, List.of()}
        };
    }

    @Test(dataProvider = "stores")
    public void everyDayIsThere(Chemistry chemistry, Figure storedC, List<String> days) {
        List<LayUp.Due> all = LayUp.of(laidUp(chemistry, storedC));
        assertEquals(all.stream().map(due -> due.day().toString()).toList(), days);
        assertEquals(all.stream().map(LayUp.Due::id).distinct().count(), all.size(), "ids are told apart");
    }

    /** Heat shortens, cold does not lengthen. */
    @Test
    public void heatBringsItForward() {
        int before = Integer.MAX_VALUE;
        for (double storedC : new double[] {-20, 5, 20, 25, 35, 50, 70}) {
            int days = LayUp.everyDays(Chemistry.AGM, storedC);
            assertTrue(days <= before && days >= 7, storedC + ": " + days);
            before = days;
        }
        assertEquals(LayUp.everyDays(Chemistry.AGM, -20), LayUp.everyDays(Chemistry.AGM, 20));
    }

    /** Its working tells the store, the days and every date of it. */
    @Test
    public void itsWorkingTellsTheDays() {
        String told = LayUpWorking.of(laidUp(Chemistry.FLOODED, Figure.measured(30)), 0)
                .toString();
        for (String words : List.of("21", "42", "30", "2026-11-22: charge it full again", "2027-03-31")) {
            assertTrue(told.contains(words), words + " in " + told);
        }
    }

    /** Laid up for two days, there is one thing to do before and one after; overnight, one alone. */
    @Test
    public void aShortRest() {
        assertEquals(LayUp.of(until("2026-11-03")).size(), 2);
        assertEquals(LayUp.of(until("2026-11-02")).size(), 1);
    }

    private static Pack until(String day) {
        return laidUp(Chemistry.AGM, Figure.UNSET)
                .withKeeping(new Keeping(Figure.UNSET, "", "2026-11-01", day, Figure.UNSET));
    }
}
