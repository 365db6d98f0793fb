package app.brightkeel.server.files;

import app.brightkeel.core.parts.PartsList.Part;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Unit;
import java.util.List;
import java.util.Map;

/** Parts as CSV. */
public final class PartsCsv {

    private static final List<Map.Entry<String, Unit>> SIZES = List.of(
            Map.entry("capacity", Unit.AMPERE_HOUR),
            Map.entry("conductor", Unit.WIRE),
            Map.entry("length", Unit.METRE),
            Map.entry("rating", Unit.RATING),
            Map.entry("current", Unit.AMPERE),
            Map.entry("mass", Unit.KILOGRAM));

    private PartsCsv() {}

    public static String of(List<Part> parts, Habit habit) {
        Csv<Part> csv = new Csv<Part>(habit)
                .words("id", Part::id)
                .words("part of", Part::of)
                .words("what", Part::what)
                .words("name", Part::name)
                .words("sort", Part::sort);
        SIZES.forEach(size -> csv.number(size.getKey(), size.getValue(), part -> part.in(size.getValue())));
        return csv.words("note", Part::note).of(parts);
    }
}
