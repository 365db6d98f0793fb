package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Size;
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

    /** Constants, written with a plus between them. */
    static <E extends Enum<E>> List<E> constants(Class<E> type, CSVRecord row, String column) {
        return Stream.of(row.get(column).split("\\+"))
                .filter(each -> !each.isEmpty())
                .map(each -> Table.constant(type, each))
                .toList();
    }

    static boolean yes(CSVRecord row, String column) {
        return row.get(column).equals("yes");
    }

    /** A rated size, its columns being named as in the rig. */
    static Size size(CSVRecord row) {
        return new Size(rated(row, "deepM"), rated(row, "wideM"), rated(row, "tallM"));
    }
}
