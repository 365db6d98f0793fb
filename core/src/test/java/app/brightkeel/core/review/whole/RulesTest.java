package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Caution;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Sockets;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RulesTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static Review review(Rig rig) {
        return REVIEWER.review(Line.of(rig));
    }

    private static Rule rule(String id) {
        return Rules.ALL.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    public void everyRuleClassIsNamedOnceAndItsIdStartsWithItsLink() {
        Set<String> classes = new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("app.brightkeel.core.review")
                        .stream()
                        .filter(c -> c.isAssignableTo(Rule.class) && !c.isInterface())
                        .map(JavaClass::getFullName)
                        .collect(Collectors.toSet());
        assertEquals(Rules.ALL.stream().map(r -> r.getClass().getName()).collect(Collectors.toSet()), classes);
        assertEquals(new HashSet<>(Rules.ALL.stream().map(Rule::id).toList()).size(), Rules.ALL.size());
        for (Rule rule : Rules.ALL) {
            assertTrue(rule.id().startsWith(rule.link().name().toLowerCase(java.util.Locale.ROOT) + "."), rule.id());
        }
        assertEquals(
                RuleTriggers.all().keySet(), Rules.ALL.stream().map(Rule::id).collect(Collectors.toSet()));
    }

    @DataProvider
    public Object[][] triggers() {
        return RuleTriggers.all().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new Object[] {e.getKey()})
                .toArray(Object[][]::new);
    }

    /** Each rule speaks on its own rig, with the verdict its force allows, and what it offers cures it. */
    @Test(dataProvider = "triggers")
    public void eachRuleFindsItsRigAndItsCuresCure(String id) {
        Rig rig = Objects.requireNonNull(RuleTriggers.all().get(id));
        Rule rule = rule(id);
        Finding finding = review(rig).findings().stream()
                .filter(f -> f.rule().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is silent"));
        if (id.endsWith(".incomplete")) {
            assertEquals(finding.verdict(), Verdict.UNSET);
            assertFalse(finding.pointers().isEmpty());
            return;
        }
        assertEquals(
                finding.verdict(),
                rule.force().mayFail() ? Verdict.FAILS : Verdict.CLOSE,
                finding.text().plain());
        // two batteries in use: no usual way of building is that of both
        assertEquals(Mended.of(rig, id).isEmpty(), id.equals("fuse.school"), id);
    }

    @Test
    public void aGoodRigHolds() {
        assertEquals(
                review(RuleTriggers.good()).findings().stream()
                        .map(Finding::rule)
                        .toList(),
                List.of());
    }

    /** Handbook §18: what is wrong with demo rigs, and nothing else. */
    @Test
    public void demoRigsShowTheirFaultsAndNoOther() {
        Review oystercatcher = review(DemoRigs.oystercatcher());
        assertEquals(
                oystercatcher.findings().stream()
                        .filter(finding -> !finding.putAside())
                        .map(Finding::rule)
                        .toList(),
                List.of("cable.too-short", "wire.drop"));
        assertEquals(oystercatcher.findings().get(0).text().amounts().get(0).plain(), "0.42 m");
        double drop = oystercatcher.findings().get(1).text().amounts().get(0).si();
        assertTrue(drop > 0.034 && drop < 0.035, "drop " + drop);
        Review pram = review(DemoRigs.reedling());
        assertEquals(
                pram.findings().stream()
                        .filter(f -> !f.putAside())
                        .map(Finding::rule)
                        .toList(),
                List.of("carry.lies-on-side", "carry.part-too-large", "transducer.hidden-at-bottom", "carry.no-drain"));
        double hidden = pram.findings().stream()
                .filter(f -> f.rule().equals("transducer.hidden-at-bottom"))
                .findFirst()
                .orElseThrow()
                .text()
                .amounts()
                .get(0)
                .si();
        assertTrue(hidden > 0.24 && hidden < 0.44, "hidden " + hidden);
        assertEquals(shown(DemoRigs.kittiwake()), List.of("wire.spare-does-not-mate", "screen.no-holder"));
        assertEquals(
                shown(DemoRigs.bittern()),
                List.of("carry.fastener-too-long", "screen.runs-otherwise", "battery.second-hand", "cable.sharp-rim"));
        Review crate = review(DemoRigs.lanternCrate());
        assertEquals(
                crate.findings().stream().map(Finding::rule).toList(),
                List.of("battery.hours", "transducer.wide-too-deep"));
        assertEquals(crate.findings().stream().map(Finding::verdict).toList(), List.of(Verdict.FAILS, Verdict.CLOSE));
        assertEquals(crate.weakest(), Link.BATTERY);
        assertTrue(crate.cautions().stream()
                .map(Caution::id)
                .toList()
                .containsAll(List.of("short-circuit", "lead-acid", "ice")));
    }

    private static List<String> shown(Rig rig) {
        return review(rig).findings().stream()
                .filter(finding -> !finding.putAside())
                .map(Finding::rule)
                .toList();
    }

    /** Both demo rigs are brought to hold or close by what is offered, first cure of the worst finding first. */
    @Test
    public void demoRigsAreCuredByWhatIsOffered() {
        for (Rig demo : DemoRigs.all()) {
            Rig rig = demo;
            for (int step = 0; step < 6 && fails(rig); step++) {
                Finding worst = review(rig).findings().get(0);
                rig = Comparison.find(
                                Line.of(rig), Mended.ids(rig, worst.rule()).get(0))
                        .orElseThrow()
                        .after();
            }
            for (LinkState state : review(rig).links()) {
                assertTrue(Set.of(Verdict.HOLDS, Verdict.CLOSE).contains(state.verdict()), rig.name() + ": " + state);
            }
        }
    }

    private static boolean fails(Rig rig) {
        return review(rig).findings().stream().anyMatch(f -> f.verdict() == Verdict.FAILS);
    }

    /** Practice can be put aside and stays listed; physics cannot. */
    @Test
    public void puttingAsideCountsForPracticeOnly() {
        Rig rig = DemoRigs.oystercatcher();
        Review aside = review(rig.withQuieted(Set.of("wire.drop", "wire.not-tinned")));
        assertEquals(aside.links().get(Link.WIRE.ordinal()).verdict(), Verdict.HOLDS);
        assertTrue(aside.findings().get(1).putAside());
        Review crate = review(DemoRigs.lanternCrate().withQuieted(Set.of("battery.hours")));
        assertEquals(crate.links().get(Link.BATTERY.ordinal()).verdict(), Verdict.FAILS);
        assertFalse(crate.findings().get(0).putAside());
    }

    /** From nothing, in the order of practice: never an invented number, always the list of what is missing. */
    @Test
    public void anEmptyRigAsksAndNeverInvents() {
        Rig rig = Rig.blank("new", CraftKind.UNDECIDED);
        for (LinkState state : review(rig).links()) {
            assertEquals(state.verdict(), Verdict.UNSET);
        }
        Device display = new Device(
                "d",
                "display",
                DeviceKind.DISPLAY_7_IN,
                "",
                new Draw.Undecided(),
                Limits.UNKNOWN,
                Sockets.UNKNOWN,
                Figure.UNSET);
        rig = rig.withDevices(List.of(display))
                .withOuting(TestRigs.all().get(0).outing().withPhases(List.of()));
        assertTrue(review(rig).findings().stream().anyMatch(f -> f.pointers().contains("/outing/phases")));
        Pack pack = Pack.unknown("p", "battery").withCapacityAh(Figure.rated(10));
        Segment lead = TestRigs.lead("l", "p", "d", new Gauge.Awg(18), 1, 3);
        rig = rig.withOuting(TestRigs.simple(TestRigs.pack(Chemistry.AGM, 9), 9, 5, 10)
                        .outing()
                        .withPhases(
                                List.of(new app.brightkeel.core.rig.Phase("day", "day", Figure.chosen(5), List.of()))))
                .withHarness(rig.harness().withPacks(List.of(pack)).withSegments(List.of(lead)));
        Finding asks = review(rig).findings().stream()
                .filter(f -> f.rule().equals("battery.incomplete"))
                .findFirst()
                .orElseThrow();
        assertEquals(asks.pointers(), List.of("/harness/packs/0/chemistry"));
        assertTrue(asks.text().plain().contains("as LiFePO4")
                && asks.text().plain().contains("as AGM lead"));
        Review decided = review(rig.with(pack.withChemistry(Chemistry.LIFEPO4)));
        // nobody said what the display draws: hours by a guess do not hold
        assertEquals(decided.links().get(Link.BATTERY.ordinal()).verdict(), Verdict.CLOSE);
        assertTrue(decided.assumed().stream().anyMatch(figure -> figure.links().contains(Link.BATTERY)));
        assertTrue(decided.findings().stream().anyMatch(f -> f.pointers().contains("/devices/0/limits/maxFuseA")));
    }

    /** The same rig gives the same review, whatever was computed before; unchanged stages are not computed again. */
    @Test
    public void aLineDerivedFromAnotherSaysTheSame() {
        for (Rig rig : TestRigs.all()) {
            Line line = Line.of(rig);
            REVIEWER.review(line);
            Rig dimmed = Comparison.find(line, "screen.dim.40").orElseThrow().after();
            assertEquals(REVIEWER.review(line.with(dimmed)), review(dimmed));
            assertEquals(
                    Comparison.of(line, Link.BATTERY, REVIEWER), Comparison.of(Line.of(rig), Link.BATTERY, REVIEWER));
        }
    }

    /** Alternatives are ranked: nothing that fails stands above something that does not; what is planned is marked. */
    @Test
    public void comparisonRanksWhatHoldsFirst() {
        Line line = Line.of(DemoRigs.lanternCrate());
        List<Comparison.Offer> offers = Comparison.of(line, Link.BATTERY, REVIEWER);
        assertEquals(offers.stream().filter(Comparison.Offer::planned).count(), 1);
        List<Boolean> failing = offers.stream()
                .filter(offer -> !offer.planned())
                .map(offer -> Comparison.find(line, offer.id()).orElseThrow())
                .map(change -> review(change.after()).links().stream().anyMatch(l -> l.verdict() == Verdict.FAILS))
                .toList();
        assertTrue(failing.lastIndexOf(false) < failing.indexOf(true));
        assertEquals(offers.get(0).id(), "battery.on-hand.pack.kayak-pack", "what is there already costs nothing");
        assertEquals(
                offers.get(1).id(), "battery.take.pack.lifepo4-6", "of what is bought the smallest that is enough");
        assertEquals(
                Comparison.of(Line.of(DemoRigs.oystercatcher()), Link.WIRE, REVIEWER).stream()
                        .filter(Comparison.Offer::planned)
                        .count(),
                1);
    }
}
