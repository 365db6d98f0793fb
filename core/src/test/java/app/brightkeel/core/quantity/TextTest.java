package app.brightkeel.core.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.reference.Table;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TextTest {

    /** The table that the screens are tested by as well. */
    @DataProvider
    public Object[][] amounts() {
        return Table.read(TextTest.class, "/amounts.csv").rows().stream()
                .map(row -> new Object[] {
                    Double.parseDouble(row.get("held")),
                    Table.constant(Unit.class, row.get("unit")),
                    row.get("metric"),
                    row.get("us")
                })
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "amounts")
    public void anAmountHasTheSameWordsEverywhere(double held, Unit unit, String metric, String us) {
        Amount amount = new Amount(held, unit);
        assertEquals(List.of(amount.in(Habit.METRIC), amount.in(Habit.US)), List.of(metric, us));
        assertEquals(amount.plain(), metric);
    }

    /** Names may hold braces; amounts stay amounts, so that they follow the reader's units. */
    @Test
    public void wordsStandAroundAmounts() {
        Text text = Text.of("{} is {} short", "a {} name", new Amount(0.42, Unit.METRE));
        assertEquals(text.words(), List.of("a {} name is ", " short"));
        assertEquals(text.plain(), "a {} name is 0.42 m short");
        expectThrows(IllegalArgumentException.class, () -> Text.of("{} {}", "one"));
        expectThrows(IllegalArgumentException.class, () -> Text.of("{}", "one", "two"));
        expectThrows(IllegalArgumentException.class, () -> new Amount(Double.NaN, Unit.VOLT));
    }
}
