package app.brightkeel.server.files;

import app.brightkeel.core.parts.PartsList.Part;
import app.brightkeel.core.quantity.Habit;
import java.util.List;

/** Parts as CSV. */
public final class PartsCsv {

    private static final List<String> NAMES = List.of("part", "what", "name", "size", "note");

    private PartsCsv() {}

    public static String of(List<Part> parts, Habit habit) {
        return Csv.of(
                NAMES,
                parts,
                part -> List.of(part.id(), part.what(), part.name(), part.size().in(habit), part.note()));
    }
}
