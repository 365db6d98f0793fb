package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Repository;

/** Photos of gear. */
@Repository
public class ItemPhotos {

    /** Of one piece. */
    public static final int MOST = 12;

    private final Database database;
    private final Clock clock;

    public ItemPhotos(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Ids of all, by piece, oldest first. */
    public Map<String, List<String>> all() {
        return database.read(connection -> {
            Map<String, List<String>> all = new HashMap<>();
            try (PreparedStatement query =
                            connection.prepareStatement("SELECT item_id, id FROM item_photo ORDER BY taken_at, id");
                    ResultSet row = query.executeQuery()) {
                while (row.next()) {
                    all.computeIfAbsent(row.getString(1), item -> new ArrayList<>())
                            .add(row.getString(2));
                }
            }
            return all;
        });
    }

    /** One of a piece, if it has it. */
    public Optional<PhotoStore.Shot> find(String item, String id) {
        return database.read(connection -> {
            String sql = "SELECT kind, bytes FROM item_photo WHERE item_id = ?1 AND id = ?2";
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, item);
                query.setString(2, id);
                try (ResultSet row = query.executeQuery()) {
                    return row.next()
                            ? Optional.of(new PhotoStore.Shot(row.getString(1), row.getBytes(2)))
                            : Optional.empty();
                }
            }
        });
    }

    /**
     * Sides in pixels.
     *
     * @throws Refusal TOO_MANY where the piece has as many as it may
     */
    public void add(String item, PhotoStore.Shot shot, int wide, int tall) {
        database.inTransaction(connection -> {
            refuseTooMany(connection, item);
            String sql = """
                    INSERT INTO item_photo (id, item_id, kind, wide, tall, bytes, taken_at)
                    VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7)
                    """;
            try (PreparedStatement insert = connection.prepareStatement(sql)) {
                insert.setString(1, UUID.randomUUID().toString());
                insert.setString(2, item);
                insert.setString(3, shot.kind());
                insert.setInt(4, wide);
                insert.setInt(5, tall);
                insert.setBytes(6, shot.bytes());
                insert.setString(7, clock.instant().toString());
                return insert.executeUpdate();
            }
        });
    }

    private static void refuseTooMany(Connection connection, String item) throws SQLException {
        try (PreparedStatement query =
                connection.prepareStatement("SELECT count(*) FROM item_photo WHERE item_id = ?1")) {
            query.setString(1, item);
            try (ResultSet row = query.executeQuery()) {
                row.next();
                if (row.getInt(1) >= MOST) {
                    throw new Refusal(
                            RefusalCode.TOO_MANY,
                            "photo",
                            String.valueOf(MOST + 1),
                            "at most " + MOST + " photos of one piece");
                }
            }
        }
    }

    /** Whether there was one. */
    public boolean delete(String item, String id) {
        return database.inTransaction(connection -> {
            try (PreparedStatement delete =
                    connection.prepareStatement("DELETE FROM item_photo WHERE item_id = ?1 AND id = ?2")) {
                delete.setString(1, item);
                delete.setString(2, id);
                return delete.executeUpdate() > 0;
            }
        });
    }
}
