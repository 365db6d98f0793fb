package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Sorts of fasteners, with what each has to bite at least; common practice, no source. */
public enum FastenerKind implements Worded {
    UNDECIDED("not decided", Holds.BY_THREAD, 0),
    WOOD_SCREW("wood screw", Holds.BY_THREAD, 4),
    PLASTIC_SCREW("coarse screw into plastic", Holds.BY_THREAD, 2.5),
    MACHINE_SCREW("machine screw into an insert", Holds.IN_INSERT, 1),
    BOLT("bolt with a nut", Holds.FROM_BEHIND, 1.2),
    RIVET("blind rivet", Holds.FROM_BEHIND, 1.5);

    /** What it holds by. */
    public enum Holds {
        /** Of its own thread, in whatever is there. */
        BY_THREAD,
        /** A thread that ends at a bottom. */
        IN_INSERT,
        /** A nut or a head that forms behind all layers. */
        FROM_BEHIND
    }

    private final String words;
    private final Holds holds;
    private final double widths;

    FastenerKind(String words, Holds holds, double widths) {
        this.words = words;
        this.holds = holds;
        this.widths = widths;
    }

    @Override
    public String words() {
        return words;
    }

    public Holds holds() {
        return holds;
    }

    /** Widths of its own that it has to bite, or to stand out behind, at least. */
    public double leastWidths() {
        return widths;
    }

    /** Whether a hand or a tool has to be behind it. */
    public boolean wantsBack() {
        return this == BOLT;
    }
}
