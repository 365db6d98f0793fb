package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Figure;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;

/** Cells of the catalogue's tables that may be empty. */
final class GearTable {

    private GearTable() {}

    /** A rated figure; open where the cell is empty. */
    static Figure rated(CSVRecord row, String column) {
        return row.get(column).isEmpty() ? Figure.UNSET : Figure.rated(Table.number(row, column));
    }

    /** Shapes of beam, written with a plus between them. */
    static List<BeamShape> shapes(CSVRecord row, String column) {
        return Stream.of(row.get(column).split("\\+"))
                .filter(shape -> !shape.isEmpty())
                .map(shape -> Table.constant(BeamShape.class, shape))
                .toList();
    }
}
