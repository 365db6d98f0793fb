package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What stands in the way under a hull. */
public enum ObstructionKind implements Worded {
    DRIVE("drive"),
    RUDDER("rudder"),
    SKEG("skeg"),
    OTHER("something else");

    private final String words;

    ObstructionKind(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
