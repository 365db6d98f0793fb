package app.brightkeel.core.quantity;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TextTest {

    @DataProvider
    public Object[][] amounts() {
        return new Object[][] {
            {3.1666, Unit.HOUR, "3 h 10"}, {-0.5, Unit.HOUR, "−0 h 30"}, {1.9999, Unit.HOUR, "2 h 00"},
            {0.105, Unit.MILLIMETRE, "105 mm"}, {7.5, Unit.RATING, "7.5 A"}, {3, Unit.RATING, "3 A"},
            {0.0345, Unit.FINE_PERCENT, "3.5 %"}, {12.1558, Unit.VOLT, "12.16 V"}, {0.0178, Unit.OHM, "17.8 mΩ"},
            {1221.12, Unit.AMPERE, "1221 A"}, {99.994, Unit.AMPERE, "99.99 A"}
        };
    }

    @Test(dataProvider = "amounts")
    public void amountsInMetric(double si, Unit unit, String plain) {
        assertEquals(new Amount(si, unit).plain(), plain);
    }

    /** Conversions by the international foot and pound (exact by definition), Fahrenheit, and areas of ASTM B258. */
    @DataProvider
    public Object[][] feet() {
        return new Object[][] {
            {3.2004, Unit.METRE, "10 ft 6 in"}, {0.1016, Unit.METRE, "4 in"}, {0.105, Unit.MILLIMETRE, "4.1 in"},
            {1.36078, Unit.KILOGRAM, "3.0 lb"}, {-40, Unit.CELSIUS, "-40 °F"}, {11, Unit.CELSIUS, "52 °F"},
            {0.3255, Unit.WIRE, "22 AWG"}, {0.75, Unit.WIRE, "18 AWG"}, {13.3, Unit.WIRE, "6 AWG"},
            {0.05, Unit.WIRE, "24 AWG"}, {3.1666, Unit.HOUR, "3 h 10"}, {12.1558, Unit.VOLT, "12.16 V"}
        };
    }

    @Test(dataProvider = "feet")
    public void amountsInFeet(double si, Unit unit, String shown) {
        assertEquals(new Amount(si, unit).in(Habit.US), shown);
    }

    /** Names may hold braces; amounts stay amounts, so that they follow the reader's units. */
    @Test
    public void wordsStandAroundAmounts() {
        Text text = Text.of("{} is {} short", "a {} name", new Amount(0.42, Unit.METRE));
        assertEquals(text.words(), java.util.List.of("a {} name is ", " short"));
        assertEquals(text.plain(), "a {} name is 0.42 m short");
        expectThrows(IllegalArgumentException.class, () -> Text.of("{} {}", "one"));
        expectThrows(IllegalArgumentException.class, () -> Text.of("{}", "one", "two"));
        expectThrows(IllegalArgumentException.class, () -> new Amount(Double.NaN, Unit.VOLT));
    }
}
