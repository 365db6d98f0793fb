package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Worded;

/** How a link stands, worst first, and what a person is told of it. */
public enum Verdict implements Worded {
    FAILS("won't work"),
    UNSET("not said"),
    CLOSE("tight"),
    HOLDS("good");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    /** As in "Battery is tight". */
    @Override
    public String words() {
        return words;
    }
}
