package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Whether a hand reaches the back of a wall. */
public enum BackReach implements Worded {
    UNKNOWN("whether a hand reaches behind it is not known"),
    REACHED("a hand reaches behind it"),
    CLOSED("nothing reaches behind it");

    private final String words;

    BackReach(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
