package app.brightkeel.server.store;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.boot.sql.init.dependency.DependsOnDatabaseInitialization;
import org.springframework.stereotype.Component;

/** Work on the database: all of it or none. */
@Component
@DependsOnDatabaseInitialization
public class Database {

    private final DataSource source;

    public Database(DataSource source) {
        this.source = source;
    }

    /** Something done with a connection. */
    interface Work<T> {
        T with(Connection connection) throws SQLException;
    }

    /** Commits what the work did, or takes all of it back. */
    <T> T inTransaction(Work<T> work) {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            try {
                T result = work.with(connection);
                connection.commit();
                return result;
            } catch (SQLException | RuntimeException e) {
                connection.rollback();
                throw e;
            }
        } catch (SQLException e) {
            throw new StoreFailure(e);
        }
    }

    /**
     * Only reads: without a transaction, since each of ours takes the lock of writers when it begins. What is read in
     * several queries may stem from before and after a commit between them; revisions never change.
     */
    <T> T read(Work<T> work) {
        try (Connection connection = source.getConnection()) {
            return work.with(connection);
        } catch (SQLException e) {
            throw new StoreFailure(e);
        }
    }
}
