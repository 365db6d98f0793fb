package app.brightkeel.server.store;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;

/**
 * Tells whether a database is still the same: SQLite counts for each connection what others committed
 * ({@code PRAGMA data_version}), so one connection stands by and only ever asks for that.
 */
final class Edition {

    private final DataSource source;
    private @Nullable Connection standingBy;

    /** Numbers of two connections do not compare. */
    private long connections;

    Edition(DataSource source) {
        this.source = source;
    }

    /** @throws StoreFailure where the database does not answer; the next one who asks gets another connection */
    synchronized long now() {
        try {
            if (standingBy == null) {
                connections++;
                standingBy = source.getConnection();
            }
            try (Statement statement = standingBy.createStatement();
                    ResultSet row = statement.executeQuery("PRAGMA data_version")) {
                return connections << 32 | row.getInt(1);
            }
        } catch (SQLException e) {
            letGo();
            throw StoreFailure.of(e);
        }
    }

    private void letGo() {
        try {
            if (standingBy != null) {
                standingBy.close();
            }
        } catch (SQLException e) {
            // what broke may be closed already
        }
        standingBy = null;
    }
}
