package app.brightkeel.server.store;

import app.brightkeel.core.rig.Rig;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Repository;

/** Rigs with their heads: an edit adds a child of the head, undo and redo move the head, nothing is overwritten. */
@Repository
public class RigStore {

    private static final String PARENT = "SELECT parent FROM revision WHERE rig_id = ?1 AND number = ?2";
    private static final String NEWEST_CHILD = "SELECT max(number) FROM revision WHERE rig_id = ?1 AND parent = ?2";
    private static final String ITSELF = "SELECT number FROM revision WHERE rig_id = ?1 AND number = ?2";

    private final Database database;
    private final Revisions revisions;
    private final Clock clock;
    private volatile Shelved shelved = new Shelved(-1, List.of());

    public RigStore(Database database, Revisions revisions, Clock clock) {
        this.database = database;
        this.revisions = revisions;
        this.clock = clock;
    }

    /** A rig and the revision it is at, without its document. */
    public record Head(String id, long revision, Instant savedAt, String name) {}

    /** A rig that was deleted and can be brought back. */
    public record Deleted(String id, String name, Instant deletedAt) {}

    /** Where a head stands, and whether there is a child to go forward to. */
    private record At(Revision head, boolean canRedo) {}

    /** All heads as they stood at an edition. */
    private record Shelved(long edition, List<Head> heads) {}

    /** A number that stays as long as nothing is edited: what is asked for after it stays as well. */
    public long edition() {
        return database.edition();
    }

    /** The heads of all rigs that are not deleted, oldest rig first. */
    public List<Head> heads() {
        Shelved last = shelved;
        long now = edition();
        if (last.edition() != now) {
            last = new Shelved(now, List.copyOf(readHeads()));
            shelved = last;
        }
        return last.heads();
    }

