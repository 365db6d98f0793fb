package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What a person wants to see of the water. */
public enum WantedView implements Worded {
    DOWN("fish and depth right below"),
    DOWN_PICTURE("a picture of the bottom right below"),
    SIDES("pictures to both sides"),
    AHEAD("fish move ahead, live"),
    BELOW_LIVE("fish move right below, live"),
    TEMPERATURE("the water's true temperature");

    private final String words;

    WantedView(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
