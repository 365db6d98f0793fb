package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.HolderKind;
import app.brightkeel.core.rig.Pose;
import java.util.List;
import org.apache.commons.csv.CSVRecord;

/** Reads holders from their table. */
final class HolderCatalogue {

    /** Holds nothing yet: whoever takes one says which display. */
    private static final String NOTHING = "none";

    static final List<Holder> HOLDERS = Table.read(Catalogue.class, "holders.csv").rows().stream()
            .map(HolderCatalogue::holder)
            .toList();

    private HolderCatalogue() {}

    private static Holder holder(CSVRecord row) {
        return new Holder(
                row.get("id"),
                row.get("name"),
                Table.constant(HolderKind.class, row.get("kind")),
                row.get("id"),
                NOTHING,
                Table.constant(Grip.class, row.get("grip")),
                GearTable.rated(row, "leastWideM"),
                GearTable.rated(row, "mostWideM"),
                row.get("bolts"),
                GearTable.rated(row, "ballM"),
                GearTable.rated(row, "armBallM"),
                GearTable.rated(row, "armM"),
                GearTable.rated(row, "carriesNm"),
                GearTable.yes(row, "drills"),
                GearTable.yes(row, "toolFree"),
                GearTable.constants(Pose.class, row, "poses"),
                "");
    }
}
