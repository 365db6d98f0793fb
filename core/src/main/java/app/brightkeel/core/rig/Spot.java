package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What sort of place a station is. */
public enum Spot implements Worded {
    BOW_HATCH("bow hatch", true, false),
    CENTRE_HATCH("centre hatch", true, false),
    AHEAD_OF_PEDALS("ahead of the pedals", false, true),
    COCKPIT_FLOOR("cockpit floor", true, false),
    BESIDE_SEAT("beside the seat", false, true),
    SEAT_BACK("seat back", true, false),
    STERN_WELL("stern well", true, false),
    TRANSOM("transom", false, false),
    STERN_INSERTS("threaded inserts at the stern", false, false),
    CONSOLE_PLATE("plate under the motor console", false, false),
    SCUPPER("scupper", false, false),
    HULL_POCKET("hull pocket", false, false),
    RAIL("rail or gunwale", false, false),
    ON_DECK("on deck", false, false),
    INSIDE_HULL("inside the hull", false, false),
    ICE_HOLE("hole in the ice", false, false),
    INSIDE_BOX("inside the box", true, false),
    ON_ARM("on an arm", false, true);

    private final String words;
    private final boolean takesPack;
    private final boolean takesDisplay;

    Spot(String words, boolean takesPack, boolean takesDisplay) {
        this.words = words;
        this.takesPack = takesPack;
        this.takesDisplay = takesDisplay;
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
}
