package app.brightkeel.server.store;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** The database could not be read or written: a full disk, a damaged file. */
public final class StoreFailure extends RuntimeException {

    /** What stands in the way. */
    public enum Why {
        FULL("The disk is full"),
        READ_ONLY("The data may only be read here"),
        BUSY("Another program holds the data"),
        DAMAGED("The data could not be read or written");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private final Why why;

    StoreFailure(Why why, @Nullable Throwable cause) {
        super(why.words(), cause);
        this.why = why;
    }

    static StoreFailure of(SQLException cause) {
        return new StoreFailure(why(cause), cause);
    }

    public Why why() {
        return why;
    }

    /** What stands in the way, from the code in whatever was thrown. */
    public static Why why(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLiteException sqlite) {
                // extended codes bear the plain one in their lowest byte
                int code = sqlite.getResultCode().code & 0xff;
                return code == SQLiteErrorCode.SQLITE_FULL.code
                        ? Why.FULL
                        : code == SQLiteErrorCode.SQLITE_READONLY.code
                                ? Why.READ_ONLY
                                : code == SQLiteErrorCode.SQLITE_BUSY.code ? Why.BUSY : Why.DAMAGED;
            }
        }
        return Why.DAMAGED;
    }
}
