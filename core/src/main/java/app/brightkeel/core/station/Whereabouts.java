package app.brightkeel.core.station;

import app.brightkeel.core.quantity.Worded;

/** Where a thing of two stations is when one of them goes out, in the order in which it is listed. */
public enum Whereabouts implements Worded {
    TRAVELS("travels"),
    MISSING("missing there"),
    IN_BOTH("in both, one each"),
    STAYS_HERE("stays here"),
    STAYS_THERE("stays there");

    private final String words;

    Whereabouts(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
