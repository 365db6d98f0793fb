package app.brightkeel.server.store;

import app.brightkeel.core.build.Fact;
import app.brightkeel.core.build.Tick;
import app.brightkeel.core.build.Workshop;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Refusal;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was done of building a rig: kept by the ids of steps, which are derived from the rig and stand nowhere. */
@Repository
public class BuildStore {

    private static final TypeReference<List<Fact>> FACTS = new TypeReference<>() {};

    private final Database database;
    private final JsonMapper mapper;
    private final Clock clock;

    public BuildStore(Database database, JsonMapper mapper, Clock clock) {
        this.database = database;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A person's own words to a step. */
    public record StepNote(String step, String text) {}

    /** When and where a rig is built, if that was said; what a spoilt row says was not. */
    public Optional<Workshop> workshop(String rig) {
        return database.read(connection -> {
            String sql =
                    "SELECT first_day, zone, celsius, evening_h, saturday_h, sunday_h FROM workshop WHERE rig_id = ?1";
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    return row.next() ? workshop(row) : Optional.empty();
                }
            }
        });
    }

    private static Optional<Workshop> workshop(ResultSet row) throws SQLException {
        try {
            return Optional.of(new Workshop(
                    row.getString(1),
                    row.getString(2),
                    row.getDouble(3),
                    row.getDouble(4),
                    row.getDouble(5),
                    row.getDouble(6)));
        } catch (Refusal spoilt) {
            return Optional.empty();
        }
    }

    /** Says when and where. */
    public void workshop(String rig, Workshop workshop) {
        database.inTransaction(connection -> workshop(connection, rig, workshop));
    }

    static int workshop(Connection connection, String rig, Workshop workshop) throws SQLException {
        String sql = """
                INSERT OR REPLACE INTO workshop
                       (rig_id, first_day, zone, celsius, evening_h, saturday_h, sunday_h)
                VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7)
                """;
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            insert.setString(1, rig);
            insert.setString(2, workshop.firstDay());
            insert.setString(3, workshop.zone());
            insert.setDouble(4, workshop.celsius());
            insert.setDouble(5, workshop.eveningH());
            insert.setDouble(6, workshop.saturdayH());
            insert.setDouble(7, workshop.sundayH());
            return insert.executeUpdate();
        }
    }

    /** Ids of steps as a person put them; empty where nobody did. */
    public List<String> order(String rig) {
        return database.read(connection -> {
            List<String> all = new ArrayList<>();
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT step FROM step_order WHERE rig_id = ?1 ORDER BY position")) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(row.getString(1));
                    }
                }
            }
            return all;
        });
    }

    /** Keeps an order in place of the one there was; none is the proposed one again. */
    public void order(String rig, List<String> steps) {
        database.inTransaction(connection -> {
            delete(connection, "DELETE FROM step_order WHERE rig_id = ?1", rig);
            return order(connection, rig, steps);
        });
    }

    static int order(Connection connection, String rig, List<String> steps) throws SQLException {
        try (PreparedStatement insert =
                connection.prepareStatement("INSERT INTO step_order (rig_id, position, step) VALUES (?1, ?2, ?3)")) {
            for (int i = 0; i < steps.size(); i++) {
                insert.setString(1, rig);
                insert.setInt(2, i);
                insert.setString(3, steps.get(i));
                insert.addBatch();
            }
            return insert.executeBatch().length;
        }
    }

    /** Everything that was ticked, as it stood then, in the order in which it was. */
    public List<Tick> ticks(String rig) {
        return database.read(connection -> {
            String sql = """
                    SELECT step, item, fingerprint, title, facts, ticked_at FROM tick WHERE rig_id = ?1
                    ORDER BY ticked_at, step, item
                    """;
            List<Tick> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(new Tick(
                                row.getString(1),
                                row.getString(2),
                                row.getString(3),
                                mapper.readValue(row.getString(4), Text.class),
                                mapper.readValue(row.getString(5), FACTS),
                                row.getString(6)));
                    }
                }
            }
            return all;
        });
    }

    /** Keeps ticks in place of those of the same steps and items. */
    public void tick(String rig, List<Tick> ticks) {
        database.inTransaction(connection -> tick(connection, rig, ticks));
    }

    int tick(Connection connection, String rig, List<Tick> ticks) throws SQLException {
        String sql = """
                INSERT OR REPLACE INTO tick (rig_id, step, item, fingerprint, title, facts, ticked_at)
                VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7)
                """;
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            for (Tick tick : ticks) {
                insert.setString(1, rig);
                insert.setString(2, tick.step());
                insert.setString(3, tick.item());
                insert.setString(4, tick.fingerprint());
                insert.setString(5, mapper.writeValueAsString(tick.title()));
                insert.setString(6, mapper.writeValueAsString(tick.facts()));
                insert.setString(7, tick.at());
                insert.addBatch();
            }
            return insert.executeBatch().length;
        }
    }

    /** Takes ticks of a step back. */
    public void untick(String rig, String step, List<String> items) {
        database.inTransaction(connection -> {
            String sql = "DELETE FROM tick WHERE rig_id = ?1 AND step = ?2 AND item = ?3";
            try (PreparedStatement delete = connection.prepareStatement(sql)) {
                for (String item : items) {
                    delete.setString(1, rig);
                    delete.setString(2, step);
                    delete.setString(3, item);
                    delete.addBatch();
                }
                return delete.executeBatch().length;
            }
        });
    }

    public List<StepNote> notes(String rig) {
        return database.read(connection -> {
            List<StepNote> all = new ArrayList<>();
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT step, text FROM step_note WHERE rig_id = ?1 ORDER BY step")) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(new StepNote(row.getString(1), row.getString(2)));
                    }
                }
            }
            return all;
        });
    }

    /** Keeps a note; an empty one is none. */
    public void note(String rig, String step, String text) {
        database.inTransaction(connection -> note(connection, rig, step, text));
    }

    int note(Connection connection, String rig, String step, String text) throws SQLException {
        String sql = text.isEmpty()
                ? "DELETE FROM step_note WHERE rig_id = ?1 AND step = ?2"
                : "INSERT OR REPLACE INTO step_note (rig_id, step, text, written_at) VALUES (?1, ?2, ?3, ?4)";
        try (PreparedStatement update = connection.prepareStatement(sql)) {
            update.setString(1, rig);
            update.setString(2, step);
            if (!text.isEmpty()) {
                update.setString(3, text);
                update.setString(4, clock.instant().toString());
            }
            return update.executeUpdate();
        }
    }

    private static void delete(Connection connection, String sql, String rig) throws SQLException {
        try (PreparedStatement delete = connection.prepareStatement(sql)) {
            delete.setString(1, rig);
            delete.executeUpdate();
        }
    }
}
