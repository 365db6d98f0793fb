package app.brightkeel.core.build;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.whole.EveryRig;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Orders against a library's, the critical path by hand, days over the edges of summer time. */
public class OrderTest {

    private static final Workshop WORKSHOP = Workshop.usual("2026-12-04", "Europe/Oslo");

    private static Step step(String id, StepKind kind, double minutes) {
        StepDraft draft = new StepDraft(kind, id, Text.of(id)).minutes(minutes);
        return draft.done(draft.id());
    }

    private static Need need(String before, String after, double restH) {
        return new Need(before, after, Need.Sort.ORDER, "", restH);
    }

    /** Every proposed order is one of JGraphT's directed acyclic graph, every order of that graph is judged unbroken. */
    @Test
    public void ordersAreThoseOfTheLibrary() {
        Random random = new Random(11);
        for (Rig rig : EveryRig.written()) {
            BuildSheet sheet = BuildSheet.of(Line.of(rig), 18);
            BuildGraph graph = new BuildGraph(sheet);
            DirectedAcyclicGraph<String, DefaultEdge> library = new DirectedAcyclicGraph<>(DefaultEdge.class);
            sheet.steps().forEach(step -> library.addVertex(step.id()));
            sheet.needs().forEach(need -> library.addEdge(need.before(), need.after()));
            List<String> theirs = new ArrayList<>();
            library.iterator().forEachRemaining(theirs::add);
            assertEquals(OrderJudged.of(graph, theirs).broken(), List.of(), rig.name());
            for (List<String> ours : List.of(
                    WorkOrder.of(graph),
                    Schedule.of(graph, WorkOrder.of(graph), WORKSHOP).order())) {
                assertEquals(ours.size(), theirs.size(), rig.name());
                for (String id : ours) {
                    library.getAncestors(id)
                            .forEach(before -> assertTrue(
                                    ours.indexOf(before) < ours.indexOf(id),
                                    rig.name() + ": " + before + " after " + id));
                }
            }
            if (!sheet.needs().isEmpty()) {
                Need need = sheet.needs().get(random.nextInt(sheet.needs().size()));
                List<String> broken = new ArrayList<>(theirs);
                Collections.swap(broken, theirs.indexOf(need.before()), theirs.indexOf(need.after()));
                assertTrue(
                        OrderJudged.of(graph, broken).broken().stream().anyMatch(need::equals),
                        rig.name() + ": " + need);
            }
        }
    }

    /** Shut before the lead under it is seated: it fails, and names the step that is blocked. */
    @Test
    public void whatIsShutTooEarlyIsNamed() {
        BuildGraph graph = new BuildGraph(BuildSheet.of(Line.of(DemoRigs.gannet()), 18));
        List<String> order = new ArrayList<>(WorkOrder.of(graph));
        order.remove("route.sonar");
        order.add(order.indexOf("shut.bow-hatch") + 1, "route.sonar");
        OrderJudged judged = OrderJudged.of(graph, order);
        assertTrue(closesTooEarly(judged));
        Need broken = judged.broken().stream()
                .filter(each -> each.sort() == Need.Sort.CLOSES
                        && each.after().equals("shut.bow-hatch")
                        && each.before().equals("route.sonar"))
                .findFirst()
                .orElseThrow();
        assertEquals(broken.why(), "the lid of the bow hatch shuts away what has to be got at");
        assertFalse(closesTooEarly(OrderJudged.of(graph, WorkOrder.of(graph))));
    }

    private static boolean closesTooEarly(OrderJudged judged) {
        return judged.broken().stream().anyMatch(each -> each.sort() == Need.Sort.CLOSES);
    }

    /** Lifted before it is unplugged: it fails. */
    @Test
    public void nothingIsLiftedBeforeItIsUnplugged() {
        for (Rig rig : EveryRig.written()) {
            for (ApartSheet apart : ApartSheet.all(Line.of(rig))) {
                BuildGraph graph = new BuildGraph(apart.sheet());
                assertEquals(OrderJudged.of(graph, apart.order()).broken(), List.of(), rig.name());
                for (Need need : apart.sheet().needs()) {
                    if (need.after().startsWith("lift.") && need.before().startsWith("unplug.")) {
                        List<String> early = new ArrayList<>(apart.order());
                        early.remove(need.after());
                        early.add(0, need.after());
                        assertTrue(
                                OrderJudged.of(graph, early).broken().stream()
                                        .anyMatch(broken -> broken.before().equals(need.before())),
                                rig.name() + ": " + need);
                    }
                }
            }
        }
    }

