package app.brightkeel.core.symptom;

import app.brightkeel.core.quantity.Worded;

/** In which order things are mended: what costs nothing first, a new battery never before the feed. */
public enum Tier implements Worded {
    CLEAN("clean"),
    SET("set"),
    MOUNT("mount"),
    CHARGE("charge"),
    FEED("feed"),
    BATTERY("battery"),
    GEAR("gear");

    private final String words;

    Tier(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
