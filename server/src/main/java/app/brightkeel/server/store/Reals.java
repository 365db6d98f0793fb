package app.brightkeel.server.store;

import app.brightkeel.core.rig.Figure;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;

/** Figures in columns of numbers that may be open; where a number came from is the column's to know. */
final class Reals {

    private Reals() {}

    static Figure read(ResultSet row, int column, Figure.Basis basis) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? Figure.UNSET : new Figure.Given(value, basis);
    }

    static void set(PreparedStatement statement, int column, Figure figure) throws SQLException {
        if (figure.isSet()) {
            statement.setDouble(column, figure.value());
        } else {
            statement.setNull(column, Types.REAL);
        }
    }
}
