package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Worded;

/** Occasions on which a rig, or a part of it, comes off or goes on again. */
public enum Apart implements Worded {
    STRIP("strip the craft", "everything that leaves the craft, for the roof or the night"),
    SWAP("swap to another craft", "the screens and what feeds them, carried to where they stand next"),
    PACK_DOWN("pack down at the water", "off, dry and padded, in the order in which it goes into the bag"),
    CAR_PARK("put on in the car park", "the same the other way round"),
    CHARGE("charge", "the battery, without unwiring anything");

    private final String words;
    private final String what;

    Apart(String words, String what) {
        this.words = words;
        this.what = what;
    }

    @Override
    public String words() {
        return words;
    }

    /** What it is for. */
    public String what() {
        return what;
    }
}
