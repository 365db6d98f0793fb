package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** A socket of a device towards other devices. */
public enum Port implements Worded {
    BUS("bus"),
    ETHERNET("Ethernet");

    private final String words;

    Port(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
