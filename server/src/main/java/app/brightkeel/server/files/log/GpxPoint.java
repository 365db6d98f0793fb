package app.brightkeel.server.files.log;

import app.brightkeel.server.files.log.GpxNames.Says;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One point of a track while it is read: its time and what it says of depth and temperature. */
final class GpxPoint {

    /** What one point says of depths and temperatures; more is no point of a track. */
    private static final int MOST = 16;

    private record Reading(Says what, String name, double si) {}

    private double atS = Double.NaN;
    private final List<Reading> all = new ArrayList<>();

    /**
     * One element.
     *
     * @param unit as an attribute says it; empty where none does
     */
    void element(String name, String unit, String text) {
        if (name.equalsIgnoreCase("time")) {
            atS = time(text);
            return;
        }
        if (all.size() == MOST) {
            return;
        }
        GpxNames.of(name).ifPresent(entry -> {
            boolean length = entry.says() == Says.DEPTH;
            Optional<LogUnit> usual = unit.isEmpty() ? Optional.of(entry.unit()) : LogUnit.named(unit, length);
            usual.flatMap(in -> LogNumber.of(text).flatMap(number -> number.si(in, length)))
                    .ifPresent(si -> all.add(new Reading(entry.says(), name, si)));
        });
    }

    /** [s] since 1970; NaN where it has none. */
    double atS() {
        return atS;
    }

    boolean air() {
        return all.stream().anyMatch(said -> said.what() == Says.AIR);
    }

    void into(Sources sources, double seconds) {
        for (Reading said : all) {
            switch (said.what()) {
                case DEPTH -> sources.depth(said.name(), seconds, said.si(), true);
                case WATER -> sources.water(said.name(), said.si());
                case EITHER -> sources.either(said.name(), said.si());
                case AIR -> {}
            }
        }
    }

    /** GPX times are of UTC, whether they say so or not. */
    private static double time(String text) {
        try {
            return OffsetDateTime.parse(text).toInstant().toEpochMilli() / 1000.0;
        } catch (DateTimeException e) {
            return local(text);
        }
    }

    private static double local(String text) {
        try {
            return LocalDateTime.parse(text).toInstant(ZoneOffset.UTC).toEpochMilli() / 1000.0;
        } catch (DateTimeException e) {
            return Double.NaN;
        }
    }
}
