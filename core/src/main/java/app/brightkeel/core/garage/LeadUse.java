package app.brightkeel.core.garage;

import app.brightkeel.core.quantity.Worded;

/** What a lead of its own is for. */
public enum LeadUse implements Worded {
    SUPPLY("power lead"),
    EXTENSION("extension of a transducer's lead"),
    DATA("data lead");

    private final String words;

    LeadUse(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
