package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a passage leads from one station to the next; in the order in which practitioners prefer to open a hull. */
public enum Way implements Worded {
    OPEN_DECK("over the deck", false, false),
    INSIDE("inside the hull", false, false),
    FITTING("through an existing fitting", true, false),
    HATCH_INDENT("through an indent in a hatch lip", true, false),
    HATCH_LIP("over a hatch lip", true, false),
    SCUPPER("through a scupper", true, false),
    TUBE_WALL("through the wall of a rod-holder tube", true, true),
    HATCH_COVER("through a hatch cover", true, true),
    NEW_HOLE("through a new hole in the hull", true, true);

    private final String words;
    private final boolean opening;
    private final boolean drills;

    Way(String words, boolean opening, boolean drills) {
        this.words = words;
        this.opening = opening;
        this.drills = drills;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether it leads over a lip under a lid, which keeps water out by gravity alone. */
    public boolean underLid() {
        return this == HATCH_INDENT || this == HATCH_LIP;
    }

    /** Whether a plug has to pass an opening of some size there. */
    public boolean opening() {
        return opening;
    }

    /** Whether using it means drilling. */
    public boolean drills() {
        return drills;
    }
}
