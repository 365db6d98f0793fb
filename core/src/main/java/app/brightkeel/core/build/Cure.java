package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.refusal.Checks;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What has to be left alone until it holds; its hours stand in {@code cures.csv}. */
public enum Cure implements Worded {
    SILICONE_GEL("silicone gel"),
    MARINE_SEALANT("marine sealant"),
    EPOXY("two-part epoxy"),
    WOOD_GLUE("waterproof wood glue");

    /** Coldest at which any of them is worked with [°C], and the warmest; common practice, no source. */
    public static final double COLDEST_C = 5;

    public static final double WARMEST_C = 35;

    private static final double TABLE_C = 20;
    private static final double DOUBLES_C = 10;

    private record Hours(double handled, double full) {}

    private static final Map<Cure, Hours> ALL = read();

    private final String words;

    Cure(String words) {
        this.words = words;
    }

    private static Map<Cure, Hours> read() {
        Map<Cure, Hours> all = new EnumMap<>(Cure.class);
        Table table = Table.read(Cure.class, "cures.csv");
        List<String> cures = table.words("cure");
        double[] hours = table.column("hours");
        double[] full = table.column("fullHours");
        for (int c = 0; c < cures.size(); c++) {
            all.put(Table.constant(Cure.class, cures.get(c)), new Hours(hours[c], full[c]));
        }
        return all;
    }

    @Override
    public String words() {
        return words;
    }

    private Hours at20() {
        Hours hours = ALL.get(this);
        if (hours == null) {
            throw new IllegalStateException("no row in cures.csv: " + this);
        }
        return hours;
    }

    /**
     * Until it may be handled [h]; warmth above that of the table is not counted on.
     *
     * @param celsius of the place where it cures, {@link #COLDEST_C} to {@link #WARMEST_C}
     */
    public double hours(double celsius) {
        return at20().handled() * factor(celsius);
    }

    /** Until it is as strong as it gets [h], at the same temperatures. */
    public double fullHours(double celsius) {
        return at20().full() * factor(celsius);
    }

    private static double factor(double celsius) {
        Checks.within("celsius", celsius, COLDEST_C, WARMEST_C, "°C");
        return Math.max(1, Math.pow(2, (TABLE_C - celsius) / DOUBLES_C));
    }
}
