package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What a passage crosses that moves, or that a person needs clear. */
public enum Zone implements Worded {
    NONE("nothing that moves", ""),
    PEDALS("the pedals and knees", "knees"),
    RUDDER("the rudder or drive lines", "lines"),
    PADDLE("the paddle stroke", "paddle"),
    RODS("the rods in their holders", "rods"),
    LANDING("the side where fish are landed", "landing"),
    WELL("a well", "well"),
    DRINK("the drink holder", "drink"),
    SEAT("the seat as it folds", "seat");

    private final String words;
    private final String label;

    Zone(String words, String label) {
        this.words = words;
        this.label = label;
    }

    @Override
    public String words() {
        return words;
    }

    /** One word, for a picture. */
    public String label() {
        return label;
    }
}
