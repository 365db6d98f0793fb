package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a holder carries its display: up where it is worked, folded inboard, or put away. */
public enum Pose implements Worded {
    IN_USE("in use"),
    LOWERED("lowered"),
    STOWED("stowed");

    private final String words;

    Pose(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
