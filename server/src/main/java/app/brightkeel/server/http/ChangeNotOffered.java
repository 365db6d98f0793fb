package app.brightkeel.server.http;

/** The rig as it stands offers no such change. */
final class ChangeNotOffered extends RuntimeException {
    ChangeNotOffered(String id) {
        super("no change " + id);
    }
}
