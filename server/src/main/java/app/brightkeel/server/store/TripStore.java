package app.brightkeel.server.store;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.core.trip.Trouble;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Trips of rigs. */
@Repository
public class TripStore {

    private static final TypeReference<List<Leg>> LEGS = new TypeReference<>() {};
    private static final TypeReference<List<Trouble>> TROUBLES = new TypeReference<>() {};

    private static final String COLUMNS =
            "id, day, legs, pack_c, charged, before_v, after_v, counted_ah, ran_out, troubles, note";

    private final Database database;
    private final JsonMapper mapper;
    private final Clock clock;

    public TripStore(Database database, JsonMapper mapper, Clock clock) {
        this.database = database;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Those of a rig, the last day first, at most so many after the first few. */
    public List<Trip> trips(String rig, int from, int most) {
        return database.read(connection -> {
            String sql = "SELECT " + COLUMNS
                    + " FROM trip WHERE rig_id = ?1 ORDER BY day DESC, written_at DESC LIMIT ?2 OFFSET ?3";
            List<Trip> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                query.setInt(2, most);
                query.setInt(3, from);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(trip(row));
                    }
                }
            }
            return all;
        });
    }

    /** How many a rig has. */
    public int count(String rig) {
        return number("SELECT count(*) FROM trip WHERE rig_id = ?1", rig, "");
    }

    /** Differs as soon as any trip of a rig does. */
    public String stamp(String rig) {
        return database.read(connection -> {
            String sql = "SELECT count(*), coalesce(max(written_at), '') FROM trip WHERE rig_id = ?1";
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    row.next();
                    return row.getInt(1) + " " + row.getString(2);
                }
            }
        });
    }

    /** Revision of the rig when its log began; 0 where it has none. */
    public long firstRevision(String rig) {
        return number("SELECT coalesce(min(revision), 0) FROM trip WHERE rig_id = ?1", rig, "");
    }

    /** Hours that a rig was out on a day, by all of its trips but one. */
    public double hoursOn(String rig, String day, String but) {
        return database.read(connection -> {
            String sql = "SELECT legs FROM trip WHERE rig_id = ?1 AND day = ?2 AND id <> ?3";
            double hours = 0;
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                query.setString(2, day);
                query.setString(3, but);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        hours += mapper.readValue(row.getString(1), LEGS).stream()
                                .mapToDouble(Leg::hours)
                                .sum();
                    }
                }
            }
            return hours;
        });
    }

    private int number(String sql, String rig, String trip) {
        return database.read(connection -> {
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                if (!trip.isEmpty()) {
                    query.setString(2, trip);
                }
                try (ResultSet row = query.executeQuery()) {
                    row.next();
                    return row.getInt(1);
                }
            }
        });
    }

    /** Whether a rig has a trip. */
    public boolean has(String rig, String trip) {
        return number("SELECT count(*) FROM trip WHERE rig_id = ?1 AND id = ?2", rig, trip) > 0;
    }

    private Trip trip(ResultSet row) throws SQLException {
        return new Trip(
                row.getString(1),
                row.getString(2),
                mapper.readValue(row.getString(3), LEGS),
                row.getDouble(4),
                row.getBoolean(5),
                Reals.read(row, 6, Figure.Basis.MEASURED),
                Reals.read(row, 7, Figure.Basis.MEASURED),
                Reals.read(row, 8, Figure.Basis.MEASURED),
                row.getBoolean(9),
                mapper.readValue(row.getString(10), TROUBLES),
                row.getString(11));
    }

    /** Keeps a trip, in place of the one of its id. */
    public void keep(String rig, long revision, Trip trip) {
        database.inTransaction(connection -> keep(connection, rig, revision, List.of(trip)));
    }

    /** Keeps many: all of them or none. */
    public void keepAll(String rig, long revision, List<Trip> all) {
        database.inTransaction(connection -> keep(connection, rig, revision, all));
    }

    int keep(Connection connection, String rig, long revision, List<Trip> all) throws SQLException {
        String sql = """
                INSERT OR REPLACE INTO trip
                       (id, day, legs, pack_c, charged, before_v, after_v, counted_ah, ran_out, troubles, note,
                        rig_id, revision, written_at)
                VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7, ?8, ?9, ?10, ?11, ?12, ?13, ?14)
                """;
        String now = clock.instant().toString();
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            for (Trip trip : all) {
                insert.setString(1, trip.id());
                insert.setString(2, trip.day());
                insert.setString(3, mapper.writeValueAsString(trip.legs()));
                insert.setDouble(4, trip.packC());
                insert.setBoolean(5, trip.charged());
                Reals.set(insert, 6, trip.beforeV());
                Reals.set(insert, 7, trip.afterV());
                Reals.set(insert, 8, trip.countedAh());
                insert.setBoolean(9, trip.ranOut());
                insert.setString(10, mapper.writeValueAsString(trip.troubles()));
                insert.setString(11, trip.note());
                insert.setString(12, rig);
                insert.setLong(13, revision);
                insert.setString(14, now);
                insert.addBatch();
            }
            return insert.executeBatch().length;
        }
    }

    /** Whether there was one; its photos go with it. */
    public boolean delete(String rig, String trip) {
        return database.inTransaction(connection -> {
            delete(connection, "DELETE FROM photo WHERE rig_id = ?1 AND step = ?2", rig, PhotoStore.OF_A_TRIP + trip);
            return delete(connection, "DELETE FROM trip WHERE rig_id = ?1 AND id = ?2", rig, trip) > 0;
        });
    }

    private static int delete(Connection connection, String sql, String rig, String what) throws SQLException {
        try (PreparedStatement delete = connection.prepareStatement(sql)) {
            delete.setString(1, rig);
            delete.setString(2, what);
            return delete.executeUpdate();
        }
    }
}
