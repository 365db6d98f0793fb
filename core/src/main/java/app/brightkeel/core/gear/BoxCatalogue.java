package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Figure;
import java.util.List;
import org.apache.commons.csv.CSVRecord;

/** Reads boxes and bags from their table. */
final class BoxCatalogue {

    /** Stands nowhere yet: whoever takes one says where. */
    private static final String NOWHERE = "none";

    static final List<Enclosure> BOXES = Table.read(Catalogue.class, "boxes.csv").rows().stream()
            .map(BoxCatalogue::box)
            .toList();

    private BoxCatalogue() {}

    private static Enclosure box(CSVRecord row) {
        return new Enclosure(
                row.get("id"),
                row.get("name"),
                Table.constant(EnclosureKind.class, row.get("kind")),
                NOWHERE,
                GearTable.size(row),
                GearTable.rated(row, "massKg"),
                GearTable.rated(row, "wallM"),
                Figure.UNSET,
                Figure.UNSET,
                List.of(),
                List.of(),
                List.of(),
                GearTable.yes(row, "tight"),
                GearTable.yes(row, "vented"),
                false,
                "");
    }
}
