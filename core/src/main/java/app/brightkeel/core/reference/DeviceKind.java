package app.brightkeel.core.reference;

import app.brightkeel.core.quantity.Worded;
import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/** Kinds of gear that draw current, with what each typically draws. */
public enum DeviceKind implements Worded {
    DISPLAY_5_IN("5-in display"),
    DISPLAY_7_IN("7-in display"),
    DISPLAY_9_IN("9-in display"),
    DISPLAY_12_IN("10 to 12-in display"),
    LIVE_MODULE("live module"),
    KEYPAD("keypad"),
    HEADING_SENSOR("heading sensor"),
    BRIDGE("bridge or hub"),
    SMALL_PART("other small part"),
    LIGHT("light"),
    PHONE_CHARGE("phone on charge"),
    PUMP("small pump"),
    MOTOR("electric motor"),
    VOLTMETER("socket voltmeter");

    private static final Map<String, Typical> TYPICAL = read();

    private final String words;

    DeviceKind(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether it has a backlight that a person can dim. */
    public boolean dimmable() {
        return typical().backlightShare() > 0;
    }

    /** Whether it has a screen, into which a transducer can be plugged. */
    public boolean display() {
        return name().startsWith("DISPLAY_");
    }

    /** Whether it is of use only to a display that understands it. */
    public boolean joinsDisplay() {
        return this == LIVE_MODULE || this == KEYPAD || this == HEADING_SENSOR || this == BRIDGE || this == SMALL_PART;
    }

    /** Share of the time it is switched on where nobody said: a bilge pump runs now and then; common practice, no source. */
    public double usualDuty() {
        return this == PUMP ? 0.05 : 1;
    }

    /** What this kind draws, everything on [W]. */
    public Typical typical() {
        Typical typical = TYPICAL.get(Table.written(this));
        if (typical == null) {
            throw new IllegalStateException("no typical draw for " + this);
        }
        return typical;
    }

    /**
     * @param watts          10 % and 90 % points at full brightness [W]
     * @param backlightShare share of the full draw that the backlight takes, 0 to 1
     */
    public record Typical(Chemistry.Range watts, double backlightShare) {}

    private static Map<String, Typical> read() {
        Map<String, Typical> all = new HashMap<>();
        for (CSVRecord row : Table.read(DeviceKind.class, "typical-draw.csv").rows()) {
            Chemistry.Range watts = new Chemistry.Range(Table.number(row, "lowW"), Table.number(row, "highW"));
            all.put(row.get("kind"), new Typical(watts, Table.number(row, "backlightShare")));
        }
        return Map.copyOf(all);
    }
}
