package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The one number of each link in words, and the verdict beside it, on rigs that show each way of saying it. */
public class NumbersTest {

    /** Rules that judge the very number of their link: that says it. */
    private static final Set<String> THEIR_NUMBER =
            Set.of("cable.too-short", "battery.hours", "carry.goes-over", "carry.tips-over");

    private static final int LONGEST_IN_STRIP = 36;
    private static final RigReviewer REVIEWER = new RigReviewer();

    private static Rig kayak(UnaryOperator<Rig> change) {
        return change.apply(DemoRigs.oystercatcher());
    }

    private static Rig chirp(UnaryOperator<Transducer> change) {
        return kayak(rig -> rig.with(change.apply(rig.transducers().get(0))));
    }

    private static Rig tube() {
        return kayak(rig -> rig.with(rig.runOf("transducer")
                .orElseThrow()
                .withLegs(List.of("up-aft-left", "deck-to-stern-hatch", "stern-lip", "hull-to-tube", "tube-wall"))));
    }

    @DataProvider
    public Object[][] numbers() {
        Rig crate = DemoRigs.lanternCrate();
        return new Object[][] {
            {Link.WATER, kayak(r -> r), "2 m – 9 m", Verdict.HOLDS},
            {Link.TRANSDUCER, kayak(r -> r), "sees 2.3 m across, reaches 131 m", Verdict.HOLDS},
            {Link.TRANSDUCER, crate, "sees 9.9 m across, reaches 147 m", Verdict.CLOSE},
            {Link.MOUNT, crate, "450 mm under", Verdict.HOLDS},
            {
                Link.MOUNT,
                chirp(t -> t.withMount(t.mount().withBelowM(Figure.measured(-0.15)))),
                "60 mm dry",
                Verdict.FAILS
            },
            {Link.CABLE, kayak(r -> r), "0.42 m short", Verdict.FAILS},
            {
                Link.CABLE,
                chirp(t -> t.withLead(t.lead().withExtensionM(Figure.rated(1.5)))),
                "1.08 m spare",
                Verdict.HOLDS
            },
            {Link.CABLE, tube(), "0.95 m spare · 1 hole", Verdict.CLOSE},
            {Link.CARRY, kayak(r -> r), "3.1 kg · 0.7°", Verdict.HOLDS},
            {
                Link.CARRY,
                kayak(r -> r.withCraft(r.craft().withSeatHeightM(Figure.measured(0.5)))),
                "3.1 kg · tender",
                Verdict.CLOSE
            },
            {Link.CARRY, crate, "3.6 kg · × 28.7", Verdict.HOLDS},
            {
                Link.CARRY,
                crate.withPlaces(
                        List.of(crate.places().get(1), crate.places().get(0).withStation("rim-back"))),
                "3.6 kg · stands",
                Verdict.HOLDS
            },
            // a battery that weighs what it cannot: how it lies is unsure until that is settled
            {Link.CARRY, heavy(DemoRigs.oystercatcher(), 9), "10.6 kg · a mass in doubt", Verdict.CLOSE}
        };
    }

    @DataProvider
    public Object[][] rulesThatMayFail() {
        return Rules.ALL.stream()
                .filter(rule -> rule.force().mayFail() && !rule.id().endsWith(".incomplete"))
                .map(rule -> new Object[] {rule})
                .toArray(Object[][]::new);
    }

    /** A link that won't work shows what gives, short enough for two lines of its place in the strip. */
    @Test(dataProvider = "rulesThatMayFail")
    public void whatFailsStandsInTheStrip(Rule rule) {
        Line line = Line.of(Objects.requireNonNull(RuleTriggers.all().get(rule.id())));
        String brief = Briefs.of(REVIEWER.standing(line, rule.link()).of(rule))
                .orElseGet(() -> ((LinkState.Judged) REVIEWER.state(line, rule.link())).number())
                .plain();
        boolean known = Briefs.rules().contains(rule.id()) || THEIR_NUMBER.contains(rule.id());
        assertTrue(known && brief.length() <= LONGEST_IN_STRIP, rule.id() + ": " + brief);
    }

    /** None is of a rule that is no more, or cannot fail. */
    @Test
    public void everyBriefIsOfARuleThatMayFail() {
        Set<String> rules = Rules.ALL.stream()
                .filter(rule -> rule.force().mayFail())
                .map(Rule::id)
                .collect(Collectors.toSet());
        assertTrue(rules.containsAll(Briefs.rules()), Briefs.rules().toString());
        assertTrue(rules.containsAll(THEIR_NUMBER), THEIR_NUMBER.toString());
    }

