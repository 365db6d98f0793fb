package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Which of three measures of a room something takes from. */
public enum Inward implements Worded {
    DEEP("fore and aft"),
    WIDE("athwart"),
    TALL("upright");

    private final String words;

    Inward(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
