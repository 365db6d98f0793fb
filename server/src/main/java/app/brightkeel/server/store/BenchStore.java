package app.brightkeel.server.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Repository;

/** What a meter said at rigs: the last reading of each point. */
@Repository
public class BenchStore {

    private final Database database;
    private final Clock clock;

    public BenchStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * One reading.
     *
     * @param value  in V, A or Ω
     * @param byHand typed, not taken from a meter that is connected
     */
    public record Read(String point, double value, boolean byHand, String readAt) {}

    /** A value of a point that is to be kept. */
    public record Said(String point, double value) {}

    public List<Read> readings(String rig) {
        return database.read(connection -> {
            String sql = "SELECT point, value, by_hand, read_at FROM reading WHERE rig_id = ?1 ORDER BY read_at, point";
            List<Read> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(new Read(row.getString(1), row.getDouble(2), row.getBoolean(3), row.getString(4)));
                    }
                }
            }
            return all;
        });
    }

    /** Keeps readings in place of those of the same points: all of them or none. */
    public void keep(String rig, List<Said> said, boolean byHand) {
        String now = clock.instant().toString();
        List<Read> all = said.stream()
                .map(each -> new Read(each.point(), each.value(), byHand, now))
                .toList();
        database.inTransaction(connection -> keep(connection, rig, all));
    }

    static int keep(Connection connection, String rig, List<Read> all) throws SQLException {
        String sql = """
                INSERT OR REPLACE INTO reading (rig_id, point, value, by_hand, read_at)
                VALUES (?1, ?2, ?3, ?4, ?5)
                """;
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            for (Read each : all) {
                insert.setString(1, rig);
                insert.setString(2, each.point());
                insert.setDouble(3, each.value());
                insert.setBoolean(4, each.byHand());
                insert.setString(5, each.readAt());
                insert.addBatch();
            }
            return insert.executeBatch().length;
        }
    }

    /** Forgets the reading of a point; of all points where none is named. */
    public void forget(String rig, String point) {
        database.inTransaction(connection -> {
            String sql = "DELETE FROM reading WHERE rig_id = ?1 AND (?2 = '' OR point = ?2)";
            try (PreparedStatement delete = connection.prepareStatement(sql)) {
                delete.setString(1, rig);
                delete.setString(2, point);
                return delete.executeUpdate();
            }
        });
    }
}
