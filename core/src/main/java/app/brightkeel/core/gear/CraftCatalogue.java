package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Bail;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.HullSection;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Stand;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Zone;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVRecord;

/** Generic crafts: a start, to be measured on the real one. */
final class CraftCatalogue {

    private static final Table SECTIONS = Table.read(Catalogue.class, "sections.csv");
    private static final Table STATIONS = Table.read(Catalogue.class, "stations.csv");
    private static final Table PASSAGES = Table.read(Catalogue.class, "passages.csv");
    private static final Table KEPT = Table.read(Catalogue.class, "kept.csv");
    private static final Table OBSTRUCTIONS = Table.read(Catalogue.class, "obstructions.csv");

    static final List<CraftItem> CRAFTS = Table.read(Catalogue.class, "crafts.csv").rows().stream()
            .map(CraftCatalogue::craft)
            .toList();

    private CraftCatalogue() {}

    private static CraftItem craft(CSVRecord row) {
        String id = row.get("id");
        Craft craft = new Craft(
                Table.constant(CraftKind.class, row.get("kind")),
                id,
                figure(row, "lengthM"),
                figure(row, "beamM"),
                figure(row, "depthM"),
                figure(row, "massKg"),
                figure(row, "seatM"),
                figure(row, "seatHeightM"),
                of(SECTIONS, id, CraftCatalogue::section),
                of(STATIONS, id, CraftCatalogue::station),
                of(PASSAGES, id, CraftCatalogue::passage),
                of(OBSTRUCTIONS, id, CraftCatalogue::obstruction),
                Stand.NONE,
                Bail.NONE,
                false,
                of(KEPT, id, CraftCatalogue::room));
        return new CraftItem(id, row.get("name"), craft);
    }

    private static <T> List<T> of(Table table, String craft, Function<CSVRecord, T> read) {
        return table.rows().stream()
                .filter(row -> row.get("craft").equals(craft))
                .map(read)
                .toList();
    }

    private static HullSection section(CSVRecord row) {
        return new HullSection(
                Table.number(row, "at"),
                Table.number(row, "breadth"),
                Table.number(row, "keel"),
                Table.number(row, "fullness"));
    }

    private static Station station(CSVRecord row) {
        return new Station(
                row.get("id"),
                row.get("name"),
                Table.constant(Spot.class, row.get("spot")),
                figure(row, "fromBowM"),
                figure(row, "sideM"),
                figure(row, "heightM"),
                new Size(figure(row, "deepM"), figure(row, "wideM"), figure(row, "tallM")));
    }

    private static Passage passage(CSVRecord row) {
        return new Passage(
                row.get("id"),
                row.get("name"),
                row.get("from"),
                row.get("to"),
                Table.constant(Way.class, row.get("way")),
                figure(row, "lengthM"),
                figure(row, "openingM"),
                GearTable.yes(row, "belowWaterline"),
                Table.constant(Zone.class, row.get("crosses")));
    }

    private static Obstruction obstruction(CSVRecord row) {
        return new Obstruction(
                row.get("id"),
                row.get("name"),
                Table.constant(ObstructionKind.class, row.get("sort")),
                figure(row, "fromBowM"),
                figure(row, "sideM"),
                figure(row, "belowM"),
                figure(row, "halfWidthM"));
    }

    private static KeptRoom room(CSVRecord row) {
        return new KeptRoom(
                row.get("id"),
                row.get("name"),
                Table.constant(Zone.class, row.get("use")),
                figure(row, "fromBowM"),
                figure(row, "sideM"),
                figure(row, "longM"),
                figure(row, "wideM"),
                Figure.UNSET);
    }

    /** An empty cell is an open figure. */
    private static Figure figure(CSVRecord row, String column) {
        return row.get(column).isEmpty() ? Figure.UNSET : Figure.chosen(Table.number(row, column));
    }
}
