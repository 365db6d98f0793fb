package app.brightkeel.server;

import app.brightkeel.server.store.Backup;
import app.brightkeel.server.store.HeadsOfBackup;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;

/** {@code backup FILE} and {@code restore FILE}: 0 done, 2 not done and nothing changed, 64 wrong usage. */
final class BackupCommand {

    private static final int NOT_DONE = 2;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");

    private final Path data;
    private final PrintStream out;
    private final PrintStream err;

    BackupCommand(Path data, PrintStream out, PrintStream err) {
        this.data = data;
        this.out = out;
        this.err = err;
    }

    int backup(String... args) {
        if (args.length != 1) {
            err.println("usage: keel backup FILE");
            return BrightKeel.USAGE;
        }
        Path database = DataDirectory.database(data);
        try {
            Path to = Path.of(args[0]).toAbsolutePath();
            if (!Files.exists(database)) {
                return no("There are no rigs in " + data + " yet.");
            }
            if (Files.exists(to)) {
                return no(to + " is there already; give the name of a new file.");
            }
            copy(database, to);
            out.println("Wrote " + to + ".");
            return 0;
        } catch (InvalidPathException | IOException | SQLException e) {
            return no(args[0] + " could not be written.");
        }
    }

    private static void copy(Path database, Path to) throws IOException, SQLException {
        OwnerOnly.file(to);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database)) {
            Backup.copy(connection, to);
        } catch (SQLException e) {
            Files.deleteIfExists(to);
            throw e;
        }
    }

    int restore(String... args) {
        if (args.length != 1) {
            err.println("usage: keel restore FILE");
            return BrightKeel.USAGE;
        }
        try {
            Path from = Path.of(args[0]).toAbsolutePath();
            String fault = fault(from);
            if (!fault.isEmpty()) {
                return no(args[0] + " " + fault + " Nothing was changed.");
            }
            List<String> unreadable = unreadable(from);
            int done = putInPlace(from);
            tell(unreadable);
            return done;
        } catch (InvalidPathException | IOException | SQLException e) {
            return no(args[0] + " could not be put in place. Nothing was changed.");
        } catch (DataDirectory.Unusable e) {
            return no(String.valueOf(e.getMessage()));
        }
    }

    /** What is wrong with a file as a backup of ours; empty where nothing is. */
    private static String fault(Path file) {
        if (!Files.isRegularFile(file)) {
            return "is no file.";
        }
        try (Connection connection = readOnly(file);
                Statement statement = connection.createStatement()) {
            if (number(statement, "PRAGMA user_version") > DataDirectory.SCHEMA) {
                return "was written by a newer Bright Keel.";
            }
            if (number(statement, "SELECT count(*) FROM sqlite_master WHERE name IN ('rig', 'revision')") < 2) {
                return "is no backup of Bright Keel.";
            }
            try (ResultSet row = statement.executeQuery("PRAGMA integrity_check")) {
                return row.next() && row.getString(1).equals("ok") ? "" : "is damaged.";
            }
        } catch (SQLException e) {
            return "is no backup of Bright Keel.";
        }
    }

    private static Connection readOnly(Path file) throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:file:" + file + "?mode=ro&immutable=1");
    }

    private static List<String> unreadable(Path file) throws SQLException {
        try (Connection connection = readOnly(file);
                Statement statement = connection.createStatement()) {
            return HeadsOfBackup.unreadable(statement);
        }
    }

    private void tell(List<String> unreadable) {
        if (!unreadable.isEmpty()) {
            err.printf(
                    "%d of its rigs cannot be read by this program and stand on the shelf as such: %s.%n",
                    unreadable.size(), String.join(", ", unreadable));
        }
    }

    private static int number(Statement statement, String sql) throws SQLException {
        try (ResultSet row = statement.executeQuery(sql)) {
            return row.next() ? row.getInt(1) : 0;
        }
    }

    @SuppressWarnings("try") // the lock is held, not used
    private int putInPlace(Path from) throws IOException, SQLException, DataDirectory.Unusable {
        try (FileLock held = DataDirectory.hold(data)) {
            Path database = DataDirectory.database(data);
            Path next = data.resolve("bright-keel.db.next");
            Files.copy(from, next, StandardCopyOption.REPLACE_EXISTING);
            OwnerOnly.file(next);
            if (Files.exists(database)) {
                Path aside = data.resolve(
                        "bright-keel.db.before-" + LocalDateTime.now().format(STAMP));
                // a copy by the database itself takes along what its log still holds
                copy(database, aside);
                Files.deleteIfExists(data.resolve("bright-keel.db-wal"));
                Files.deleteIfExists(data.resolve("bright-keel.db-shm"));
                out.println("What was there stands in " + aside + ".");
            }
            Files.move(next, database, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            out.println("Restored " + from + ".");
            return 0;
        }
    }

    private int no(String why) {
        err.println(why);
        return NOT_DONE;
    }
}
