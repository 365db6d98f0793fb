package app.brightkeel.server.store;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.files.RigReader;
import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Clock;
import org.sqlite.SQLiteDataSource;

/** A program of its own that edits one rig without end and prints each revision once it is acknowledged. */
public final class WriterThatIsKilled {

    private WriterThatIsKilled() {}

    /** A store on a database file, opened as the server opens it. */
    static RigStore store(Path file) {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file
                + "?journal_mode=WAL&synchronous=FULL&foreign_keys=true&busy_timeout=5000&transaction_mode=IMMEDIATE");
        Database database = new Database(source);
        Revisions revisions = new Revisions(database, RigJson.mapper(), new RigReader(), Clock.systemUTC());
        return new RigStore(database, revisions, Clock.systemUTC());
    }

    /** What the revision of a number holds, so that whoever counts afterwards knows. */
    static Rig content(long number) {
        return DemoRigs.oystercatcher().withName("edit " + number);
    }

    public static void main(String[] args) {
        RigStore store = store(Path.of(args[0]));
        PrintStream out = System.out;
        StoredRig at = store.get(args[1]);
        while (true) {
            at = store.save(at.id(), at.revision(), content(at.revision() + 1));
            out.println(at.revision());
            out.flush();
        }
    }
}
