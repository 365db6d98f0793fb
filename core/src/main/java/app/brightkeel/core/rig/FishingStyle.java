package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How someone fishes: what has to be seen follows from it. */
public enum FishingStyle implements Worded {
    UNDECIDED("not said"),
    SEARCH("searching for ground and fish"),
    VERTICAL("straight down from a still craft"),
    CAST_FORWARD("casting ahead"),
    DRIFT("drifting"),
    TROLL("trolling"),
    ICE_JIG("jigging through the ice");

    private final String words;

    FishingStyle(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
