package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What spreads the pull of a fastener behind a wall. */
public enum Backing implements Worded {
    UNDECIDED("not said"),
    NONE("nothing"),
    WASHERS("large washers"),
    PLATE("a backing plate");

    private final String words;

    Backing(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
