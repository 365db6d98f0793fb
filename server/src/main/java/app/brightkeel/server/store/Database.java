package app.brightkeel.server.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.springframework.boot.sql.init.dependency.DependsOnDatabaseInitialization;
import org.springframework.stereotype.Component;

/**
 * Work on the database: all of it or none.
 *
 * <p>Edits go one after the other, so that none waits for the database's own lock; what is read has
 * connections of its own and never waits for an edit.
 */
@Component
@DependsOnDatabaseInitialization
public class Database {

    private static final int MOST_READERS = 4;

    /** Longest that an edit waits for those before it [s]. */
    private static final long PATIENCE_S = 10;

    private final DataSource edits;
    private final DataSource reads;
    private final ReentrantLock oneEdit = new ReentrantLock(true);
    private final Edition edition;

    /** @param edits its connections begin each transaction with the lock of writers */
    public Database(DataSource edits) {
        this.edits = edits;
        this.reads = edits instanceof HikariDataSource pool ? readers(pool) : edits;
        this.edition = new Edition(reads);
    }

    private static DataSource readers(HikariDataSource edits) {
        HikariConfig readers = new HikariConfig();
        readers.setJdbcUrl(edits.getJdbcUrl().replace("transaction_mode=IMMEDIATE", "transaction_mode=DEFERRED"));
        readers.setPoolName("reads");
        // and one that is never given back, see Edition
        readers.setMaximumPoolSize(MOST_READERS + 1);
        return new HikariDataSource(readers);
    }

    @PreDestroy
    void close() {
        if (reads instanceof HikariDataSource pool) {
            pool.close();
        }
    }

    /** Something done with a connection. */
    interface Work<T> {
        T with(Connection connection) throws SQLException;
    }

    /**
     * Commits what the work did, or takes all of it back.
     *
     * @throws StoreFailure where the database could not do it: nothing of it is kept
     */
    <T> T inTransaction(Work<T> work) {
        if (!taken(oneEdit)) {
            throw new StoreFailure(StoreFailure.Why.BUSY, null);
        }
        try {
            return transaction(edits, work);
        } finally {
            oneEdit.unlock();
        }
    }

    /** A number that is another one after anything was committed, by whomever. */
    long edition() {
        return edition.now();
    }

    private static boolean taken(ReentrantLock lock) {
        try {
            return lock.tryLock(PATIENCE_S, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Only reads, all of it from one state of the database, whatever is committed meanwhile. */
    <T> T read(Work<T> work) {
        return transaction(reads, work);
    }

    /** Outside any transaction, on a connection that only reads. */
    <T> T plainly(Work<T> work) {
        try (Connection connection = reads.getConnection()) {
            return work.with(connection);
        } catch (SQLException e) {
            throw StoreFailure.of(e);
        }
    }

    private static <T> T transaction(DataSource source, Work<T> work) {
        try (Connection connection = source.getConnection()) {
            try {
                connection.setAutoCommit(false);
                T result = work.with(connection);
                connection.commit();
                return result;
            } catch (SQLException e) {
                throwAway(source, connection);
                throw e;
            } catch (RuntimeException e) {
                takeBack(source, connection);
                throw e;
            }
        } catch (SQLException e) {
            throw StoreFailure.of(e);
        }
    }

    private static void takeBack(DataSource source, Connection connection) throws SQLException {
        try {
            connection.rollback();
        } catch (SQLException e) {
            throwAway(source, connection);
            throw e;
        }
    }

    /**
     * A connection on which something failed never goes back to the pool: on a full disk the database has rolled back
     * by itself, and the driver, which believes to be in a transaction still, would commit each later statement at once.
     */
    private static void throwAway(DataSource source, Connection connection) {
        if (source instanceof HikariDataSource pool) {
            pool.evictConnection(connection);
        }
    }
}
