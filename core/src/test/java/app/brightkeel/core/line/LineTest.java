package app.brightkeel.core.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import org.testng.annotations.Test;

/** Results on demand: computed once, kept while the needs stay equal, never in a circle. */
public class LineTest {

    /** Doubles the air's temperature and counts how often it was asked to. */
    private static final class Doubled implements Stage<Double, Double> {
        private int computed;

        @Override
        public String name() {
            return "doubled";
        }

        @Override
        public Outcome<Double> needs(Line line) {
            Figure air = line.entered().outing().airC();
            return Outcome.unless(air.isSet() ? List.of() : List.of("/outing/airC"), air::value);
        }

        @Override
        public Double compute(Double needs) {
            computed++;
            return 2 * needs;
        }

        @Override
        public Working working(Line line) {
            return Working.missing("doubled", List.of("/outing/airC"));
        }
    }

    /** Asks another stage, which may ask back. */
    private static final class Asking implements Stage<Double, Double> {
        private Stage<?, Double> other = this;

        @Override
        public String name() {
            return "asking";
        }

        @Override
        public Outcome<Double> needs(Line line) {
            return line.get(other);
        }

        @Override
        public Double compute(Double needs) {
            return needs + 1;
        }

        @Override
        public Working working(Line line) {
            return Working.missing("asking", List.of("/outing/airC"));
        }
    }

    private static final Rig RIG = DemoRigs.oystercatcher();

    @Test
    public void computedOnceAndKeptWhileTheNeedsStayEqual() {
        Doubled stage = new Doubled();
        Line line = Line.of(RIG);
        assertEquals(line.get(stage).value(), 22.0, 0);
        line.get(stage);
        Line renamed = line.with(RIG.withName("other"));
        assertSame(renamed.get(stage), line.get(stage));
        assertEquals(stage.computed, 1);
        Line warmer = line.with(RIG.withOuting(RIG.outing().withAirC(Figure.chosen(15))));
        assertEquals(warmer.get(stage).value(), 30.0, 0);
        assertEquals(stage.computed, 2);
    }

    @Test
    public void whatIsMissingIsNamedAndNothingIsComputed() {
        Doubled stage = new Doubled();
        Line line = Line.of(RIG.withOuting(RIG.outing().withAirC(Figure.UNSET)));
        assertEquals(line.get(stage).missing(), List.of("/outing/airC"));
        assertEquals(stage.computed, 0);
        expectThrows(IllegalStateException.class, () -> line.get(stage).value());
        Asking asking = new Asking();
        asking.other = stage;
        assertEquals(line.get(asking).missing(), List.of("/outing/airC"));
    }

    @Test
    public void aCircleIsNamed() {
        Asking one = new Asking();
        Asking two = new Asking();
        one.other = two;
        two.other = one;
        IllegalStateException circle =
                expectThrows(IllegalStateException.class, () -> Line.of(RIG).get(one));
        assertTrue(String.valueOf(circle.getMessage()).contains("circle"));
    }

    @Test
    public void bothOutcomesTellAllThatIsMissing() {
        Outcome<Integer> known = Outcome.known(3);
        Outcome<Integer> one = new Outcome.Missing<>(List.of("/a", "/a"));
        Outcome<Integer> two = new Outcome.Missing<>(List.of("/b", "/a"));
        assertEquals(Outcome.both(known, known, Integer::sum).value().intValue(), 6);
        assertEquals(Outcome.both(known, one, Integer::sum).missing(), List.of("/a"));
        assertEquals(Outcome.both(one, two, Integer::sum).missing(), List.of("/a", "/b"));
        assertEquals(known.map(x -> x * 2).flatMap(x -> one).missing(), List.of("/a"));
        assertEquals(one.orElse(7).intValue(), 7);
        assertFalse(one.isKnown());
        expectThrows(IllegalArgumentException.class, () -> new Outcome.Missing<>(List.of()));
    }

    /** What is taken over from the rig before is what filling anew would give, for everything that is ever offered. */
    @Test
    public void whatIsFilledOnceIsFilledRight() {
        int tried = 0;
        for (Rig rig : TestRigs.all()) {
            Line line = Line.of(rig);
            for (Link link : Link.values()) {
                for (Change change : Links.of(link).alternatives(line)) {
                    assertEquals(line.with(change.after()).rig(), Assumptions.fill(change.after()), change.id());
                    Line back = line.with(change.after()).with(rig);
                    assertEquals(back.rig(), line.rig(), change.id() + " and back");
                    tried++;
                }
            }
            // a part that others are assumed from changes under them
            Rig colder = rig.withOuting(rig.outing().withAirC(Figure.chosen(-9)));
            Rig bare = rig.withRuns(List.of());
            Rig iced = rig.withCraft(Craft.of(CraftKind.ICE_WALK_OUT));
            for (Rig changed : List.of(colder, bare, iced)) {
                assertEquals(line.with(changed).rig(), Assumptions.fill(changed));
            }
        }
        assertTrue(tried > 100, "only " + tried + " changes");
    }
}
