package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Nothing hangs on which thing one entered first. */
public class ShuffledTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int TIMES = 6;

    @DataProvider
    public Object[][] rigs() {
        return Stream.of(
                        DemoRigs.all().stream(),
                        DemoRigs.all().stream().map(EveryList::in),
                        TestRigs.all().stream(),
                        Stream.of(TestRigs.twoBanks()))
                .flatMap(rigs -> rigs)
                .map(rig -> new Object[] {rig})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "rigs")
    public void theOrderOfListsChangesNoVerdict(Rig rig) {
        String before = told(rig);
        Random random = new Random(rig.name().hashCode());
        for (int n = 0; n < TIMES; n++) {
            assertEquals(told(shuffled(rig, random)), before, rig.name());
        }
    }

    /** Verdicts and margins of links, and of findings what they judge: words may name another of two equal things. */
    private static String told(Rig rig) {
        Review review = REVIEWER.review(Line.of(rig));
        TreeSet<String> all = new TreeSet<>();
        for (LinkState state : review.links()) {
            double margin = state instanceof LinkState.Judged judged ? judged.margin() : 0;
            all.add(String.format(Locale.ROOT, "%s %s %.6f", state.link(), state.verdict(), margin));
        }
        for (Finding finding : review.findings()) {
            all.add(String.format(Locale.ROOT, "%s %s %.6f", finding.rule(), finding.verdict(), finding.headroom()));
        }
        return String.join("\n", all);
    }

    /** Every list of the rig whose order says nothing; the day's parts, a hull's sections and a cable's way stay. */
    private static Rig shuffled(Rig rig, Random random) {
        return rig.with(r -> r.transducers(mixed(rig.transducers(), random))
                .devices(mixed(rig.devices(), random))
                .places(mixed(rig.places(), random))
                .runs(mixed(rig.runs(), random))
                .holders(mixed(rig.holders(), random))
                .onHand(mixed(rig.onHand(), random))
                .chargers(mixed(rig.chargers(), random))
                .harness(rig.harness()
                        .with(h -> h.packs(mixed(rig.harness().packs(), random))
                                .segments(mixed(rig.harness().segments(), random))))
                .craft(rig.craft()
                        .with(c -> c.stations(mixed(rig.craft().stations(), random))
                                .passages(mixed(rig.craft().passages(), random))
                                .obstructions(mixed(rig.craft().obstructions(), random)))));
    }

    private static <T> List<T> mixed(List<T> list, Random random) {
        List<T> all = new ArrayList<>(list);
        Collections.shuffle(all, random);
        return all;
    }
}
