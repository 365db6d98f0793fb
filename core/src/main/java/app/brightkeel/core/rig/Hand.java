package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** The hand a person works with. */
public enum Hand implements Worded {
    UNDECIDED("not said", 0),
    LEFT("left", -1),
    RIGHT("right", 1);

    private final String words;
    private final int side;

    Hand(String words, int side) {
        this.words = words;
        this.side = side;
    }

    @Override
    public String words() {
        return words;
    }

    /** 1 right of the centre line, −1 left of it, 0 where nothing is said. */
    public int side() {
        return side;
    }
}