    private static Rig heavy(Rig rig, double kg) {
        return rig.with(rig.harness().packs().get(0).withMassKg(Figure.measured(kg)));
    }

    @Test(dataProvider = "numbers")
    public void eachLinkSaysItsNumber(Link link, Rig rig, String words, Verdict verdict) {
        LinkState.Judged state = (LinkState.Judged) REVIEWER.state(Line.of(rig), link);
        assertEquals(state.number().plain(), words);
        assertEquals(state.verdict(), verdict);
    }

    /** Every opening is listed: what it is, whether it is drilled, how many cables share it. */
    @Test
    public void openingsAndHolesAreListed() {
        List<Working> workings = Links.of(Link.CABLE).workings(Line.of(tube()));
        String told = workings.get(1).rows().toString();
        for (String words : List.of("up the aft left scupper", "stern hatch lip", "rod-holder tube", "cable port")) {
            assertTrue(told.contains(words), words + " in " + told);
        }
        assertTrue(told.contains("to be drilled") && told.contains("there already"), told);
        assertTrue(told.contains("2 cables through it"), told);
    }

    /** What is not placed yet is named in the working of the mount, and its verdict stands all the same. */
    @Test
    public void theMountIsJudgedWithWhatIsKnownSoFar() {
        Rig rig = DemoRigs.oystercatcher().withPlaces(List.of());
        Line line = Line.of(rig);
        assertEquals(REVIEWER.state(line, Link.MOUNT).verdict(), Verdict.HOLDS);
        assertEquals(REVIEWER.state(line, Link.CARRY).verdict(), Verdict.UNSET);
        String told = Links.of(Link.MOUNT).workings(line).toString();
        assertTrue(told.contains("12 Ah LiFePO4 is not counted yet"), told);
    }

    /** A cure never needs another person: taken, it changes what it says and leaves every other rule's verdict or better. */
    @Test
    public void theFirstCureOfAFailureMakesNothingElseFail() {
        for (Rig rig : List.of(DemoRigs.oystercatcher(), DemoRigs.lanternCrate())) {
            Line line = Line.of(rig);
            for (Finding finding : REVIEWER.review(line).findings()) {
                if (finding.verdict() == Verdict.FAILS) {
                    Rig after = Comparison.find(
                                    line, Mended.ids(rig, finding.rule()).get(0))
                            .orElseThrow()
                            .after();
                    assertTrue(
                            REVIEWER.review(Line.of(after)).findings().stream()
                                    .noneMatch(f -> f.verdict() == Verdict.FAILS),
                            rig.name());
                }
            }
        }
    }

    /** The same rig offers the same changes under the same names, however often it is asked. */
    @Test
    public void changesAreNamedTheSameEachTime() {
        for (Rig rig : TestRigs.all()) {
            for (Link link : Link.values()) {
                assertEquals(ids(rig, link), ids(rig, link), link.name());
                assertEquals(
                        ids(rig, link).stream().distinct().count(),
                        (long) ids(rig, link).size(),
                        link.name());
            }
        }
    }

    private static List<String> ids(Rig rig, Link link) {
        return Comparison.of(Line.of(rig), link, REVIEWER).stream()
                .map(Comparison.Offer::id)
                .toList();
    }

    /** A hole below the waterline fails until the person has chosen so; then it is a hole like another. */
    @Test
    public void aHoleBelowTheWaterlineIsChosenOrFails() {
        Rig drowned = tube().withCraft(tube().craft()
                .withPassages(tube().craft().passages().stream()
                        .map(p -> p.id().equals("tube-wall") ? p.withBelowWaterline(true) : p)
                        .toList()));
        for (Schools.Drilling drilling : Schools.Drilling.values()) {
            Rig rig = drowned.withSchools(drowned.schools().withDrilling(drilling));
            boolean fails = REVIEWER.review(Line.of(rig)).findings().stream()
                    .anyMatch(f -> f.rule().equals("cable.hole-below-waterline") && f.verdict() == Verdict.FAILS);
            assertEquals(fails, drilling != Schools.Drilling.BELOW_WATERLINE, drilling.name());
        }
    }
}
