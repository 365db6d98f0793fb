package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What a pack is there for. */
public enum PackRole implements Worded {
    IN_USE("in use"),
    /** Joined in place of those in use, over a lead of its own: never together with them. */
    INSTEAD("an alternative source"),
    /** Carried along, and changed for the one in use when that has ended. */
    SPARE("a spare to change to");

    private final String words;

    PackRole(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
