package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How the craft travels, and who and what shares the rig: it weighs fixed against removable.
 *
 * @param crafts that the gear serves, 1 to 20
 * @param people who use it, 1 to 20
 */
@RecordBuilder
public record Sharing(Transport transport, Figure crafts, Figure people) implements SharingBuilder.With {

    public static final Sharing UNKNOWN = new Sharing(Transport.UNDECIDED, Figure.UNSET, Figure.UNSET);

    /** What counts twice as much, and what counts next to nothing; common practice, no source. */
    private static final double TWICE = 2;

    private static final double LITTLE = 0.2;

    public Sharing {
        Figure.within("crafts", crafts, 1, 20, "crafts");
        Figure.within("people", people, 1, 20, "people");
    }

    /** What coming off counts where the person gave it no weight: 1 where nobody said how the craft travels. */
    public double removal() {
        return switch (transport) {
            case UNDECIDED -> 1;
            case ROOF, BY_HAND, LEFT -> TWICE;
            case TRAILER -> several() ? 1 : LITTLE;
        };
    }

    /** What serving several craft counts where the person gave it no weight: 1 where nobody said how many there are. */
    public double shared() {
        return !crafts.isSet() ? 1 : several() ? TWICE : LITTLE;
    }

    private boolean several() {
        return crafts.isSet() && crafts.value() > 1;
    }

    /** Why coming off counts as it does; no words where nobody said. */
    public String whyRemoval() {
        return switch (transport) {
            case UNDECIDED -> "";
            case ROOF -> "it goes on a car's roof: that counts";
            case BY_HAND -> "it is carried: that counts";
            case LEFT -> "it is left at the water: that counts";
            case TRAILER -> several() ? "" : "you never lift it: that brings little";
        };
    }

    /** Why serving several craft counts as it does; no words where nobody said. */
    public String whyShared() {
        return !crafts.isSet() ? "" : several() ? "it serves several: that counts" : "there is one: that brings little";
    }

    /** Why it counts that nobody can take it; no words where it is never left alone or nobody said. */
    public String whyTheft() {
        return transport == Transport.LEFT ? "it is left at the water: that counts" : "";
    }
}
