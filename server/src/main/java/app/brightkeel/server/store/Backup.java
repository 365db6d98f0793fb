package app.brightkeel.server.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import org.springframework.stereotype.Component;

/** A copy of the whole database while it is in use. */
@Component
public class Backup {

    private final Database database;

    public Backup(Database database) {
        this.database = database;
    }

    /** Writes a compact copy to a file that is not there yet, or is empty. */
    public void to(Path file) {
        database.plainly(connection -> {
            copy(connection, file);
            return file;
        });
    }

    /** The same on a connection of the caller's, outside any transaction. */
    public static void copy(Connection connection, Path file) throws SQLException {
        try (PreparedStatement vacuum = connection.prepareStatement("VACUUM INTO ?1")) {
            vacuum.setString(1, file.toString());
            vacuum.execute();
        }
    }
}
