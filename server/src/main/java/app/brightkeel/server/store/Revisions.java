package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigReader;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The revisions of rigs: only ever added to, so that what was read once stays as it is. */
@Repository
public class Revisions {

    private static final String COLUMNS = "SELECT number, parent, saved_at, name FROM revision ";

    /** Rigs kept as they were read: a tenth of a megabyte each. */
    private static final int KEPT = 400;

    private record Key(String id, long number) {}

    private final Database database;
    private final JsonMapper mapper;
    private final RigReader reader;
    private final Clock clock;
    private final Cache<Key, Rig> read = Caffeine.newBuilder().maximumSize(KEPT).build();

    public Revisions(Database database, JsonMapper mapper, RigReader reader, Clock clock) {
        this.database = database;
        this.mapper = mapper;
        this.reader = reader;
        this.clock = clock;
    }

    /**
     * A page of revisions, newest first.
     *
     * @param before only those with a smaller number
     */
    public List<Revision> page(String id, long before, int most) {
        return database.read(connection -> {
            String sql = COLUMNS + "WHERE rig_id = ?1 AND number < ?2 ORDER BY number DESC LIMIT ?3";
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, id);
                query.setLong(2, before);
                query.setInt(3, most);
                List<Revision> all = new ArrayList<>();
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(revision(row));
                    }
                }
                return all;
            }
        });
    }

    /** The highest number of a rig's revisions; 0 where there is none. */
    public long newest(String id) {
        return database.read(connection -> next(connection, id)) - 1;
    }

    /** One revision of a rig, also of one that was deleted; empty where there is none of this number. */
    public Optional<Revision> get(String id, long number) {
        return database.read(connection -> find(connection, id, number));
    }

    /**
     * What a revision holds, also of a rig that was deleted.
     *
     * @throws UnreadableRig where its document is none that this program can read
     */
    public Rig rig(String id, Revision revision) {
        return read.get(new Key(id, revision.number()), key -> reread(key, revision.name()));
    }

    private Rig reread(Key key, String name) {
        try {
            return reader.read(document(key.id(), key.number()).getBytes(StandardCharsets.UTF_8));
        } catch (Refusal why) {
            throw new UnreadableRig(name, why);
        }
    }

    /** The same; empty where it cannot be read. */
    public Optional<Rig> legible(String id, Revision revision) {
        try {
            return Optional.of(rig(id, revision));
        } catch (UnreadableRig unreadable) {
            return Optional.empty();
        }
    }

    /** The newest ancestor of a revision that can be read; 0 where there is none. */
    public long legibleBefore(String id, long number) {
        long before = get(id, number).map(Revision::parent).orElse(0L);
        while (before > 0) {
            Revision earlier = get(id, before).orElseThrow();
            if (legible(id, earlier).isPresent()) {
                return before;
            }
            // a parent has the smaller number; where a spoilt file says otherwise, nobody walks in circles
            before = earlier.parent() < before ? earlier.parent() : 0;
        }
        return 0;
    }

    /** The document of a revision as it was written, readable or not. */
    public String document(String id, long number) {
        return database.read(connection -> {
            String sql = "SELECT document FROM revision WHERE rig_id = ?1 AND number = ?2";
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, id);
                query.setLong(2, number);
                try (ResultSet row = query.executeQuery()) {
                    if (!row.next()) {
                        throw new IllegalStateException("no revision " + number + " of " + id);
                    }
                    return row.getString(1);
                }
            }
        });
    }

    Optional<Revision> find(Connection connection, String id, long number) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement(COLUMNS + "WHERE rig_id = ?1 AND number = ?2")) {
            query.setString(1, id);
            query.setLong(2, number);
            try (ResultSet row = query.executeQuery()) {
                return row.next() ? Optional.of(revision(row)) : Optional.empty();
            }
        }
    }

    private static Revision revision(ResultSet row) throws SQLException {
        return new Revision(row.getLong(1), row.getLong(2), Moments.read(row.getString(3)), row.getString(4));
    }

    /** @param parent 0 for the first revision */
    void insert(Connection connection, String id, long number, long parent, Rig rig) throws SQLException {
        String sql = """
                INSERT INTO revision (rig_id, number, parent, saved_at, name, document)
                VALUES (?1, ?2, nullif(?3, 0), ?4, ?5, ?6)
                """;
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            insert.setString(1, id);
            insert.setLong(2, number);
            insert.setLong(3, parent);
            insert.setString(4, clock.instant().toString());
            insert.setString(5, rig.name());
            insert.setString(6, mapper.writeValueAsString(RigDocument.of(rig)));
            insert.executeUpdate();
        }
    }

    static long next(Connection connection, String id) throws SQLException {
        String sql = "SELECT max(number) + 1 FROM revision WHERE rig_id = ?1";
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setString(1, id);
            try (ResultSet row = query.executeQuery()) {
                row.next();
                return row.getLong(1);
            }
        }
    }
}
