package app.brightkeel.core.advice;

import app.brightkeel.core.quantity.Worded;

/** For what a pair of rigs is named, the most asked for first. */
public enum PairTitle implements Worded {
    ENOUGH("enough on both"),
    CHEAPEST("cheapest that holds on both"),
    LIGHTEST("lightest on both"),
    SEES_MOST("sees most on both"),
    UNDRILLED("nothing drilled on either"),
    APART("each with its own");

    private final String words;

    PairTitle(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
