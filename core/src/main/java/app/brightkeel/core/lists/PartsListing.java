package app.brightkeel.core.lists;

import app.brightkeel.core.parts.PartsList.Part;
import app.brightkeel.core.quantity.Unit;
import java.util.List;
import java.util.Map;

/** Parts. */
final class PartsListing {

    private static final List<Map.Entry<String, Unit>> SIZES = List.of(
            Map.entry("capacity", Unit.AMPERE_HOUR),
            Map.entry("conductor", Unit.WIRE),
            Map.entry("length", Unit.METRE),
            Map.entry("rating", Unit.RATING),
            Map.entry("current", Unit.AMPERE),
            Map.entry("width", Unit.MILLIMETRE),
            Map.entry("pins", Unit.COUNT),
            Map.entry("mass", Unit.KILOGRAM));

    private PartsListing() {}

    static Listing of(List<Part> parts) {
        Columns<Part> columns = new Columns<Part>()
                .words("id", Part::id)
                .words("part of", Part::of)
                .words("what", Part::what)
                .words("name", Part::name)
                .words("sort", Part::sort);
        SIZES.forEach(size -> columns.number(size.getKey(), size.getValue(), part -> part.in(size.getValue())));
        return columns.words("note", Part::note).of(parts);
    }
}
