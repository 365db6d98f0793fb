package app.brightkeel.server;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** The directory that holds a person's rigs. */
public final class DataDirectory {

    /** Version of the schema this program knows; the last migration sets it. */
    static final int SCHEMA = 2;

    private DataDirectory() {}

    /** {@code $XDG_DATA_HOME/bright-keel}, or {@code ~/.local/share/bright-keel}. */
    static Path byDefault() {
        String base = System.getenv("XDG_DATA_HOME");
        return base == null || base.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share", "bright-keel")
                : Path.of(base, "bright-keel");
    }

    /** As {@code -Dkeel.data} says, else the default. */
    static Path chosen() {
        return Path.of(System.getProperty("keel.data", byDefault().toString()));
    }

    static Path database(Path directory) {
        return directory.resolve("bright-keel.db");
    }

    /** Holds the hash of the passphrase; see {@code access.Passphrase}. */
    public static Path passphrase(Path directory) {
        return directory.resolve("passphrase");
    }

    /**
     * Makes the directory and looks at what is in it.
     *
     * @throws Unusable where a later version of the program wrote it
     */
    static void prepare(Path directory) throws IOException, SQLException, Unusable {
        Files.createDirectories(directory);
        Path file = database(directory);
        int schema = Files.exists(file) ? schemaOf(file) : 0;
        if (schema > SCHEMA) {
            throw new Unusable(
                    "%s was written by a newer Bright Keel (schema %d, this one knows %d). Nothing was touched: start the newer one, or give another --data."
                            .formatted(file, schema, SCHEMA));
        }
    }

    /**
     * Keeps the directory for this process until it ends, however it ends.
     *
     * @throws Unusable where another Bright Keel holds it
     */
    static FileLock hold(Path directory) throws IOException, Unusable {
        Files.createDirectories(directory);
        FileChannel channel =
                FileChannel.open(directory.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException e) {
            lock = null;
        }
        if (lock == null) {
            channel.close();
            throw new Unusable("A Bright Keel is running on %s already. Use that one, stop it, or give another --data."
                    .formatted(directory));
        }
        return lock;
    }

    static int schemaOf(Path file) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("PRAGMA user_version")) {
            return row.next() ? row.getInt(1) : 0;
        }
    }

    /** The directory cannot be used; the message says why and what to do. */
    static final class Unusable extends Exception {
        Unusable(String message) {
            super(message);
        }
    }
}
