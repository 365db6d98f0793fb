package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Days on which rigs are to go out. */
@Repository
public class WantedDays {

    /** Of one rig; what is further off is no plan. */
    public static final int MOST = 60;

    private final Database database;

    public WantedDays(Database database) {
        this.database = database;
    }

    /** A rig on a day. */
    public record Wanted(String rig, String day) {}

    /** All from a day on, in order, of rigs that are on the shelf. */
    public List<Wanted> from(String day) {
        return database.read(connection -> {
            String sql = """
                    SELECT rig_id, day FROM wanted_day JOIN rig ON rig.id = rig_id
                    WHERE day >= ?1 AND deleted_at IS NULL ORDER BY day, rig_id
                    """;
            List<Wanted> all = new ArrayList<>();
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setString(1, day);
                try (ResultSet row = query.executeQuery()) {
                    while (row.next()) {
                        all.add(new Wanted(row.getString(1), row.getString(2)));
                    }
                }
            }
            return all;
        });
    }

    /**
     * Those before today are forgotten.
     *
     * @throws Refusal TOO_MANY where a rig has as many as it may
     */
    public void want(String rig, String day, String today) {
        database.inTransaction(connection -> {
            try (PreparedStatement delete =
                    connection.prepareStatement("DELETE FROM wanted_day WHERE rig_id = ?1 AND day < ?2")) {
                delete.setString(1, rig);
                delete.setString(2, today);
                delete.executeUpdate();
            }
            String sql = "INSERT INTO wanted_day (rig_id, day) VALUES (?1, ?2) ON CONFLICT DO NOTHING";
            try (PreparedStatement insert = connection.prepareStatement(sql)) {
                insert.setString(1, rig);
                insert.setString(2, day);
                insert.executeUpdate();
            }
            try (PreparedStatement query =
                    connection.prepareStatement("SELECT count(*) FROM wanted_day WHERE rig_id = ?1")) {
                query.setString(1, rig);
                try (ResultSet row = query.executeQuery()) {
                    row.next();
                    if (row.getInt(1) > MOST) {
                        throw new Refusal(
                                RefusalCode.TOO_MANY,
                                "day",
                                String.valueOf(row.getInt(1)),
                                "at most " + MOST + " days to come of one rig");
                    }
                }
            }
            return true;
        });
    }

    /** Whether it was wanted. */
    public boolean drop(String rig, String day) {
        return database.inTransaction(connection -> {
            try (PreparedStatement delete =
                    connection.prepareStatement("DELETE FROM wanted_day WHERE rig_id = ?1 AND day = ?2")) {
                delete.setString(1, rig);
                delete.setString(2, day);
                return delete.executeUpdate() > 0;
            }
        });
    }
}
