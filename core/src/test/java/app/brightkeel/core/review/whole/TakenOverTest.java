package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.LongAdder;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** What a candidate takes over from the rig it was made of, and from all that were tried before, changes no answer. */
public class TakenOverTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int CANDIDATES = Share.of(10_000);
    private static final int OF_EACH = 20;

    /** States of every link of seeded candidates of odd rigs: as those of a line that knows nothing. */
    @Test
    public void candidatesAreJudgedAsIfTheyWereAlone() {
        List<Rig> rigs = WholeRigs.from(23).limit(CANDIDATES / OF_EACH).toList();
        LongAdder tried = new LongAdder();
        List<String> differ = IntStream.range(0, rigs.size())
                .parallel()
                .boxed()
                .flatMap(i -> {
                    Line line = Line.of(rigs.get(i));
                    REVIEWER.states(line);
                    return candidates(line, new Random(i)).stream()
                            .filter(change -> {
                                tried.increment();
                                return !REVIEWER.states(line.with(change.after()))
                                        .equals(REVIEWER.states(Line.of(change.after())));
                            })
                            .map(change -> i + ": " + change.id());
                })
                .toList();
        assertEquals(differ, List.of());
        assertTrue(tried.sum() > CANDIDATES * 9 / 10, tried + " candidates");
    }

    /** Some of all alternatives of all links. */
    private static List<Change> candidates(Line line, Random random) {
        List<Change> all = new ArrayList<>();
        for (Link link : Link.values()) {
            all.addAll(Links.of(link).alternatives(line));
        }
        return random.ints(OF_EACH, 0, Math.max(1, all.size()))
                .filter(i -> i < all.size())
                .mapToObj(all::get)
                .toList();
    }
}
