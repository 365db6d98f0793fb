package app.brightkeel.server.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** Revisions: nothing is overwritten, a stale edit changes nothing, writers do not lose each other's work. */
public class RigStoreTest extends ServerTest {

    private static final int WRITERS = 8;
    private static final int EDITS = 12;

    @Autowired
    private RigStore store;

    @Autowired
    private DataSource source;

    private static Rig named(String name) {
        return DemoRigs.oystercatcher().withName(name);
    }

    @Test
    public void aStaleEditChangesNothingAndShowsWhatIsThere() {
        StoredRig first = store.create(named("first"));
        StoredRig second = store.save(first.id(), first.revision(), named("second"));
        StaleRevision stale =
                expectThrows(StaleRevision.class, () -> store.save(first.id(), first.revision(), named("third")));
        assertEquals(stale.now(), second.revision());
        assertEquals(stale.theirs(), Optional.of(second.rig()));
        assertEquals(stale.expected(), first.revision());
        expectThrows(StaleRevision.class, () -> store.undo(first.id(), first.revision()));
        assertEquals(store.get(first.id()), second);
        expectThrows(RigNotFound.class, () -> store.save("none", 1, named("x")));
        expectThrows(RigNotFound.class, () -> store.get("none"));
    }

    @Test
    public void everyRevisionStaysWhateverTheHeadDoes() throws Exception {
        StoredRig at = store.create(named("r1"));
        String id = at.id();
        for (int n = 2; n <= 6; n++) {
            at = store.save(id, at.revision(), named("r" + n));
        }
        for (int n = 5; n >= 1; n--) {
            at = store.undo(id, at.revision());
            assertEquals(at.rig().name(), "r" + n);
            assertTrue(at.canRedo());
        }
        assertFalse(at.canUndo());
        assertEquals(store.undo(id, at.revision()), at, "nowhere to go");
        StoredRig branch = store.save(id, at.revision(), named("branch"));
        assertEquals(branch.revision(), 7);
        assertEquals(documents(id), 7);
        assertEquals(store.redo(id, store.undo(id, branch.revision()).revision()), branch);
    }

    private int documents(String id) throws Exception {
        try (Connection connection = source.getConnection();
                PreparedStatement query =
                        connection.prepareStatement("SELECT count(*) FROM revision WHERE rig_id = ?1")) {
            query.setString(1, id);
            try (ResultSet row = query.executeQuery()) {
                row.next();
                return row.getInt(1);
            }
        }
    }

    /** Eight writers at once on one rig: each acknowledged edit is a revision of its own, none is refused for a lock. */
    @Test
    public void writersAtOnceLoseNothing() throws Exception {
        StoredRig start = store.create(named("shared"));
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        try {
            List<Future<Integer>> acknowledged = new ArrayList<>();
            for (int w = 0; w < WRITERS; w++) {
                acknowledged.add(writers.submit(writer(start.id(), w)));
            }
            int kept = 0;
            for (Future<Integer> each : acknowledged) {
                kept += each.get();
            }
            assertEquals(kept, WRITERS * EDITS);
            assertEquals(documents(start.id()), 1 + kept);
            assertEquals(store.get(start.id()).revision(), 1 + kept);
        } finally {
            writers.shutdownNow();
        }
    }

    /** Edits until each of its edits was acknowledged, reading again whenever it was behind. */
    private Callable<Integer> writer(String id, int writer) {
        return () -> {
            int kept = 0;
            while (kept < EDITS) {
                try {
                    store.save(id, store.get(id).revision(), named("w" + writer + " e" + kept));
                    kept++;
                } catch (StaleRevision behind) {
                    Thread.onSpinWait();
                }
            }
            return kept;
        };
    }
}
