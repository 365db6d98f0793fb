package app.brightkeel.core.reading;

/**
 * Something wrong at one place.
 *
 * @param subject id of the place, device, battery or wire
 * @param size    see {@link FaultKind}
 */
public record Fault(FaultKind kind, String subject, double size) {

    /** The same fault whatever its size. */
    String cause() {
        return kind.name() + " " + subject;
    }
}
