package app.brightkeel.server.files.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/**
 * When a log begins and ends.
 *
 * @param fromS since 1970 [s], and {@code toS}
 */
public record TrackSpan(double fromS, double toS) {

    private static final double HOUR_S = 3600;

    /** How long [h]. */
    public double hours() {
        return (toS - fromS) / HOUR_S;
    }

    /** The day on which it began, where a person is. */
    public LocalDate day(ZoneId zone) {
        return LocalDate.ofInstant(Instant.ofEpochSecond((long) fromS), zone);
    }
}
