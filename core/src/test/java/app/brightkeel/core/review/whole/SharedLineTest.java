package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.Test;

/** One line that many threads ask at once, and lines made of it meanwhile, say what a line alone says. */
public class SharedLineTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int THREADS = 8;
    private static final int TIMES = 6;
    private static final int CANDIDATES = 24;

    @Test
    public void manyThreadsAskOneLine() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(THREADS);
        try {
            for (Rig rig : DemoRigs.all()) {
                List<Change> changes = Links.of(Link.WIRE).alternatives(Line.of(rig)).stream()
                        .limit(CANDIDATES)
                        .toList();
                List<LinkState> alone = REVIEWER.states(Line.of(rig));
                List<List<LinkState>> after = changes.stream()
                        .map(change -> REVIEWER.states(Line.of(change.after())))
                        .toList();
                for (int time = 0; time < TIMES; time++) {
                    asked(pool, Line.of(rig), alone, changes, after);
                }
            }
        } finally {
            pool.shutdownNow();
        }
    }

    /** All start from a line of which nothing is known yet. */
    private static void asked(
            ExecutorService pool, Line shared, List<LinkState> alone, List<Change> changes, List<List<LinkState>> after)
            throws Exception {
        List<Callable<Void>> questions = new ArrayList<>();
        for (int i = 0; i < changes.size(); i++) {
            int at = i;
            questions.add(() -> same(REVIEWER.states(shared), alone));
            questions.add(() -> same(REVIEWER.states(shared.with(changes.get(at).after())), after.get(at)));
            questions.add(() -> same(
                    List.of(REVIEWER.state(shared, Link.BATTERY)),
                    alone.subList(Link.BATTERY.ordinal(), Link.BATTERY.ordinal() + 1)));
        }
        for (Future<Void> answer : pool.invokeAll(questions)) {
            answer.get();
        }
    }

    @SuppressWarnings("NullAway") // a task without a result
    private static Void same(List<LinkState> found, List<LinkState> wanted) {
        assertEquals(found, wanted);
        return null;
    }
}
