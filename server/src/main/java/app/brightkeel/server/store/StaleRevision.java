package app.brightkeel.server.store;

/** Someone else moved the head since it was read. */
public final class StaleRevision extends RuntimeException {

    private final long expected;
    private final StoredRig now;

    StaleRevision(long expected, StoredRig now) {
        super("expected revision " + expected + ", the head is " + now.revision());
        this.expected = expected;
        this.now = now;
    }

    public long expected() {
        return expected;
    }

    /** What stands there now. */
    public StoredRig now() {
        return now;
    }
}
