package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What shuts something away, how it is put on and taken off, and whether it lies inside what else is shut there. */
public enum ClosureKind implements Worded {
    COVER("cover", "put on", "take off", true),
    PLATE("plate", "put on", "take off", true),
    LID("lid", "shut", "open", false),
    HATCH("hatch", "shut", "open", false),
    SEAT("seat", "put in", "take out", false),
    STRAP("strap", "tighten", "open", false),
    FOAM("layer of foam", "lay in", "take out", true),
    TRAY("tray", "put in", "lift out", true),
    ZIP("zip", "close", "open", false);

    private final String words;
    private final String on;
    private final String off;
    private final boolean inner;

    ClosureKind(String words, String on, String off, boolean inner) {
        this.words = words;
        this.on = on;
        this.off = off;
        this.inner = inner;
    }

    @Override
    public String words() {
        return words;
    }

    /** What is done with it to shut, as a sentence begins. */
    public String on() {
        return on;
    }

    /** What is done with it to get at what lies under it. */
    public String off() {
        return off;
    }

    /** Whether it lies inside: before the lid of a box or of a hatch at the same place, not after it. */
    public boolean inner() {
        return inner;
    }
}
