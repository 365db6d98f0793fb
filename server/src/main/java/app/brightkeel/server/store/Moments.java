package app.brightkeel.server.store;

import java.time.Instant;
import java.time.format.DateTimeParseException;

/** When something was saved, as the store has it. */
final class Moments {

    private Moments() {}

    /** A spoilt one is long ago: it orders a list and is worth nobody's rig. */
    static Instant read(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException e) {
            return Instant.EPOCH;
        }
    }
}
