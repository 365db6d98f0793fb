package app.brightkeel.core.reach;

import app.brightkeel.core.quantity.Worded;

/** How a person sits while something is reached. */
public enum Posture implements Worded {
    UPRIGHT("sitting upright"),
    LEANING("leaning ahead"),
    SIDEWAYS("turned to the working hand's side"),
    LANDING("with a fish at the side");

    private final String words;

    Posture(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
