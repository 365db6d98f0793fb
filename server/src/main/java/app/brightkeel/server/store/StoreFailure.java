package app.brightkeel.server.store;

/** The database could not be read or written: a full disk, a damaged file. */
public final class StoreFailure extends RuntimeException {
    StoreFailure(Throwable cause) {
        super("the store failed", cause);
    }
}
