package app.brightkeel.server.http;

/** There is no such list, or nothing in the rig that it would be of. */
final class NoSuchList extends RuntimeException {
    NoSuchList(String list) {
        super("no list " + list);
    }
}
