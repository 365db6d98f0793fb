package app.brightkeel.server.store;

import app.brightkeel.core.rig.Rig;
import java.util.Optional;

/** Someone else moved the head since it was read. */
public final class StaleRevision extends RuntimeException {

    private final long expected;
    private final long now;
    private final transient Optional<Rig> base;
    private final transient Optional<Rig> theirs;
    private final transient Optional<Rig> mine;

    StaleRevision(long expected, long now, Optional<Rig> base, Optional<Rig> theirs, Optional<Rig> mine) {
        super("expected revision " + expected + ", the head is " + now);
        this.expected = expected;
        this.now = now;
        this.base = base;
        this.theirs = theirs;
        this.mine = mine;
    }

    public long expected() {
        return expected;
    }

    /** Where the head is now. */
    public long now() {
        return now;
    }

    /** The revision that was edited; empty where the rig never had it, or it cannot be read. */
    public Optional<Rig> base() {
        return base;
    }

    /** What stands there now; empty where it cannot be read. */
    public Optional<Rig> theirs() {
        return theirs;
    }

    /** What was to be saved; empty where the head was only to be moved. */
    public Optional<Rig> mine() {
        return mine;
    }
}
