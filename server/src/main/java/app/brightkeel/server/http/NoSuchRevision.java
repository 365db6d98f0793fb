package app.brightkeel.server.http;

/** The rig never had a revision of this number. */
final class NoSuchRevision extends RuntimeException {
    NoSuchRevision(long number) {
        super("no revision " + number);
    }
}
