package app.brightkeel.server.http;

/** So much is under way that this has to be asked again in a moment. */
final class ComeAgain extends RuntimeException {
    ComeAgain(String words) {
        super(words);
    }
}