    /** Counted by hand: of the big kayak eight plugs, two knobs, a clamp and a tether, and a half minute for each. */
    @Test
    public void plugsKnobsAndStrapsAreCounted() {
        ApartSheet strip = ApartSheet.of(Line.of(DemoRigs.gannet()), Apart.STRIP);
        assertEquals(List.of(strip.plugs(), strip.knobs(), strip.straps()), List.of(8, 3, 1));
    }

    @DataProvider
    public Object[][] wrongOrders() {
        return new Object[][] {
            {List.of("measure.a", "measure.b"), "measure.c"},
            {List.of("measure.a", "measure.b", "measure.b", "measure.c"), "measure.b"},
            {List.of("measure.a", "measure.b", "measure.c", "measure.d"), "measure.d"},
        };
    }

    @Test(dataProvider = "wrongOrders")
    public void orderOfOtherStepsIsRefused(List<String> order, String named) {
        BuildGraph graph = new BuildGraph(new BuildSheet(
                List.of(step("a", StepKind.MEASURE, 1), step("b", StepKind.MEASURE, 1), step("c", StepKind.MEASURE, 1)),
                List.of()));
        Refusal refusal = expectThrows(Refusal.class, () -> OrderJudged.of(graph, order));
        assertEquals(refusal.value(), named);
    }

    @Test
    public void loopsAreRefusedByName() {
        Refusal loop = expectThrows(
                Refusal.class,
                () -> new BuildGraph(new BuildSheet(
                        List.of(
                                step("a", StepKind.MEASURE, 1),
                                step("b", StepKind.MEASURE, 1),
                                step("c", StepKind.MEASURE, 1)),
                        List.of(need("measure.a", "measure.b", 0), need("measure.b", "measure.a", 0)))));
        assertEquals(loop.code(), RefusalCode.LOOP);
        assertEquals(loop.value(), "measure.a, measure.b");
        Refusal nothing = expectThrows(
                Refusal.class,
                () -> new BuildGraph(new BuildSheet(
                        List.of(step("a", StepKind.MEASURE, 1)), List.of(need("measure.a", "measure.x", 0)))));
        assertEquals(nothing.code(), RefusalCode.DANGLING);
    }

    /**
     * By hand. a 60 min, then b 30 min; b rests 10 h until c, 15 min; a, then d, 120 min; c and d before e, 30 min. Chains:
     * a-b-c-e 1 + 0.5 + 10 + 0.25 + 0.5 = 12.25 h, a-d-e 3.5 h.
     */
    @Test
    public void criticalPathByHand() {
        BuildGraph graph = new BuildGraph(new BuildSheet(
                List.of(
                        step("a", StepKind.GLUE, 60),
                        step("b", StepKind.GLUE, 30),
                        step("c", StepKind.CURE, 15),
                        step("d", StepKind.CRIMP, 120),
                        step("e", StepKind.SHUT, 30)),
                List.of(
                        need("glue.a", "glue.b", 0),
                        need("glue.b", "cure.c", 10),
                        need("glue.a", "crimp.d", 0),
                        need("cure.c", "shut.e", 0),
                        need("crimp.d", "shut.e", 0))));
        assertEquals(
                graph.criticalPath().stream().map(Step::id).toList(), List.of("glue.a", "glue.b", "cure.c", "shut.e"));
        assertEquals(graph.tailH().getOrDefault("glue.a", 0.0), 12.25, 1e-12);
        // Friday 19:00: a and b until 20:30, and d meanwhile until 22:30; c from 6:30 on, so on Saturday at 9:30
        Workshop four = new Workshop("2026-12-04", "Europe/Oslo", 18, 4, 5, 5);
        Schedule schedule = Schedule.of(graph, WorkOrder.of(graph), four);
        assertEquals(
                schedule.sittings().stream()
                        .map(session -> session.begin() + " " + session.steps())
                        .toList(),
                List.of("2026-12-04T19:00+01:00 [glue.a, glue.b, crimp.d]", "2026-12-05T09:30+01:00 [cure.c, shut.e]"));
        assertEquals(schedule.sittings().get(0).rests().get(0).until(), "2026-12-05T06:30+01:00");
    }

    /** A night that the clock takes an hour from is an hour shorter for glue, too; one that it gives back is longer. */
    @Test
    public void hoursOverTheEdgesOfSummerTime() {
        Map<String, String> untilByDay =
                Map.of("2026-03-28", "2026-03-29T12:30+02:00", "2026-10-24", "2026-10-25T10:30+01:00");
        untilByDay.forEach((day, until) -> {
            BuildGraph graph = new BuildGraph(new BuildSheet(
                    List.of(step("a", StepKind.GLUE, 60), step("c", StepKind.CURE, 15)),
                    List.of(need("glue.a", "cure.c", 25))));
            // both are Saturdays: work begins at 9:30
            Schedule schedule = Schedule.of(graph, WorkOrder.of(graph), Workshop.usual(day, "Europe/Oslo"));
            assertEquals(schedule.sittings().get(0).rests().get(0).until(), until, day);
            assertTrue(schedule.sittings().get(1).steps().contains("cure.c"), day);
        });
    }

