package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a live head is turned on its pole. */
public enum Look implements Worded {
    UNDECIDED("not decided"),
    /** The tall fan stands upright and looks ahead. */
    FORWARD("ahead"),
    /** The tall fan stands upright and looks straight down. */
    DOWN("straight down"),
    /** Laid on its side: the tall fan lies flat and sweeps what is round about. */
    ON_SIDE("laid on its side");

    private final String words;

    Look(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
