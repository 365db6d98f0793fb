package app.brightkeel.server.http;

/** The rig has no such step, photo or sheet. */
final class NoSuchStep extends RuntimeException {

    NoSuchStep(String what) {
        super(what);
    }
}
