package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What a hole in a box is for. */
public enum ExitUse implements Worded {
    CABLES("for cables"),
    BOLT("for a bolt or screw"),
    /** An outlet, a socket, a switch, a meter: its body fills the hole. */
    PART("for a part that sits in it");

    private final String words;

    ExitUse(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
