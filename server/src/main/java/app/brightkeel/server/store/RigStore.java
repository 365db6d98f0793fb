package app.brightkeel.server.store;

import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigReader;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.boot.sql.init.dependency.DependsOnDatabaseInitialization;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Rigs with their revisions: an edit adds a child of the head, undo and redo move the head, nothing is overwritten. */
@Repository
@DependsOnDatabaseInitialization
public class RigStore {

    private static final String PARENT = "SELECT parent FROM revision WHERE rig_id = ?1 AND number = ?2";
    private static final String NEWEST_CHILD = "SELECT max(number) FROM revision WHERE rig_id = ?1 AND parent = ?2";

    private final DataSource source;
    private final JsonMapper mapper;
    private final RigReader reader;
    private final Clock clock;

    public RigStore(DataSource source, JsonMapper mapper, RigReader reader, Clock clock) {
        this.source = source;
        this.mapper = mapper;
        this.reader = reader;
        this.clock = clock;
    }

    /** All rigs that are not deleted, oldest first. */
    public List<StoredRig> all() {
        return inTransaction(connection -> {
            List<StoredRig> rigs = new ArrayList<>();
            String sql = "SELECT id FROM rig WHERE deleted_at IS NULL ORDER BY rowid";
            try (PreparedStatement query = connection.prepareStatement(sql);
                    ResultSet row = query.executeQuery()) {
                while (row.next()) {
                    rigs.add(find(connection, row.getString(1)).orElseThrow());
                }
            }
            return rigs;
        });
    }

    /** @throws RigNotFound where there is none */
    public StoredRig get(String id) {
        return inTransaction(connection -> find(connection, id)).orElseThrow(() -> new RigNotFound(id));
    }

    /** Keeps a new rig and gives it an id. */
    public StoredRig create(Rig rig) {
        String id = UUID.randomUUID().toString();
        inTransaction(connection -> {
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO rig (id, head) VALUES (?1, 1)")) {
                insert.setString(1, id);
                insert.executeUpdate();
            }
            insert(connection, id, 1, 0, rig);
            return id;
        });
        return get(id);
    }

    /**
     * Adds a revision on top of the one that was edited.
     *
     * @throws StaleRevision where the head is another by now; nothing is changed then
     * @throws RigNotFound   where there is no such rig
     */
    public StoredRig save(String id, long expected, Rig rig) {
        return inTransaction(connection -> {
            StoredRig now = find(connection, id).orElseThrow(() -> new RigNotFound(id));
            if (now.revision() != expected) {
                throw new StaleRevision(expected, now);
            }
            if (now.rig().equals(rig)) {
                return now;
            }
            long number = next(connection, id);
            insert(connection, id, number, expected, rig);
            String sql = "UPDATE rig SET head = ?1 WHERE id = ?2 AND head = ?3";
            try (PreparedStatement update = connection.prepareStatement(sql)) {
                update.setLong(1, number);
                update.setString(2, id);
                update.setLong(3, expected);
                update.executeUpdate();
            }
            return find(connection, id).orElseThrow();
        });
    }

    /** Goes back to the revision that was edited; stays where there is none. */
    public StoredRig undo(String id, long expected) {
        return move(id, expected, PARENT);
    }

    /** Goes forward to the newest edit of this revision; stays where there is none. */
    public StoredRig redo(String id, long expected) {
        return move(id, expected, NEWEST_CHILD);
    }

    private StoredRig move(String id, long expected, String target) {
        return inTransaction(connection -> {
            StoredRig now = find(connection, id).orElseThrow(() -> new RigNotFound(id));
            if (now.revision() != expected) {
                throw new StaleRevision(expected, now);
            }
            String sql =
                    "UPDATE rig SET head = (%1$s) WHERE id = ?1 AND head = ?2 AND (%1$s) IS NOT NULL".formatted(target);
            try (PreparedStatement update = connection.prepareStatement(sql)) {
                update.setString(1, id);
                update.setLong(2, expected);
                update.executeUpdate();
            }
            return find(connection, id).orElseThrow();
        });
    }

    private Optional<StoredRig> find(Connection connection, String id) throws SQLException {
        String sql = """
                SELECT rig.head, revision.parent, revision.document,
                       EXISTS (SELECT 1 FROM revision child WHERE child.rig_id = rig.id AND child.parent = rig.head)
                FROM rig JOIN revision ON revision.rig_id = rig.id AND revision.number = rig.head
                WHERE rig.id = ?1 AND rig.deleted_at IS NULL
                """;
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setString(1, id);
            try (ResultSet row = query.executeQuery()) {
                if (!row.next()) {
                    return Optional.empty();
                }
                long head = row.getLong(1);
                row.getLong(2);
                boolean hasParent = !row.wasNull();
                Rig rig = reader.read(row.getString(3).getBytes(StandardCharsets.UTF_8));
                return Optional.of(new StoredRig(id, head, hasParent, row.getBoolean(4), rig));
            }
        }
    }

    private static long next(Connection connection, String id) throws SQLException {
        String sql = "SELECT max(number) + 1 FROM revision WHERE rig_id = ?1";
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setString(1, id);
            try (ResultSet row = query.executeQuery()) {
                row.next();
                return row.getLong(1);
            }
        }
    }

    /** @param parent 0 for the first revision */
    private void insert(Connection connection, String id, long number, long parent, Rig rig) throws SQLException {
        String sql =
                "INSERT INTO revision (rig_id, number, parent, saved_at, document) VALUES (?1, ?2, nullif(?3, 0), ?4, ?5)";
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            insert.setString(1, id);
            insert.setLong(2, number);
            insert.setLong(3, parent);
            insert.setString(4, clock.instant().toString());
            insert.setString(5, mapper.writeValueAsString(RigDocument.of(rig)));
            insert.executeUpdate();
        }
    }

    private interface Work<T> {
        T with(Connection connection) throws SQLException;
    }

    private <T> T inTransaction(Work<T> work) {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            try {
                T result = work.with(connection);
                connection.commit();
                return result;
            } catch (SQLException | RuntimeException e) {
                connection.rollback();
                throw e;
            }
        } catch (SQLException e) {
            throw new StoreFailure(e);
        }
    }
}
