package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;

/** What stands in the store for a rig is none that this program can read: spoilt, or of a later version. */
public final class UnreadableRig extends RuntimeException {

    private final String name;
    private final transient Refusal why;

    UnreadableRig(String name, Refusal why) {
        super("unreadable: " + name, why);
        this.name = name;
        this.why = why;
    }

    /** What it was called when it was saved; "" where even that is not known. */
    public String name() {
        return name;
    }

    public Refusal why() {
        return why;
    }
}
