package app.brightkeel.server.files.log;

import app.brightkeel.core.reference.Table;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What the elements of a track's points are called: GPX leaves that to whoever writes it. The table is
 * {@code log/gpx-names.csv}; common practice, no source.
 */
final class GpxNames {

    /** What an element says. */
    enum Says {
        DEPTH,
        WATER,
        /** A temperature that does not say of what: the water's where nothing else is. */
        EITHER,
        AIR
    }

    /**
     * One name.
     *
     * @param unit it is in, where neither an attribute nor its text says another
     */
    record Entry(Says says, LogUnit unit) {}

    /** Between the words of a name. */
    private static final Pattern JOINTS = Pattern.compile("[-_.]");

    private static final Map<String, Entry> TABLE = table();

    private GpxNames() {}

    private static Map<String, Entry> table() {
        return Table.read(GpxNames.class, "/log/gpx-names.csv").rows().stream()
                .collect(Collectors.toMap(row -> row.get("name"), row -> {
                    Says says = Table.constant(Says.class, row.get("says"));
                    return new Entry(
                            says,
                            LogUnit.named(row.get("unit"), says == Says.DEPTH).orElseThrow());
                }));
    }

    /** @param local an element's name without its namespace: {@code waterTemp}, {@code water_temp}, {@code WaterTemp} */
    static Optional<Entry> of(String local) {
        return Optional.ofNullable(
                TABLE.get(JOINTS.matcher(local.toLowerCase(Locale.ROOT)).replaceAll("")));
    }
}
