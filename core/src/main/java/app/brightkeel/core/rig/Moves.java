package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What moves on the way of a cable. */
public enum Moves implements Worded {
    SEAT("seat", false),
    GUARD("guard of the transducer", false),
    LID("hatch lid", true),
    ARM("arm", true),
    SWIVEL("swivel", true),
    BRACKET("folding bracket", true);

    private final String words;
    private final boolean turns;

    Moves(String words, boolean turns) {
        this.words = words;
        this.turns = turns;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether it turns about a point; else it slides. */
    public boolean turns() {
        return turns;
    }
}
