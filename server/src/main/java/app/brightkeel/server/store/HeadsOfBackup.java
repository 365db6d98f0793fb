package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.server.files.RigReader;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the head of every rig in a backup, of whatever schema, before it is put in place. */
public final class HeadsOfBackup {

    private static final Pattern NAME = Pattern.compile("\"name\"\\s*:\\s*\"([^\"\\\\]{1,120})\"");

    private HeadsOfBackup() {}

    /** What this program cannot read, each by its name, or by its id where even that is spoilt. */
    public static List<String> unreadable(Statement statement) throws SQLException {
        String sql = """
                SELECT rig.id, revision.document
                FROM rig LEFT JOIN revision ON revision.rig_id = rig.id AND revision.number = rig.head
                """;
        RigReader reader = new RigReader();
        List<String> all = new ArrayList<>();
        try (ResultSet row = statement.executeQuery(sql)) {
            while (row.next()) {
                String document = row.getString(2);
                if (document == null || !reads(reader, document)) {
                    all.add(document == null ? row.getString(1) : name(document, row.getString(1)));
                }
            }
        }
        return all;
    }

    private static boolean reads(RigReader reader, String document) {
        try {
            reader.read(document.getBytes(StandardCharsets.UTF_8));
            return true;
        } catch (Refusal refused) {
            return false;
        }
    }

    private static String name(String document, String id) {
        Matcher name = NAME.matcher(document);
        return name.find() ? "“" + name.group(1) + "”" : id;
    }
}
