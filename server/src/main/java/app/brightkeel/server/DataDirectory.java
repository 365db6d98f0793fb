package app.brightkeel.server;

import app.brightkeel.server.store.StoreFailure;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The directory that holds a person's rigs. */
public final class DataDirectory {

    /** Version of the schema this program knows; the last migration sets it. */
    static final int SCHEMA = 9;

    private static final String PASSPHRASE = "passphrase";
    private static final String DATABASE = "bright-keel.db";
    private static final String IN_USE = "in-use";

    /** By any of these a directory is known to be ours. */
    private static final Set<String> OURS = Set.of(DATABASE, IN_USE, PASSPHRASE);

    private DataDirectory() {}

    /**
     * {@code $XDG_DATA_HOME/bright-keel}, or {@code ~/.local/share/bright-keel}; a path that does not begin at the root counts
     * for nothing, as the base directory specification of freedesktop.org has it.
     *
     * @throws Unusable where there is neither: Java calls the home of a user without a name "?"
     */
    static Path byDefault() throws Unusable {
        String base = System.getenv("XDG_DATA_HOME");
        if (base != null && Path.of(base).isAbsolute()) {
            return Path.of(base, "bright-keel");
        }
        Path home = Path.of(System.getProperty("user.home", ""));
        if (!home.isAbsolute()) {
            throw new Unusable("There is no home directory to keep rigs in: say where with --data DIR.");
        }
        return home.resolve(Path.of(".local", "share", "bright-keel"));
    }

    /** As {@code -Dkeel.data} says, else the default. */
    static Path chosen() throws Unusable {
        String said = System.getProperty("keel.data", "");
        return said.isEmpty() ? byDefault() : Path.of(said);
    }

    static Path database(Path directory) {
        return directory.resolve(DATABASE);
    }

    /** Holds the hash of the passphrase; see {@code access.Passphrase}. */
    public static Path passphrase(Path directory) {
        return directory.resolve(PASSPHRASE);
    }

    /**
     * Makes the directory, for its owner alone, and looks at what is in it.
     *
     * @throws Unusable where it cannot be made or written to, or a later version of the program wrote it
     */
    static void prepare(Path directory) throws SQLException, Unusable {
        Path file = database(directory);
        int schema;
        try {
            make(directory);
            OwnerOnly.file(file);
            schema = schemaOf(file);
        } catch (IOException e) {
            throw unusable(directory);
        }
        if (schema > SCHEMA) {
            throw new Unusable(
                    "%s was written by a newer Bright Keel (schema %d, this one knows %d). Nothing was touched: start the newer one, or give another --data."
                            .formatted(file, schema, SCHEMA));
        }
    }

    /**
     * Keeps the directory for this process until it ends, however it ends, or the lock is closed. Whoever asks has to
     * hold on to what is returned: a lock that nobody refers to is closed with the garbage.
     *
     * @throws Unusable where another Bright Keel holds it, or it cannot be written to
     */
    static FileLock hold(Path directory) throws Unusable {
        FileLock lock;
        try {
            make(directory);
            Path file = directory.resolve(IN_USE);
            OwnerOnly.file(file);
            lock = lock(file);
        } catch (IOException e) {
            throw unusable(directory);
        }
        if (lock == null) {
            throw new Unusable("A Bright Keel is running on %s already. Use that one, stop it, or give another --data."
                    .formatted(directory));
        }
        return lock;
    }

    private static @Nullable FileLock lock(Path file) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
        FileLock lock;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException e) {
            lock = null;
        }
        if (lock == null) {
            channel.close();
        }
        return lock;
    }

    /** Makes the directory, for its owner alone. */
    static void make(Path directory) throws IOException {
        OwnerOnly.directory(directory, OURS);
    }

    /** That the directory can be neither made nor written to. */
    static Unusable unusable(Path directory) {
        return new Unusable(
                "%s cannot be used: it can be neither made nor written to. Is the disk full or read-only? Give another place with --data DIR."
                        .formatted(directory));
    }

    /** In words why the database of a directory did not open. */
    static String unopened(Path directory, Throwable e) {
        return switch (StoreFailure.why(e)) {
            case FULL ->
                "The disk is full: the rigs in %s cannot be opened. Make room, or give another --data."
                        .formatted(directory);
            case READ_ONLY -> String.valueOf(unusable(directory).getMessage());
            case BUSY -> "Another program holds the rigs in %s.".formatted(directory);
            case DAMAGED ->
                "The rigs in %s cannot be read: %s is damaged, or none of ours. A backup is put in place by ./keel restore FILE."
                        .formatted(directory, DATABASE);
        };
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
