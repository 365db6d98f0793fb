package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.AssumedFigures;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a link is said to take for granted is what it takes for granted: no less, and none of it once it is given. */
public class AssumedTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    @DataProvider
    public Object[][] rigs() {
        return Stream.concat(DemoRigs.all().stream(), Stream.of(TestRigs.twoScreens(), TestRigs.twoBanks()))
                .map(rig -> new Object[] {rig})
                .toArray(Object[][]::new);
    }

    /** As a person would, who takes over what stands there; what nobody gave and no link was judged by stays open. */
    @Test(dataProvider = "rigs")
    public void whatIsGivenIsAssumedNoLonger(Rig rig) {
        Line line = Line.of(rig);
        Review review = REVIEWER.review(line);
        for (Link link : Link.values()) {
            Rig given = line.rig();
            Set<String> its = new HashSet<>();
            for (Review.Assumed each : review.assumed()) {
                boolean stands = each.links().contains(link);
                given = stands
                        ? Nudge.replaced(given, each.pointer(), figure -> Figure.chosen(((Figure) figure).value()))
                        : Nudge.unset(given, each.pointer());
                if (stands) {
                    its.add(each.pointer());
                }
            }
            Review after = REVIEWER.review(Line.of(given));
            assertEquals(of(after, link), Set.of(), rig.name() + ", " + link);
            // what nobody said of the fish is not held against a beam; once said it may be
            if (!its.contains("/outing/water/fishM")) {
                assertEquals(
                        after.links().get(link.ordinal()).verdict(),
                        review.links().get(link.ordinal()).verdict(),
                        rig.name() + ", " + link);
            }
            for (String pointer : its) {
                Rig open = Nudge.unset(given, pointer);
                assertTrue(of(REVIEWER.review(Line.of(open)), link).contains(pointer), link + " without " + pointer);
            }
        }
    }

    /** Whatever is assumed and not said to stand below a link may be anything: the link stays as it is. */
    @Test(dataProvider = "rigs")
    public void whatIsNotSaidMovesNothing(Rig rig) {
        Line line = Line.of(rig);
        Review review = REVIEWER.review(line);
        int moved = 0;
        for (Review.Assumed each : review.assumed()) {
            Line then = Line.of(nudged(line.rig(), each));
            for (LinkState before : review.links()) {
                LinkState after = REVIEWER.state(then, before.link());
                if (!each.links().contains(before.link()) && before instanceof LinkState.Judged) {
                    assertEquals(after, before, each.pointer() + " moves " + before.link());
                } else if (!after.equals(before)) {
                    moved++;
                }
            }
        }
        assertTrue(moved > 3, "only " + moved + " moved");
    }

    /** A little less of it, or more where less is none. */
    private static Rig nudged(Rig rig, Review.Assumed each) {
        double value = each.figure().value();
        try {
            return Nudge.replaced(rig, each.pointer(), figure -> Figure.chosen(value * 0.97));
        } catch (Refusal tooSmall) {
            return Nudge.replaced(rig, each.pointer(), figure -> Figure.chosen(value * 1.03));
        }
    }

    /** A battery of which all is given but its state: its state is what is told, by the name it has in the rig. */
    @Test
    public void theyAreToldInWords() {
        Line line = Line.of(DemoRigs.sandpiper());
        List<AssumedFigures.Told> told = AssumedFigures.of(line.rig(), REVIEWER.review(line), Link.BATTERY);
        String pack = DemoRigs.sandpiper().harness().packs().get(0).name();
        assertTrue(
                told.contains(new AssumedFigures.Told(
                        "/harness/packs/0/ratedHours",
                        "the rated time of " + pack,
                        new Amount(told.get(0).amount().si(), Unit.RATED_HOUR))),
                told.toString());
    }

    private static Set<String> of(Review review, Link link) {
        Set<String> all = new HashSet<>();
        review.assumed().stream().filter(each -> each.links().contains(link)).forEach(each -> all.add(each.pointer()));
        return all;
    }
}
