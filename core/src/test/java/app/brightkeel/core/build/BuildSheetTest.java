package app.brightkeel.core.build;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.PartsList;
import app.brightkeel.core.review.whole.EveryRig;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every rig gives a sheet that holds together, whatever is still open in it. */
public class BuildSheetTest {

    private static final double CELSIUS = 12;
    private static final int CHANGED = 300;

    private static Stream<Rig> rigs() {
        return Stream.concat(EveryRig.written().stream(), EveryRig.changed(26, CHANGED));
    }

    private static Map<String, Integer> places(List<String> order) {
        Map<String, Integer> places = new HashMap<>();
        order.forEach(id -> places.put(id, places.size()));
        return places;
    }

    private static Set<String> known(Rig rig) {
        Set<String> ids =
                PartsList.of(rig).stream().map(PartsList.Part::id).collect(Collectors.toCollection(HashSet::new));
        ids.addAll(rig.craft().passages().stream().map(Passage::id).toList());
        rig.fitOut()
                .boxes()
                .forEach(box -> ids.addAll(box.exits().stream().map(Exit::id).toList()));
        return ids;
    }

    /** No step refers to nothing, every part is in some step, and what needs what is a graph without a loop. */
    @Test
    public void sheetsHoldTogether() {
        int steps = 0;
        for (Rig rig : rigs().toList()) {
            BuildSheet sheet = BuildSheet.of(Line.of(rig), CELSIUS);
            Set<String> known = known(rig);
            Set<String> stations =
                    rig.craft().stations().stream().map(Station::id).collect(Collectors.toSet());
            Set<String> handled = new HashSet<>();
            for (Step step : sheet.steps()) {
                assertTrue(known.containsAll(step.parts()), rig.name() + ": " + step.id() + " handles " + step.parts());
                assertTrue(stations.containsAll(step.places()), rig.name() + ": " + step.id() + " at " + step.places());
                assertTrue(
                        known.containsAll(step.piece().parts()),
                        rig.name() + ": " + step.id() + " draws " + step.piece());
                assertEquals(
                        step.checks().stream().map(Check::id).distinct().count(),
                        step.checks().size(),
                        step.id());
                assertFalse(step.kind().hold() && step.checks().isEmpty(), step.id() + " stops for nothing");
                handled.addAll(step.parts());
            }
            Set<String> left =
                    PartsList.of(rig).stream().map(PartsList.Part::id).collect(Collectors.toCollection(HashSet::new));
            left.removeAll(handled);
            assertEquals(left, Set.of(), rig.name() + ": in no step");
            steps += new BuildGraph(sheet).anyOrder().size();
        }
        Reporter.log(steps + " steps", true);
        assertTrue(steps > 10_000, steps + " steps");
    }

    /** Asked of places and parts alone, not of the needs that were told: what is shut away is done before it is shut. */
    @Test
    public void nothingIsShutAwayTooEarly() {
        for (Rig rig : rigs().toList()) {
            BuildPlan plan = BuildPlan.of(Line.of(rig), Workshop.usual("2026-12-04", "Europe/Oslo"));
            Map<String, Integer> at = places(plan.steps().stream().map(Step::id).toList());
            for (Enclosure box : rig.fitOut().boxes()) {
                int shut = at.getOrDefault(StepKind.SHUT.of(box.id()), -1);
                for (Step step : plan.steps()) {
                    boolean inside =
                            step.places().contains(box.station()) && step.kind().chapter() != Chapter.AFLOAT;
                    assertTrue(
                            !inside || at.getOrDefault(step.id(), Integer.MAX_VALUE) < shut,
                            rig.name() + ": " + step.id() + " inside the shut " + box.name());
                }
            }
        }
    }

