package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What a passage crosses that moves, or that a person needs clear. */
public enum Zone implements Worded {
    NONE("nothing that moves"),
    PEDALS("the pedals and knees"),
    RUDDER("the rudder or drive lines"),
    PADDLE("the paddle stroke"),
    RODS("the rods in their holders"),
    LANDING("the side where fish are landed");

    private final String words;

    Zone(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
