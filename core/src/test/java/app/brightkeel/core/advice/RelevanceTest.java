package app.brightkeel.core.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.advice.Measures.Measure;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.whole.Breaches;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a search takes over from one rig for another does not differ between them. */
public class RelevanceTest {

    private static final RigAxis[] AXES = RigAxis.values();
    private static final int AT_RANDOM = 60;

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** Of rigs made at random, and of each with one answer changed: a rule that is not decided by that says the same. */
    @Test(dataProvider = "rigs")
    public void whatIsNotDecidedByAnAnswerDoesNotChangeWithIt(Rig rig) {
        Space space = SearchTest.space(rig);
        Measures measures = space.measures();
        Random random = new Random(7);
        Map<String, String> wrong = new TreeMap<>();
        int compared = 0;
        for (int k = 0; k < AT_RANDOM; k++) {
            int[] one = choice(space, random);
            RigAxis axis = AXES[random.nextInt(AXES.length)];
            int[] other = one.clone();
            other[axis.ordinal()] = random.nextInt(space.options(axis).size());
            Optional<Line> before = space.rig(one).map(Line::of);
            Optional<Line> after = space.rig(other).map(Line::of);
            if (before.isEmpty() || after.isEmpty() || Arrays.equals(one, other)) {
                continue;
            }
            compared++;
            for (Rule rule : Breaches.rules()) {
                if (!Relevance.of(rule, space.base()).contains(axis)
                        && Breaches.fails(before.get(), rule) != Breaches.fails(after.get(), rule)) {
                    wrong.put(rule.id() + " by " + axis, Arrays.toString(one) + " " + Arrays.toString(other));
                }
            }
            for (Relevance group : Relevance.groups(space.base(), Set.of())) {
                for (Rule rule : group.by() > 0 && !group.axes().contains(axis) ? group.rules() : List.<Rule>of()) {
                    double was = Breaches.failsBy(before.get(), rule);
                    double is = Breaches.failsBy(after.get(), rule);
                    if (Math.max(was, is) > group.by() && Math.min(was, is) == 0) {
                        wrong.put(rule.id() + " by " + axis, was + " " + is);
                    }
                }
            }
            for (Measure measure : Measure.values()) {
                double[] was = measure.of(measures, before.get());
                double[] is = measure.of(measures, after.get());
                double within = measure == Measure.SEEN ? Measures.SEEN_WITHIN : 0;
                boolean same = IntStream.range(0, was.length).allMatch(i -> Math.abs(was[i] - is[i]) <= within);
                if (!measure.axes().contains(axis) && !same) {
                    wrong.put(measure + " by " + axis, Arrays.toString(was) + " " + Arrays.toString(is));
                }
            }
        }
        assertEquals(wrong.toString(), "{}", rig.name());
        assertTrue(compared > AT_RANDOM / 6, compared + " compared of " + rig.name());
    }

    /** A rig that is put together of what its answers change is as if they had been given one after the other. */
    @Test(dataProvider = "rigs")
    public void patchesDoWhatTheChangesDo(Rig rig) {
        Space space = SearchTest.space(rig);
        Random random = new Random(9);
        List<String> wrong = new ArrayList<>();
        for (int k = 0; k < AT_RANDOM / 3; k++) {
            int[] choice = choice(space, random);
            choice[RigAxis.SCHOOL.ordinal()] = 0;
            Optional<Rig> patched = space.rig(choice);
            Optional<Rig> one = Optional.of(space.base().entered());
            for (RigAxis axis : AXES) {
                Option option = space.options(axis).get(choice[axis.ordinal()]);
                one = one.flatMap(each -> option.make().apply(space.base().with(each)));
            }
            if (patched.isPresent() && !SearchTest.alike(patched.get(), one.orElse(null))) {
                wrong.add(Arrays.toString(choice));
            }
        }
        assertEquals(wrong.toString(), "[]", rig.name());
    }

    private static int[] choice(Space space, Random random) {
        return IntStream.range(0, AXES.length)
                .map(axis -> random.nextInt(space.options(AXES[axis]).size()))
                .toArray();
    }
}