    @DataProvider
    public Object[][] cures() {
        return new Object[][] {
            // handbook §11, at 20 °C, from memory: gel 24 h, polyurethane 24-48 h and 5-7 days, epoxy 12-24 h; double
            // in the cold
            {Cure.SILICONE_GEL, 20, 24, 24},
            {Cure.MARINE_SEALANT, 20, 48, 168},
            {Cure.EPOXY, 20, 24, 168},
            {Cure.SILICONE_GEL, 10, 48, 48},
            {Cure.MARINE_SEALANT, 10, 96, 336},
            {Cure.SILICONE_GEL, 30, 24, 24},
        };
    }

    @Test(dataProvider = "cures")
    public void curesByTheirTable(Cure cure, double celsius, double hours, double full) {
        assertEquals(cure.hours(celsius), hours, 1e-9);
        assertEquals(cure.fullHours(celsius), full, 1e-9);
        expectThrows(Refusal.class, () -> cure.hours(Cure.COLDEST_C - 1));
    }

    @DataProvider
    public Object[][] workshops() {
        return new Object[][] {
            {"2026-02-30", "Europe/Oslo", 18, 2, "firstDay"},
            {"2026-12-04", "Mars/Sea", 18, 2, "zone"},
            {"2026-12-04", "Europe/Oslo", 4, 2, "celsius"},
            {"2026-12-04", "Europe/Oslo", 18, 7, "eveningH"},
            {"2026-12-04", "Europe/Oslo", 18, 0, "eveningH"},
        };
    }

    @Test(dataProvider = "workshops")
    public void workshopThatThereIsNotIsRefused(
            String day, String zone, double celsius, double eveningH, String field) {
        Refusal refusal = expectThrows(Refusal.class, () -> new Workshop(day, zone, celsius, eveningH, 0, 0));
        assertEquals(refusal.field(), field);
    }

    /** An order made for another revision: what is gone is left out, what is new stands behind what it waits for. */
    @Test
    public void orderOfAnOlderRigIsFilledUp() {
        Line line = Line.of(DemoRigs.oystercatcher());
        List<String> old = new ArrayList<>(
                BuildPlan.of(line, WORKSHOP).steps().stream().map(Step::id).toList());
        old.remove("tie.lead");
        old.add(3, "drill.long-gone");
        BuildPlan plan = BuildPlan.of(line, WORKSHOP, old);
        assertEquals(plan.broken(), List.of());
        assertTrue(plan.byHand());
        assertEquals(plan.steps().size(), old.size());
    }

    /** Ticked, then the rig is changed: the tick no longer counts, and says by which figure. */
    @Test
    public void aTickIsVoidedByWhatItTicked() {
        Rig rig = DemoRigs.gannet();
        Step cut = BuildSheet.of(Line.of(rig), 18).step("cut-wire.trunk").orElseThrow();
        Step plug = BuildSheet.of(Line.of(rig), 18).step("plug.nine").orElseThrow();
        List<Tick> ticks = List.of(
                Tick.of(cut, "", "2026-12-04T19:00:00Z"),
                Tick.of(plug, "seated", "2026-12-04T19:00:00Z"),
                new Tick("drill.gone", "", "x", Text.of("Drill for what is gone"), List.of(), "2026-12-04T19:00:00Z"));
        Progress before = Progress.of(List.of(cut, plug), ticks);
        assertEquals(before.steps().get(0), new Progress.Done(cut.id(), List.of(""), true, List.of()));
        assertFalse(before.steps().get(1).whole(), "one of two is seen");
        assertEquals(before.done(), 1);
        assertEquals(before.gone().get(0).title().plain(), "Drill for what is gone");
        Segment trunk = rig.harness().segment("trunk");
        Rig longer = rig.with(trunk.withWire(trunk.wire().withLengthM(Figure.measured(3.5))));
        Step now = BuildSheet.of(Line.of(longer), 18).step("cut-wire.trunk").orElseThrow();
        Progress after = Progress.of(List.of(now), ticks);
        assertEquals(after.done(), 0);
        assertEquals(
                after.steps().get(0).voids().stream().map(Text::plain).toList(),
                List.of("length was 3.00 m, is 3.50 m"));
    }
}
