package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a craft comes to the water. */
public enum Transport implements Worded {
    UNDECIDED("not said"),
    ROOF("on a car's roof"),
    TRAILER("on a trailer, as it is"),
    BY_HAND("carried or wheeled by hand"),
    LEFT("it is left at the water");

    private final String words;

    Transport(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
