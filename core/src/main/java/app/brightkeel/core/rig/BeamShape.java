package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What space a beam fills. */
public enum BeamShape implements Worded {
    /** Round, straight down. */
    CONE("round cone"),
    /** Thin fore and aft, wide athwart, straight down: a picture line by line. */
    LINE("line beam"),
    /** One such fan to each side, from near straight below out to the horizontal. */
    SIDE("side fans"),
    /** A tall fan steered many times a second: a moving picture. */
    LIVE("live fan");

    private final String words;

    BeamShape(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether its picture is built up from lines as the craft moves on. */
    public boolean paintsByMoving() {
        return this == LINE || this == SIDE;
    }
}
