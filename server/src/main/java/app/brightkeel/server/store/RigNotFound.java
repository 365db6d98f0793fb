package app.brightkeel.server.store;

/** No such rig, or it was deleted. */
public final class RigNotFound extends RuntimeException {
    public RigNotFound(String id) {
        super("no rig " + id);
    }
}
