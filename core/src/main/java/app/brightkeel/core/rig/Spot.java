package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What sort of place a station is. */
public enum Spot implements Worded {
    BOW_HATCH("bow hatch", true, false, true),
    CENTRE_HATCH("centre hatch", true, false, true),
    AHEAD_OF_PEDALS("ahead of the pedals", false, true, false),
    COCKPIT_FLOOR("cockpit floor", true, false, false),
    BESIDE_SEAT("beside the seat", false, true, false),
    SEAT_BACK("seat back", true, false, false),
    STERN_WELL("stern well", true, false, false),
    TRANSOM("transom", false, false, false),
    STERN_INSERTS("threaded inserts at the stern", false, false, false),
    CONSOLE_PLATE("plate under the motor console", false, false, false),
    SCUPPER("scupper", false, false, false),
    HULL_POCKET("hull pocket", false, false, false),
    RAIL("rail or gunwale", false, false, false),
    ON_DECK("on deck", false, false, false),
    INSIDE_HULL("inside the hull", false, false, true),
    ICE_HOLE("hole in the ice", false, false, false),
    INSIDE_BOX("inside the box", true, false, true),
    ON_ARM("on an arm", false, true, false);

    private final String words;
    private final boolean takesPack;
    private final boolean takesDisplay;
    private final boolean dry;

    Spot(String words, boolean takesPack, boolean takesDisplay, boolean dry) {
        this.words = words;
        this.takesPack = takesPack;
        this.takesDisplay = takesDisplay;
        this.dry = dry;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether a battery is usually put there. */
    public boolean takesPack() {
        return takesPack;
    }

    /** Whether a display is usually put there. */
    public boolean takesDisplay() {
        return takesDisplay;
    }

    /** Whether what lies there usually stays dry. */
    public boolean dry() {
        return dry;
    }
}
