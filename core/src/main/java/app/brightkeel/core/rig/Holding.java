package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a battery is held at its place. */
public enum Holding implements Worded {
    UNDECIDED("not said", false),
    SLOT("in a slot", true),
    POST_BRACKET("in a bracket on a post", true),
    SHELF("on a shelf with reclosable sheets", false),
    STRAP("under a strap", false),
    POUCH("in a hung pouch", true),
    BAG("in a bag", true),
    BARE("bare in the hull", false),
    NEST("in a nest cut for it", true);

    private final String words;
    private final boolean walls;

    Holding(String words, boolean walls) {
        this.words = words;
        this.walls = walls;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether walls keep it from turning. */
    public boolean walls() {
        return walls;
    }
}
