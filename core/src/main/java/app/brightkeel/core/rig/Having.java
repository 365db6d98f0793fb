package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Whether a thing is there already. */
public enum Having implements Worded {
    UNDECIDED("not said"),
    OWNED("on hand"),
    COMES_WITH("comes with another part"),
    BUY("to buy");

    private final String words;

    Having(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether it need not be bought: it is on hand, or comes with what is. */
    public boolean there() {
        return this == OWNED || this == COMES_WITH;
    }
}
