package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;

/** What is read, in the order in which it is read: first what can do no harm. */
public enum ReadingKind implements Worded {
    INSULATION("insulation", Unit.MEGOHM),
    UNUSED("insulation of an unused conductor", Unit.MEGOHM),
    REST("battery at rest", Unit.VOLT),
    DRAIN("drain with all off", Unit.MILLIAMPERE),
    DEAD("dead when switched off", Unit.VOLT),
    POLARITY("plus and minus", Unit.VOLT),
    ON_VOLTS("volts, alone on", Unit.VOLT),
    ON_AMPS("current, alone on", Unit.AMPERE),
    DIM_AMPS("current, alone on, darkest", Unit.AMPERE),
    ALL_VOLTS("volts, everything on", Unit.VOLT),
    PACK_VOLTS("battery, everything on", Unit.VOLT),
    ALL_AMPS("current, everything on", Unit.AMPERE),
    DROP("drop, everything on", Unit.MILLIVOLT),
    START("lowest as it starts", Unit.VOLT);

    private final String words;
    private final Unit unit;

    ReadingKind(String words, Unit unit) {
        this.words = words;
        this.unit = unit;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether it is of insulation: reckoned in powers of ten, and better the more it is. */
    public boolean ohms() {
        return unit == Unit.MEGOHM;
    }

    /** In which it is shown; kept in V, A and Ω. */
    public Unit unit() {
        return unit;
    }

    /** As ids and files name it: never renamed. */
    public String of(String subject) {
        return Table.written(this) + "." + subject;
    }

    /** Least that a reading of it may be, and {@code most}: beyond it is a slip, or another unit [V, A, Ω]. */
    public double least() {
        return switch (unit) {
            case VOLT, MILLIVOLT -> -80;
            case MEGOHM -> 0;
            default -> -60;
        };
    }

    /** Most that a reading of it may be. */
    public double most() {
        return switch (unit) {
            case VOLT, MILLIVOLT -> 80;
            case MEGOHM -> 1e10;
            default -> 60;
        };
    }
}