    private List<Head> readHeads() {
        return database.read(connection -> {
            String sql = """
                    SELECT rig.id, rig.head, revision.saved_at, revision.name
                    FROM rig JOIN revision ON revision.rig_id = rig.id AND revision.number = rig.head
                    WHERE rig.deleted_at IS NULL ORDER BY rig.rowid
                    """;
            List<Head> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql);
                    ResultSet row = query.executeQuery()) {
                while (row.next()) {
                    all.add(new Head(
                            row.getString(1), row.getLong(2), Moments.read(row.getString(3)), row.getString(4)));
                }
            }
            return all;
        });
    }

    /**
     * A rig with its head's document.
     *
     * @throws RigNotFound   where there is none
     * @throws UnreadableRig where its head cannot be read
     */
    public StoredRig get(String id) {
        return stored(id, database.read(connection -> require(connection, id)));
    }

    /**
     * The head's revision, readable or not.
     *
     * @throws RigNotFound where there is none
     */
    public Revision head(String id) {
        return database.read(connection -> require(connection, id)).head();
    }

    /** Keeps a new rig and gives it an id. */
    public StoredRig create(Rig rig) {
        return database.inTransaction(connection -> insert(connection, rig));
    }

    /** The same; beside a rig of its name on the shelf it gets a number. */
    public StoredRig createNumbered(Rig rig) {
        return database.inTransaction(connection -> createNumbered(connection, rig));
    }

    StoredRig createNumbered(Connection connection, Rig rig) throws SQLException {
        return insert(connection, rig.withName(FreeName.of(rig.name(), names(connection))));
    }

    private StoredRig insert(Connection connection, Rig rig) throws SQLException {
        String id = UUID.randomUUID().toString();
        try (PreparedStatement insert = connection.prepareStatement("INSERT INTO rig (id, head) VALUES (?1, 1)")) {
            insert.setString(1, id);
            insert.executeUpdate();
        }
        revisions.insert(connection, id, 1, 0, rig);
        return new StoredRig(id, 1, false, false, rig);
    }

    private static Set<String> names(Connection connection) throws SQLException {
        String sql = """
                SELECT revision.name FROM rig JOIN revision ON revision.rig_id = rig.id AND revision.number = rig.head
                WHERE rig.deleted_at IS NULL
                """;
        Set<String> all = new HashSet<>();
        try (PreparedStatement query = connection.prepareStatement(sql);
                ResultSet row = query.executeQuery()) {
            while (row.next()) {
                all.add(row.getString(1));
            }
        }
        return all;
    }

    /**
     * Adds a revision on top of the one that was edited.
     *
     * @throws StaleRevision where the head is another by now; nothing is changed then
     * @throws RigNotFound   where there is no such rig
     */
    public StoredRig save(String id, long expected, Rig rig) {
        return database.inTransaction(connection -> save(connection, id, expected, rig));
    }

    StoredRig save(Connection connection, String id, long expected, Rig rig) throws SQLException {
        At now = require(connection, id);
        if (now.head().number() != expected) {
            throw stale(connection, id, now, expected, Optional.of(rig));
        }
        if (revisions.legible(id, now.head()).equals(Optional.of(rig))) {
            return stored(id, now);
        }
        long number = Revisions.next(connection, id);
        revisions.insert(connection, id, number, expected, rig);
        setHead(connection, id, number);
        return new StoredRig(id, number, true, false, rig);
    }

    /** Goes back to the revision that was edited; stays where there is none. */
    public StoredRig undo(String id, long expected) {
        return move(id, expected, PARENT, expected);
    }

    /** Goes forward to the newest edit of this revision; stays where there is none. */
    public StoredRig redo(String id, long expected) {
        return move(id, expected, NEWEST_CHILD, expected);
    }

    /** Goes to any revision of the rig, whatever branch it is on; stays where there is none of this number. */
    public StoredRig go(String id, long expected, long number) {
        return move(id, expected, ITSELF, number);
    }

    /**
     * @param target finds the new head from a rig's id and a revision's number
     * @throws UnreadableRig where the new head cannot be read; the old one stays
     */
    private StoredRig move(String id, long expected, String target, long from) {
        return database.inTransaction(connection -> {
            At now = require(connection, id);
            if (now.head().number() != expected) {
                throw stale(connection, id, now, expected, Optional.empty());
            }
            long number = find(connection, target, id, from);
            if (number == 0) {
                return stored(id, now);
            }
            setHead(connection, id, number);
            return stored(id, require(connection, id));
        });
    }

    /** The number that a query finds; 0 where it finds none. */
    private static long find(Connection connection, String sql, String id, long from) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setString(1, id);
            query.setLong(2, from);
            try (ResultSet row = query.executeQuery()) {
                return row.next() ? row.getLong(1) : 0;
            }
        }
    }

    private static void setHead(Connection connection, String id, long number) throws SQLException {
        try (PreparedStatement update = connection.prepareStatement("UPDATE rig SET head = ?1 WHERE id = ?2")) {
            update.setLong(1, number);
            update.setString(2, id);
            update.executeUpdate();
        }
    }

    private StaleRevision stale(Connection connection, String id, At now, long expected, Optional<Rig> mine)
            throws SQLException {
        return new StaleRevision(
                expected,
                now.head().number(),
                revisions.find(connection, id, expected).flatMap(base -> revisions.legible(id, base)),
                revisions.legible(id, now.head()),
                mine);
    }

    /**
     * Takes a rig off the shelf; its revisions stay, so that it can be brought back.
     *
     * @throws StaleRevision where the head is another by now
     */
    public void delete(String id, long expected) {
        database.inTransaction(connection -> {
            At now = require(connection, id);
            if (now.head().number() != expected) {
                throw stale(connection, id, now, expected, Optional.empty());
            }
            return mark(connection, id, clock.instant().toString());
        });
    }

    /** Brings a deleted rig back as it was; one that was not deleted stays. */
    public StoredRig restore(String id) {
        return stored(id, database.inTransaction(connection -> {
            mark(connection, id, "");
            return require(connection, id);
        }));
    }

    private static int mark(Connection connection, String id, String deletedAt) throws SQLException {
        try (PreparedStatement update =
                connection.prepareStatement("UPDATE rig SET deleted_at = nullif(?1, '') WHERE id = ?2")) {
            update.setString(1, deletedAt);
            update.setString(2, id);
            return update.executeUpdate();
        }
    }

    /** What was deleted, the last first. */
    public List<Deleted> deleted() {
        return database.read(connection -> {
            String sql = """
                    SELECT rig.id, revision.name, rig.deleted_at
                    FROM rig JOIN revision ON revision.rig_id = rig.id AND revision.number = rig.head
                    WHERE rig.deleted_at IS NOT NULL ORDER BY rig.deleted_at DESC
                    """;
            List<Deleted> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql);
                    ResultSet row = query.executeQuery()) {
                while (row.next()) {
                    all.add(new Deleted(row.getString(1), row.getString(2), Moments.read(row.getString(3))));
                }
            }
            return all;
        });
    }

    private StoredRig stored(String id, At at) {
        Revision head = at.head();
        return new StoredRig(id, head.number(), head.parent() > 0, at.canRedo(), revisions.rig(id, head));
    }

    private At require(Connection connection, String id) throws SQLException {
        String sql = """
                SELECT head, deleted_at IS NOT NULL,
                       EXISTS (SELECT 1 FROM revision child WHERE child.rig_id = rig.id AND child.parent = rig.head)
                FROM rig WHERE id = ?1
                """;
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setString(1, id);
            try (ResultSet row = query.executeQuery()) {
                boolean there = row.next();
                if (!there || row.getBoolean(2)) {
                    throw new RigNotFound(id, there);
                }
                Revision head = revisions.find(connection, id, row.getLong(1)).orElseThrow();
                return new At(head, row.getBoolean(3));
            }
        }
    }
}
