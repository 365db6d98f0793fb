package app.brightkeel.core.symptom;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Fault;
import app.brightkeel.core.reading.FaultKind;
import app.brightkeel.core.reading.Faults;
import app.brightkeel.core.reading.SimulatedBench;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.review.whole.Rules;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * From what a rig does to why: every cause is found by the answers it gives, volts are answered by the simulated bench with a fault
 * in it, and no battery is bought where the feed loses volts. How often answers come is common practice, no source.
 */
public class SymptomTest {

    private static final int MOST_ASKED = 8;

    private static SymptomCase of(Line line, Symptom symptom, Map<String, Boolean> answers) {
        return SymptomCase.of(line, List.of(), symptom, answers);
    }

    /** What the plan finds speaks for a cause, and is told as the reason. */
    @Test
    public void whatThePlanFindsIsAReason() {
        Set<String> rules = new HashSet<>();
        Rules.ALL.forEach(rule -> rules.add(rule.id()));
        assertTrue(rules.containsAll(Known.findings()), Known.findings() + " of " + rules);
        Line line = Line.of(DemoRigs.gannet());
        List<Finding> findings = new RigReviewer().review(line).findings();
        SymptomCase with = SymptomCase.of(line, findings, Symptom.NO_BOTTOM, Map.of());
        assertEquals(with.likely().get(0).cause(), "too-deep");
        assertTrue(with.likely().get(0).because().plain().contains("m"), with.toString());
        assertTrue(
                !of(line, Symptom.NO_BOTTOM, Map.of()).likely().get(0).cause().equals("too-deep"));
    }

    /** Asks on until it is sure, each question answered as the cause answers it more often than not. */
    private static SymptomCase askedOut(Line line, Symptom symptom, Known.Cause cause) {
        Map<String, Boolean> answers = new LinkedHashMap<>();
        SymptomCase at = of(line, symptom, answers);
        while (!at.next().isEmpty() && answers.size() < MOST_ASKED) {
            String test = at.next().get(0).test();
            Known.Test known = Known.tests(Known.causes(symptom)).stream()
                    .filter(each -> each.id().equals(test))
                    .findFirst()
                    .orElseThrow();
            answers.put(test, Known.yes(cause, known) > 0.5);
            at = of(line, symptom, answers);
        }
        return at;
    }

    /** Over every symptom, every cause, on a rig with something of everything. */
    @Test
    public void everyCauseIsFoundByItsAnswers() {
        Line line = Line.of(DemoRigs.gannet());
        RigSigns signs = new RigSigns(line, List.of());
        int of = 0;
        int found = 0;
        int asked = 0;
        StringBuilder missed = new StringBuilder();
        for (Symptom symptom : Symptom.values()) {
            for (Known.Cause cause : Known.causes(symptom).keySet()) {
                if (signs.factor(cause) < 0.1) {
                    continue;
                }
                SymptomCase at = askedOut(line, symptom, cause);
                of++;
                asked += at.asked().size();
                if (at.likely().get(0).cause().equals(cause.id())) {
                    found++;
                } else {
                    missed.append(symptom).append('/').append(cause.id()).append(' ');
                }
            }
        }
        Reporter.log(
                "%d of %d causes found first, %.1f questions each; not first: %s"
                        .formatted(found, of, 1.0 * asked / of, missed),
                true);
        assertTrue(found >= 0.9 * of, missed.toString());
        assertTrue(asked <= 4.5 * of, asked + " questions of " + of);
    }

    /** A contact gone bad, of every size the bench knows, in every demo rig: its volts lead to the feed, never to a battery. */
    @Test
    public void voltsLostOnTheWayLeadToTheFeed() {
        int tried = 0;
        for (Rig rig : DemoRigs.all()) {
            Line line = Line.of(rig);
            if (!BenchModel.of(line).isKnown()) {
                continue;
            }
            BenchModel model = BenchModel.of(line).value();
            RigSigns signs = new RigSigns(line, List.of());
            for (Fault fault : Faults.all(model)) {
                if (fault.kind() != FaultKind.BAD_CRIMP) {
                    continue;
                }
                SimulatedBench bench =
                        new SimulatedBench(model, List.of(new Fault(fault.kind(), fault.subject(), 0.4)), 3);
                Map<String, Boolean> answers = volts(signs, bench);
                if (!answers.getOrDefault("lost-beyond", answers.getOrDefault("lost-between", false))) {
                    // not on the way of that display
                    continue;
                }
                tried++;
                for (Symptom symptom : List.of(Symptom.DIES_AS_IT_STARTS, Symptom.RUNS_SHORT, Symptom.CUTS_OFF_COLD)) {
                    SymptomCase at = of(line, symptom, answers);
                    Known.Cause first = cause(symptom, at.likely().get(0).cause());
                    assertTrue(
                            first.tier() == Tier.CLEAN || first.tier() == Tier.FEED,
                            rig.name() + ", " + fault + ": " + at.likely());
                }
            }
        }
        assertTrue(tried >= 10, tried + " tried");
    }

