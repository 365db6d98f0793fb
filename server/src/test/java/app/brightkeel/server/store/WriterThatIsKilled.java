package app.brightkeel.server.store;

import app.brightkeel.core.build.Fact;
import app.brightkeel.core.build.Tick;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.files.RigJson;
import app.brightkeel.server.files.RigReader;
import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.sqlite.SQLiteDataSource;

/** A program of its own that edits one rig without end and prints each revision once it is acknowledged. */
public final class WriterThatIsKilled {

    private WriterThatIsKilled() {}

    /** A store on a database file, opened as the server opens it. */
    static RigStore store(Path file) {
        Database database = database(file);
        Revisions revisions = new Revisions(database, RigJson.mapper(), new RigReader(), Clock.systemUTC());
        return new RigStore(database, revisions, Clock.systemUTC());
    }

    /** Ticks on the same file. */
    static BuildStore build(Path file) {
        return new BuildStore(database(file), RigJson.mapper(), Clock.systemUTC());
    }

    /** Trips on the same file. */
    static TripStore trips(Path file) {
        return new TripStore(database(file), RigJson.mapper(), Clock.systemUTC());
    }

    /** The trip that goes with a revision: its id is its number. */
    static Trip trip(long number) {
        return new Trip(
                "trip-" + number,
                "2026-11-30",
                List.of(new Leg(5, 0.8, 1)),
                12,
                true,
                Figure.UNSET,
                Figure.measured(13),
                Figure.UNSET,
                false,
                List.of(),
                "");
    }

    /** The tick that goes with a revision. */
    static Tick tick(long number) {
        Text title = Text.of("Cut wire {}", number);
        return new Tick(
                "cut-wire." + number, "", "f", title, List.of(new Fact("number", title)), "2026-12-01T00:00:00Z");
    }

    private static Database database(Path file) {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file
                + "?journal_mode=WAL&synchronous=FULL&foreign_keys=true&busy_timeout=5000&transaction_mode=IMMEDIATE");
        return new Database(source);
    }

    /** What the revision of a number holds, so that whoever counts afterwards knows. */
    static Rig content(long number) {
        return DemoRigs.oystercatcher().withName("edit " + number);
    }

    public static void main(String[] args) {
        RigStore store = store(Path.of(args[0]));
        BuildStore build = build(Path.of(args[0]));
        TripStore trips = trips(Path.of(args[0]));
        PrintStream out = System.out;
        StoredRig at = store.get(args[1]);
        while (true) {
            at = store.save(at.id(), at.revision(), content(at.revision() + 1));
            build.tick(at.id(), List.of(tick(at.revision())));
            trips.keep(at.id(), at.revision(), trip(at.revision()));
            out.println(at.revision());
            out.flush();
        }
    }
}
