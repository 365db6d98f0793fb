package app.brightkeel.server.store;

import app.brightkeel.core.rig.Rig;
import java.util.Optional;

/** Someone else moved the head since it was read. */
public final class StaleRevision extends RuntimeException {

    private final long expected;
    private final StoredRig now;
    private final transient Optional<Rig> base;
    private final transient Optional<Rig> mine;

    StaleRevision(long expected, StoredRig now, Optional<Rig> base, Optional<Rig> mine) {
        super("expected revision " + expected + ", the head is " + now.revision());
        this.expected = expected;
        this.now = now;
        this.base = base;
        this.mine = mine;
    }

    public long expected() {
        return expected;
    }

    /** What stands there now. */
    public StoredRig now() {
        return now;
    }

    /** The revision that was edited; empty where the rig never had it. */
    public Optional<Rig> base() {
        return base;
    }

    /** What was to be saved; empty where the head was only to be moved. */
    public Optional<Rig> mine() {
        return mine;
    }
}