    private static Known.Cause cause(Symptom symptom, String id) {
        return Known.causes(symptom).keySet().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** What a meter says to the questions that want one. */
    private static Map<String, Boolean> volts(RigSigns signs, SimulatedBench bench) {
        Map<String, Boolean> answers = new LinkedHashMap<>();
        double pack = read(bench, signs.at("pack"));
        double plug = read(bench, signs.at("plug"));
        for (Known.Test test : Known.tests(Known.causes(Symptom.DIES_AS_IT_STARTS))) {
            signs.volts(test)
                    .ifPresent(volts -> answers.put(
                            test.id(),
                            switch (test.id()) {
                                case "lost-between", "lost-beyond" -> pack - plug > volts.limit();
                                case "plug-load" -> plug < volts.limit();
                                case "pack-load" -> pack < volts.limit();
                                default -> read(bench, signs.at("rest")) < volts.limit();
                            }));
        }
        return answers;
    }

    private static double read(SimulatedBench bench, String point) {
        return bench.read(point).value();
    }

    /** Cures come in the order of their tiers, whatever is likeliest; both answers of a question mean something. */
    @Test
    public void curesComeInTheirOrder() {
        for (Rig rig : DemoRigs.all()) {
            for (Symptom symptom : Symptom.values()) {
                SymptomCase at = of(Line.of(rig), symptom, Map.of());
                for (int i = 1; i < at.cures().size(); i++) {
                    assertTrue(at.cures()
                                    .get(i)
                                    .tier()
                                    .compareTo(at.cures().get(i - 1).tier())
                            >= 0);
                }
                double sum = at.likely().stream()
                        .mapToDouble(SymptomCase.Likely::share)
                        .sum();
                assertEquals(sum, 1, 0.05, rig.name() + symptom);
                assertTrue(!at.next().isEmpty() || at.likely().get(0).share() > 0.7, rig.name() + symptom);
                at.next()
                        .forEach(each ->
                                assertTrue(each.bits() > 0 && !each.ifYes().equals(each.ifNo())));
                assertEquals(
                        at.beyond().plain().contains("licensed marine electrician"),
                        symptom == Symptom.DIES_AT_CRANKING);
            }
        }
    }

    @DataProvider
    public Object[][] signs() {
        return new Object[][] {
            // a day that the battery does not last, against one that it lasts with ease
            {DemoRigs.lanternCrate(), Symptom.RUNS_SHORT, "small-battery", 0.25, 1},
            {DemoRigs.gannet(), Symptom.RUNS_SHORT, "cold-battery", 0, 0.1},
            // lead has no electronics that cut it off
            {DemoRigs.lanternCrate(), Symptom.CUTS_OFF_COLD, "protection-trips", 0, 0.03},
            {DemoRigs.lanternCrate(), Symptom.CUTS_OFF_COLD, "cold-battery", 0.35, 1},
            {DemoRigs.oystercatcher(), Symptom.DIES_AS_IT_STARTS, "shared-start", 0, 0.03},
            {DemoRigs.gannet(), Symptom.DIES_AS_IT_STARTS, "shared-start", 0.1, 1},
        };
    }

    /** What the rig itself says counts. */
    @Test(dataProvider = "signs")
    public void theRigItselfIsHeard(Rig rig, Symptom symptom, String cause, double least, double most) {
        double share = of(Line.of(rig), symptom, Map.of()).likely().stream()
                .filter(each -> each.cause().equals(cause))
                .mapToDouble(SymptomCase.Likely::share)
                .sum();
        assertTrue(share >= least && share <= most, cause + ": " + share);
    }

    /** Of a rig of which nothing is known the questions that want no volts are left. */
    @Test
    public void aBlankRigIsAskedWithoutVolts() {
        Line line = Line.of(Rig.blank("blank", CraftKind.CANOE));
        SymptomCase at = of(line, Symptom.RUNS_SHORT, Map.of("no such", true, "plug-load", true));
        assertTrue(!at.next().isEmpty());
        assertEquals(at.asked().size(), 0);
        assertTrue(!Symptom.READ_APART.canBe(line.rig()) && !Symptom.ONE_SIDED.canBe(line.rig()));
    }
}
