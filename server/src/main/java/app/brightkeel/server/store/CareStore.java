package app.brightkeel.server.store;

import app.brightkeel.core.care.CareDone;
import app.brightkeel.core.rig.Figure;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Work that was done to rigs. */
@Repository
public class CareStore {

    private final Database database;
    private final Clock clock;

    public CareStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Of a rig, in the order of the days. */
    public List<CareDone> done(String rig) {
        return database.read(connection -> {
            String sql = "SELECT task, day, rest_v FROM care WHERE rig_id = ?1 ORDER BY day, task";
            List<CareDone> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        Figure restV = Reals.read(row, 3, Figure.Basis.MEASURED);
                        all.add(new CareDone(row.getString(1), row.getString(2), restV));
                    }
                }
            }
            return all;
        });
    }

    /** When a rig was first written down. */
    public Instant since(String rig) {
        return database.read(connection -> {
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT min(saved_at) FROM revision WHERE rig_id = ?1")) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    row.next();
                    return Instant.parse(row.getString(1));
                }
            }
        });
    }

    /** Keeps one; whether that work was not written down for that day already, in which case nothing is changed. */
    public boolean keep(String rig, CareDone done) {
        return database.inTransaction(connection -> keep(connection, rig, done));
    }

    boolean keep(Connection connection, String rig, CareDone done) throws SQLException {
        String sql = """
                INSERT INTO care (rig_id, task, day, rest_v, written_at) VALUES (?1, ?2, ?3, ?4, ?5)
                ON CONFLICT DO NOTHING
                """;
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            insert.setString(1, rig);
            insert.setString(2, done.task());
            insert.setString(3, done.day());
            Reals.set(insert, 4, done.restV());
            insert.setString(5, clock.instant().toString());
            return insert.executeUpdate() > 0;
        }
    }

    /** Whether there was one. */
    public boolean forget(String rig, String task, String day) {
        return database.inTransaction(connection -> {
            try (PreparedStatement delete =
                    connection.prepareStatement("DELETE FROM care WHERE rig_id = ?1 AND task = ?2 AND day = ?3")) {
                delete.setString(1, rig);
                delete.setString(2, task);
                delete.setString(3, day);
                return delete.executeUpdate() > 0;
            }
        });
    }
}
