package app.brightkeel.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** The directory that holds a person's rigs. */
final class DataDirectory {

    /** Version of the schema this program knows; the last migration sets it. */
    static final int SCHEMA = 1;

    private DataDirectory() {}

    /** {@code $XDG_DATA_HOME/bright-keel}, or {@code ~/.local/share/bright-keel}. */
    static Path byDefault() {
        String base = System.getenv("XDG_DATA_HOME");
        return base == null || base.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share", "bright-keel")
                : Path.of(base, "bright-keel");
    }

    /**
     * Makes the directory and looks at what is in it.
     *
     * @throws Newer where a later version of the program wrote it
     */
    static void prepare(Path directory) throws IOException, SQLException, Newer {
        Files.createDirectories(directory);
        Path file = directory.resolve("bright-keel.db");
        if (!Files.exists(file)) {
            return;
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("PRAGMA user_version")) {
            int version = row.next() ? row.getInt(1) : 0;
            if (version > SCHEMA) {
                throw new Newer(file, version);
            }
        }
    }

    /** The database was written by a later version of the program. */
    static final class Newer extends Exception {
        Newer(Path file, int version) {
            super(
                    "%s was written by a newer Bright Keel (schema %d, this one knows %d). Nothing was touched: start the newer one, or give another --data."
                            .formatted(file, version, SCHEMA));
        }
    }
}
