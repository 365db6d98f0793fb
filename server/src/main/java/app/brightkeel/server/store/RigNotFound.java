package app.brightkeel.server.store;

/** No such rig, or it was deleted. */
public final class RigNotFound extends RuntimeException {

    private final boolean deleted;

    public RigNotFound(String id, boolean deleted) {
        super("no rig " + id);
        this.deleted = deleted;
    }

    /** Whether it was there and can be brought back. */
    public boolean deleted() {
        return deleted;
    }
}
