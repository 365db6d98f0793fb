package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What displays of one rig share with each other. */
public enum Shared implements Worded {
    READINGS("depth, position and heading"),
    CHARTS("charts and waypoints"),
    SONAR("sonar pictures");

    private final String words;

    Shared(String words) {
        this.words = words;
    }

    /** Whether it is too much for the low-rate bus. */
    public boolean wantsEthernet() {
        return this != READINGS;
    }

    @Override
    public String words() {
        return words;
    }
}
