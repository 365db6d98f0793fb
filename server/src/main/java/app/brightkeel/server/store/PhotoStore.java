package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Repository;

/** Photos of steps, in the database with everything else: a backup has them, too. */
@Repository
public class PhotoStore {

    /** Of one rig: what more is, belongs in an album. */
    public static final int MOST_OF_A_RIG = 120;

    /** What stands before the id of a trip where a photo is of one, in the place of a step. */
    public static final String OF_A_TRIP = "trip.";

    private final Database database;
    private final Clock clock;

    public PhotoStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** One photo without its bytes; sides in pixels. */
    public record Photo(String id, String step, String kind, int wide, int tall, String takenAt) {}

    /** A photo as it was given. */
    public record Shot(String kind, byte[] bytes) {}

    /** Those of a rig, oldest first. */
    public List<Photo> all(String rig) {
        return database.read(connection -> {
            String sql =
                    "SELECT id, step, kind, wide, tall, taken_at FROM photo WHERE rig_id = ?1 ORDER BY taken_at, id";
            List<Photo> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(new Photo(
                                row.getString(1),
                                row.getString(2),
                                row.getString(3),
                                row.getInt(4),
                                row.getInt(5),
                                row.getString(6)));
                    }
                }
            }
            return all;
        });
    }

    /** One of a rig, if it has it. */
    public Optional<Shot> find(String rig, String id) {
        return database.read(connection -> {
            String sql = "SELECT kind, bytes FROM photo WHERE rig_id = ?1 AND id = ?2";
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                query.setString(2, id);
                try (ResultSet row = query.executeQuery()) {
                    return row.next() ? Optional.of(new Shot(row.getString(1), row.getBytes(2))) : Optional.empty();
                }
            }
        });
    }

    /** @throws Refusal TOO_MANY where the rig has as many as it may */
    public Photo add(String rig, String step, Shot shot, int wide, int tall) {
        return database.inTransaction(connection -> {
            if (count(connection, rig) >= MOST_OF_A_RIG) {
                throw new Refusal(
                        RefusalCode.TOO_MANY,
                        "photo",
                        String.valueOf(MOST_OF_A_RIG + 1),
                        "at most " + MOST_OF_A_RIG + " photos of one rig");
            }
            return insert(
                    connection,
                    rig,
                    new Bundled.Photo(step, shot, wide, tall, clock.instant().toString()));
        });
    }

    Photo insert(Connection connection, String rig, Bundled.Photo given) throws SQLException {
        Photo photo = new Photo(
                UUID.randomUUID().toString(),
                given.step(),
                given.shot().kind(),
                given.wide(),
                given.tall(),
                given.takenAt());
        String sql = """
                INSERT INTO photo (id, rig_id, step, kind, wide, tall, bytes, taken_at)
                VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7, ?8)
                """;
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            insert.setString(1, photo.id());
            insert.setString(2, rig);
            insert.setString(3, photo.step());
            insert.setString(4, photo.kind());
            insert.setInt(5, photo.wide());
            insert.setInt(6, photo.tall());
            insert.setBytes(7, given.shot().bytes());
            insert.setString(8, photo.takenAt());
            insert.executeUpdate();
        }
        return photo;
    }

    private static int count(Connection connection, String rig) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement("SELECT count(*) FROM photo WHERE rig_id = ?1")) {
            query.setString(1, rig);
            try (ResultSet row = query.executeQuery()) {
                row.next();
                return row.getInt(1);
            }
        }
    }

    /** Whether there was one. */
    public boolean delete(String rig, String id) {
        return database.inTransaction(connection -> {
            try (PreparedStatement delete =
                    connection.prepareStatement("DELETE FROM photo WHERE rig_id = ?1 AND id = ?2")) {
                delete.setString(1, rig);
                delete.setString(2, id);
                return delete.executeUpdate() > 0;
            }
        });
    }
}
