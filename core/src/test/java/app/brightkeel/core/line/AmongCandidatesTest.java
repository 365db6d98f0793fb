package app.brightkeel.core.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Part;
import app.brightkeel.core.rig.PartNumbers;
import app.brightkeel.core.rig.PartNumbers.Numbered;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What came out for one rig of a search serves the others, and changes no answer. */
public class AmongCandidatesTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int STEPS = Share.of(150);

    /** So few kept that most are forgotten, and as many as come. */
    @DataProvider
    public Object[][] kept() {
        return new Object[][] {{1}, {400}, {60_000}};
    }

    @Test(dataProvider = "kept")
    public void everyCandidateIsJudgedAsIfItWereAlone(int most) {
        int judged = 0;
        for (Rig rig : rigs()) {
            Line base = Line.of(rig);
            REVIEWER.states(base);
            Candidates candidates = new Candidates(base, most);
            for (Rig candidate : walk(rig, judged)) {
                assertEquals(
                        REVIEWER.states(candidates.of(candidate)),
                        REVIEWER.states(Line.of(candidate)),
                        candidate.name());
                judged++;
            }
        }
        assertTrue(judged > 5 * STEPS, judged + " candidates");
    }

    /** A change of a candidate is a candidate. */
    @Test
    public void aCandidateIsChangedFurther() {
        Rig rig = DemoRigs.gannet();
        Candidates candidates = new Candidates(Line.of(rig));
        Line line = candidates.of(rig);
        for (Rig candidate : walk(rig, 11)) {
            line = line.with(candidate);
            assertEquals(line.entered(), candidate);
            assertEquals(line.rig(), Assumptions.fill(candidate));
            assertEquals(REVIEWER.states(line), REVIEWER.states(Line.of(candidate)));
        }
    }

    /** Two rigs have the same numbers just where they hold the same, whatever a part is filled from. */
    @Test
    public void partsAreNumberedByWhatTheyHold() {
        int differ = 0;
        for (Rig rig : rigs()) {
            PartNumbers numbers = new PartNumbers(1000);
            Rig before = rig;
            Numbered numbered = numbers.of(rig, () -> Assumptions.fill(rig));
            for (Rig each : walk(rig, differ)) {
                Numbered after = numbers.of(each, () -> Assumptions.fill(each), before, numbered);
                long changed =
                        Part.changed(before, each) | Part.changed(Assumptions.fill(before), Assumptions.fill(each));
                assertEquals(numbered.changed(after), changed, each.name());
                assertEquals(numbers.of(each, () -> Assumptions.fill(each)).changed(after), 0);
                differ += Long.bitCount(changed);
                before = each;
                numbered = after;
            }
        }
        assertTrue(differ > 5 * STEPS, differ + " parts");
    }

    private static List<Rig> rigs() {
        List<Rig> all = new ArrayList<>(DemoRigs.all());
        all.addAll(TestRigs.all());
        DemoRigs.all().stream().map(AmongCandidatesTest::open).forEach(all::add);
        return all;
    }

    /** With nothing said of what is assumed by another part. */
    private static Rig open(Rig rig) {
        return rig.withOuting(rig.outing()
                        .withWater(rig.outing()
                                .water()
                                .withSeason(Season.UNDECIDED)
                                .withWaterC(Figure.UNSET)))
                .withHarness(rig.harness()
                        .withPacks(rig.harness().packs().stream()
                                .map(pack -> pack.withTempC(Figure.UNSET))
                                .toList())
                        .withSegments(rig.harness().segments().stream()
                                .map(AmongCandidatesTest::asLongAsItsWay)
                                .toList()))
                .withRuns(rig.runs().stream()
                        .map(run -> run.with(open -> open.loopM(Figure.UNSET)
                                .dripM(Figure.UNSET)
                                .freeM(Figure.UNSET)
                                .cableM(Figure.UNSET)))
                        .toList());
    }

    private static Segment asLongAsItsWay(Segment segment) {
        return segment.withWire(segment.wire().withLengthM(Figure.UNSET));
    }

    /** A step at a time, each an alternative of the rig or of the step before, or what much is filled from. */
    private static List<Rig> walk(Rig rig, int seed) {
        Random random = new Random(seed);
        List<Rig> all = new ArrayList<>();
        Rig at = rig;
        for (int i = 0; i < STEPS; i++) {
            Rig from = random.nextInt(3) > 0 ? at : rig;
            List<Change> changes = Links.of(Link.values()[random.nextInt(Link.values().length)])
                    .alternatives(Line.of(from));
            at = changes.isEmpty() || random.nextInt(3) == 0
                    ? aside(from, random)
                    : changes.get(random.nextInt(changes.size())).after();
            all.add(at);
        }
        return all;
    }

    private static Rig aside(Rig rig, Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> rig.withOuting(rig.outing().withAirC(Figure.chosen(-random.nextInt(9))));
            case 1 -> rig.withRuns(List.of());
            case 2 -> rig.withHolders(List.of());
            case 3 ->
                rig.withHarness(rig.harness()
                        .withSegments(rig.harness().segments().stream()
                                .map(AmongCandidatesTest::asLongAsItsWay)
                                .toList()));
            case 4 -> rig.withPlaces(moved(rig, random));
            default -> rig.withCraft(rig.craft().withKind(CraftKind.ICE_WALK_OUT));
        };
    }

    private static List<Placement> moved(Rig rig, Random random) {
        List<Station> stations = rig.craft().stations();
        return rig.places().stream()
                .map(place -> place.withStation(
                        stations.get(random.nextInt(stations.size())).id()))
                .toList();
    }
}