    @DataProvider
    public Object[][] before() {
        return new Object[][] {
            // rig, first, later: the order of practitioners, handbook §11; common practice, no source
            {"gannet", "pass.through-hull", "seal.through-hull"}, // plug before grommet
            {"gannet", "pass.port-left", "crimp.keypad-lead/end"}, // crimp after hole
            {"gannet", "crimp.keypad-lead/start", "pass.port-left"}, // terminals before routing where they stay
            {"gannet", "crimp.nine-lead/end", "route.nine-lead"}, // over a lip, with the lid off, on the bench
            {"gannet", "fasten.holder-nine", "set.nine"}, // mount before display
            {"gannet", "fuse-out.harness", "crimp.trunk/start"},
            {"gannet", "pull.trunk", "shrink.trunk"}, // pull test before sleeve
            {"gannet", "polarity.nine", "plug.nine"},
            {"gannet", "charge.pack", "load.pack"}, // charged before it goes in
            {"gannet", "see.views", "shut.bow-hatch"}, // seen before it disappears
            {"gannet", "shut.sonar", "cycle.sonar"}, // cord cycled with the guard on it
            {"gannet", "sign-off.layout", "fasten.sonar"},
            {"oystercatcher", "pass.up-aft-left", "fasten.transducer"}, // the lead goes up the scupper first
            {"oystercatcher", "route.transducer", "tie.transducer"},
            {"oystercatcher", "set.display", "tie.transducer"}, // slack with the holder in its place
            {"oystercatcher", "shut.bow-hatch", "float.rig"},
            {"lantern", "thread.transducer", "route.transducer"}, // float before threading
            {"lantern", "see.views", "save.views"}, // pages saved before ice
            {"lantern", "save.views", "launch.rig"},
            {"reedling", "sign-off.layout", "drill.pod-exit"}, // dry layout before the first hole
            {"reedling", "try-on.boards", "glue.boards"}, // tried on the real transom before glue
            {"reedling", "cure.boards", "shut.pod"},
            {"reedling", "deburr.pod-exit", "pass.pod-exit"},
            {"reedling", "route.lead", "foam.pod"}, // holes, hardware, harness, foam, pack
            {"reedling", "foam.pod", "load.pack"},
            {"reedling", "load.pack", "shut.pod"},
            {"sandpiper", "see.views", "shut.bag"},
        };
    }

    @Test(dataProvider = "before")
    public void oneComesBeforeTheOther(String rig, String first, String later) {
        BuildGraph graph = new BuildGraph(BuildSheet.of(Line.of(demo(rig)), CELSIUS));
        assertTrue(
                graph.sheet().step(first).isPresent(),
                first + " of " + graph.sheet().steps().stream().map(Step::id).toList());
        assertTrue(
                graph.sheet().step(later).isPresent(),
                later + " of " + graph.sheet().steps().stream().map(Step::id).toList());
        assertTrue(new Ancestors(graph.sheet().needs()).of(later).contains(first), first + " is not before " + later);
    }

    static Rig demo(String name) {
        return DemoRigs.all().stream()
                .filter(rig -> rig.name().toLowerCase(java.util.Locale.ROOT).startsWith(name))
                .findFirst()
                .orElseThrow();
    }

    /** Where a figure that a step shows has changed, its fingerprint has; the others keep theirs. */
    @Test
    public void whatChangedIsSeenByItsFingerprint() {
        for (Rig rig : DemoRigs.all()) {
            for (Rig changed : List.of(longer(rig), wider(rig), renamed(rig))) {
                BuildSheet before = BuildSheet.of(Line.of(rig), CELSIUS);
                BuildSheet after = BuildSheet.of(Line.of(changed), CELSIUS);
                for (Step step : before.steps()) {
                    after.step(step.id()).ifPresent(then -> {
                        boolean amounts = !amounts(step).equals(amounts(then));
                        boolean facts = !step.fingerprint().equals(then.fingerprint());
                        assertTrue(
                                facts || !amounts,
                                rig.name() + ": " + step.id() + " shows other figures than what was ticked");
                    });
                }
            }
        }
        Rig rig = demo("gannet");
        BuildSheet before = BuildSheet.of(Line.of(rig), CELSIUS);
        BuildSheet after = BuildSheet.of(Line.of(longer(rig)), CELSIUS);
        assertNotEquals(
                after.step("cut-wire.trunk").orElseThrow().fingerprint(),
                before.step("cut-wire.trunk").orElseThrow().fingerprint());
        assertEquals(
                after.step("fasten.holder-nine").orElseThrow().fingerprint(),
                before.step("fasten.holder-nine").orElseThrow().fingerprint());
    }

    private static List<String> amounts(Step step) {
        return Stream.concat(Stream.of(step.title()), step.says().stream())
                .flatMap(text -> text.amounts().stream())
                .map(amount -> amount.plain())
                .toList();
    }

    private static Rig longer(Rig rig) {
        Rig after = rig;
        for (var segment : rig.harness().segments()) {
            after = after.with(segment.withWire(segment.wire()
                    .withLengthM(new Figure.Given(segment.wire().lengthM().value() + 0.5, Figure.Basis.MEASURED))));
        }
        return after;
    }

    private static Rig wider(Rig rig) {
        return rig.withCraft(rig.craft()
                .withPassages(rig.craft().passages().stream()
                        .map(passage -> passage.openingM().isSet()
                                ? passage.withOpeningM(
                                        Figure.measured(passage.openingM().value() + 0.004))
                                : passage)
                        .map(passage -> passage.lengthM().isSet()
                                ? passage.withLengthM(
                                        Figure.measured(passage.lengthM().value() + 0.2))
                                : passage)
                        .toList()));
    }

    private static Rig renamed(Rig rig) {
        return rig.withDevices(rig.devices().stream()
                .map(device -> device.withName(device.name() + " of mine"))
                .toList());
    }
}
