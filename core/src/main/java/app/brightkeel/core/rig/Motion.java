package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How the craft moves while someone fishes. */
public enum Motion implements Worded {
    UNDECIDED("not decided"),
    STILL("standing still"),
    DRIFTING("drifting"),
    PADDLING("paddling or pedalling"),
    TROLLING("trolling");

    private final String words;

    Motion(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
