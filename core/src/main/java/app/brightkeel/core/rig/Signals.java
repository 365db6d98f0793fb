package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What runs on a data lead. */
public enum Signals implements Worded {
    UNDECIDED("not said"),
    BUS("the low-rate bus: position, heading, keys"),
    ETHERNET("Ethernet: sonar pictures and charts"),
    OWN("its maker's own link");

    private final String words;

    Signals(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
