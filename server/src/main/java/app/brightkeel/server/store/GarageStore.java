package app.brightkeel.server.store;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.files.old.Migration;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Gear that a person owns. */
@Repository
public class GarageStore {

    private final Database database;
    private final RigStore rigs;
    private final JsonMapper mapper;
    private final Clock clock;
    private volatile Known known = new Known(-1, "", List.of());

    public GarageStore(Database database, RigStore rigs, JsonMapper mapper, Clock clock) {
        this.database = database;
        this.rigs = rigs;
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * All of it as it stood.
     *
     * @param edition of the database at which it was looked at last
     * @param stamp   of the garage
     */
    private record Known(long edition, String stamp, List<Item> items) {}

    /** In the order of its kinds, within them by name. */
    public List<Item> items() {
        return known().items();
    }

    /** Differs as soon as any piece does. */
    public String stamp() {
        return known().stamp();
    }

    /** Most edits are of rigs: what was read stays until a piece is another. */
    private Known known() {
        Known last = known;
        long now = database.edition();
        if (last.edition() != now) {
            last = database.read(connection -> known(connection, now));
            known = last;
        }
        return last;
    }

    private Known known(Connection connection, long edition) throws SQLException {
        Known last = known;
        String stamp = stamp(connection);
        return new Known(edition, stamp, stamp.equals(last.stamp()) ? last.items() : read(connection));
    }

    private static String stamp(Connection connection) throws SQLException {
        String sql = "SELECT count(*), coalesce(max(written_at), '') FROM item";
        try (PreparedStatement query = connection.prepareStatement(sql);
                ResultSet row = query.executeQuery()) {
            row.next();
            return row.getInt(1) + " " + row.getString(2);
        }
    }

    private List<Item> read(Connection connection) throws SQLException {
        String sql = """
                SELECT id, name, version, thing, place, bought, paid, worth, note FROM item
                ORDER BY name COLLATE NOCASE, id
                """;
        List<Item> all = new ArrayList<>();
        try (PreparedStatement query = connection.prepareStatement(sql);
                ResultSet row = query.executeQuery()) {
            while (row.next()) {
                all.add(item(row));
            }
        }
        all.sort(Comparator.comparing(Item::kind));
        return List.copyOf(all);
    }

    private Item item(ResultSet row) throws SQLException {
        return new Item(
                row.getString(1),
                row.getString(2),
                thing(row.getString(4), row.getInt(3)),
                row.getString(5),
                row.getString(6),
                Reals.read(row, 7, Figure.Basis.CHOSEN),
                Reals.read(row, 8, Figure.Basis.CHOSEN),
                row.getString(9));
    }

    private Thing thing(String document, int version) {
        ObjectNode node = (ObjectNode) mapper.readTree(document);
        String kind = node.path("kind").asString();
        Class<?> type = Stream.of(Thing.class.getPermittedSubclasses())
                .filter(each -> RigJson.kebab(each.getSimpleName()).equals(kind))
                .findFirst()
                .orElseThrow();
        return mapper.treeToValue(Migration.ofPart(node, type, version), Thing.class);
    }

    /** One of them. */
    public Optional<Item> item(String id) {
        return items().stream().filter(item -> item.id().equals(id)).findFirst();
    }

    /**
     * Keeps pieces, each in the place of the one of its id: all of them or none.
     *
     * @throws Refusal TOO_MANY where a garage would hold more than it may
     */
    public void keep(List<Item> items) {
        database.inTransaction(connection -> keep(connection, items));
    }

    /** Keeps pieces and the rig that was made of them as one. */
    public StoredRig keep(List<Item> items, String rig, long expected, Rig with) {
        return database.inTransaction(connection -> {
            keep(connection, items);
            return rigs.save(connection, rig, expected, with);
        });
    }

    private int keep(Connection connection, List<Item> items) throws SQLException {
        String sql = """
                INSERT INTO item (id, name, version, thing, place, bought, paid, worth, note, written_at)
                VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7, ?8, ?9, ?10)
                ON CONFLICT (id) DO UPDATE SET name = ?2, version = ?3, thing = ?4, place = ?5, bought = ?6, paid = ?7,
                                               worth = ?8, note = ?9, written_at = ?10
                """;
        String now = clock.instant().toString();
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            for (Item item : items) {
                insert.setString(1, item.id());
                insert.setString(2, item.name());
                insert.setInt(3, RigDocument.VERSION);
                insert.setString(4, mapper.writerFor(Thing.class).writeValueAsString(item.thing()));
                insert.setString(5, item.place());
                insert.setString(6, item.bought());
                Reals.set(insert, 7, item.paid());
                Reals.set(insert, 8, item.worth());
                insert.setString(9, item.note());
                insert.setString(10, now);
                insert.addBatch();
            }
            insert.executeBatch();
        }
        refuseTooMany(connection);
        return items.size();
    }

    private static void refuseTooMany(Connection connection) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement("SELECT count(*) FROM item");
                ResultSet row = query.executeQuery()) {
            row.next();
            if (row.getInt(1) > Item.MOST) {
                throw new Refusal(
                        RefusalCode.TOO_MANY,
                        "items",
                        String.valueOf(row.getInt(1)),
                        "at most " + Item.MOST + " pieces in one garage");
            }
        }
    }

    /** Whether there was one; its photos go with it, copies in rigs stay. */
    public boolean delete(String id) {
        return database.inTransaction(connection -> {
            for (String sql : List.of("DELETE FROM item_photo WHERE item_id = ?1", "DELETE FROM item WHERE id = ?1")) {
                try (PreparedStatement delete = connection.prepareStatement(sql)) {
                    delete.setString(1, id);
                    if (delete.executeUpdate() > 0 && sql.contains(" item ")) {
                        return true;
                    }
                }
            }
            return false;
        });
    }
}
