package app.brightkeel.core.line;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Part;
import app.brightkeel.core.rig.Reads;
import app.brightkeel.core.rig.Rig;
import java.lang.ref.WeakReference;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** What is read is noted, and what stands on nothing that changed is what working it out anew would give. */
public class ReadsTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** Records whose parts are told apart, and that note nothing themselves. */
    private static final Set<String> TOLD_APART = Set.of("outing", "harness");

    @Test
    public void everyAccessorNotesItsPartAndEveryPartItsChange() throws Exception {
        for (Rig one : DemoRigs.all()) {
            for (Rig other : DemoRigs.all()) {
                Map<String, Long> bits = new HashMap<>();
                long differ = 0;
                Object[][] pairs = {
                    {one, other}, {one.outing(), other.outing()}, {one.harness(), other.harness()},
                };
                for (Object[] pair : pairs) {
                    for (RecordComponent component : pair[0].getClass().getRecordComponents()) {
                        Object value;
                        try (Reads reads = Reads.open(this)) {
                            value = component.getAccessor().invoke(pair[0]);
                            bits.put(component.getName(), reads.parts());
                        }
                        boolean same = value.equals(component.getAccessor().invoke(pair[1]));
                        differ |= same ? 0 : bits.get(component.getName());
                    }
                }
                TOLD_APART.forEach(each -> assertEquals(bits.remove(each), Long.valueOf(0), each));
                assertEquals(bits.values().stream().distinct().count(), Part.values().length, bits.toString());
                bits.forEach((name, bit) -> assertEquals(Long.bitCount(bit), 1, name));
                assertEquals(Part.changed(one, other), differ);
            }
        }
    }

    @Test
    public void whatIsLookedUpByIdIsNotedToo() {
        Rig rig = DemoRigs.oystercatcher();
        Harness harness = rig.harness();
        Outing outing = rig.outing();
        String pack = harness.packs().get(0).id();
        String device = rig.devices().get(0).id();
        String segment = harness.segments().get(0).id();
        Map<Runnable, Runnable> same = Map.of(
                () -> harness.pack(pack),
                harness::packs,
                harness::sources,
                harness::packs,
                () -> harness.segment(segment),
                harness::segments,
                () -> harness.from(pack),
                harness::segments,
                () -> harness.junction(pack),
                harness::junctions,
                () -> rig.device(device),
                rig::devices,
                () -> rig.placeOf(device),
                rig::places,
                () -> rig.holderOf(device),
                rig::holders,
                () -> rig.runOf(device),
                rig::runs,
                () -> rig.transducer(device),
                rig::transducers);
        same.forEach((look, part) -> assertEquals(noted(look), noted(part)));
        assertEquals(noted(() -> rig.displayOf(rig.transducers().get(0))) & noted(rig::devices), noted(rig::devices));
        assertEquals(noted(() -> rig.nameOfPoint(device)) & noted(rig::devices), noted(rig::devices));
        assertTrue(noted(outing::airC) != noted(outing::water));
    }

    private static long noted(Runnable look) {
        try (Reads reads = Reads.open(ReadsTest.class)) {
            look.run();
            return reads.parts();
        }
    }

    @Test
    public void assumedFiguresAreNotedThroughAllThatWasAsked() {
        Rig rig = DemoRigs.gannet();
        Line line = Line.of(rig.withOuting(rig.outing().withAirC(Figure.UNSET)));
        line.of("below", each -> each.rig().outing().airC().value());
        line.of(
                "above",
                each -> each.of("below", below -> below.rig().outing().airC().value()) + 1);
        line.of("beside", each -> each.rig().outing().airC().isSet());
        Figure air = line.rig().outing().airC();
        assertEquals(air.basis(), Figure.Basis.ASSUMED);
        assertSame(line.assumed("above").iterator().next(), air);
        assertEquals(line.assumed("below").size(), 1);
        assertEquals(line.assumed("beside"), Set.of());
    }

    /** The air's temperature as a figure, read where it is computed with. */
    private static final class Warmed implements DearStage<Figure, Double> {
        private int computed;

        @Override
        public String name() {
            return "warmed";
        }

        @Override
        public Outcome<Figure> needs(Line line) {
            return Outcome.known(line.rig().outing().airC());
        }

        @Override
        public Double compute(Figure needs) {
            computed++;
            return needs.value() + 1;
        }

        @Override
        public Working working(Line line) {
            return Working.missing("warmed", List.of("/outing/airC"));
        }
    }

    /** What was worked out for a rig just like it is no reason to have read less; what is only tried finds it. */
    @Test
    public void dearResultsAreFoundWhereNobodyAsksWhatTheyStandOn() {
        Rig demo = DemoRigs.gannet();
        Rig rig = demo.withOuting(demo.outing().withAirC(Figure.UNSET));
        Warmed stage = new Warmed();
        for (int times = 1; times <= 2; times++) {
            Line line = Line.of(rig);
            line.get(stage);
            assertEquals(line.assumed(stage), Set.of(line.rig().outing().airC()));
            assertEquals(stage.computed, times);
        }
        double tried = Line.of(demo).with(rig).get(stage).value();
        assertEquals(Line.of(demo).with(rig).get(stage).value(), tried, 0);
        assertEquals(stage.computed, 3);
    }

    /** Of every alternative that is offered for a rig, and of every part taken over from another one. */
    @Test
    public void whatStandsIsWhatWorkingItOutAnewGives() {
        int stood = 0;
        int tried = 0;
        List<Rig> rigs = Stream.concat(DemoRigs.all().stream(), Stream.of(TestRigs.twoScreens(), TestRigs.twoBanks()))
                .toList();
        for (Rig rig : rigs) {
            Line line = Line.of(rig);
            List<LinkState> before = REVIEWER.states(line);
            List<Rig> changed = new ArrayList<>();
            for (Link link : Link.values()) {
                Links.of(link).alternatives(line).stream().map(Change::after).forEach(changed::add);
            }
            rigs.forEach(other -> changed.addAll(mixed(rig, other)));
            Line last = line;
            for (Rig each : changed) {
                List<LinkState> anew = REVIEWER.states(Line.of(each));
                List<LinkState> after = REVIEWER.states(line.with(each));
                assertEquals(after, anew, each.name());
                last = last.with(each);
                assertEquals(REVIEWER.states(last), anew, each.name() + ", one after the other");
                for (Link link : Link.values()) {
                    stood += after.get(link.ordinal()) == before.get(link.ordinal()) ? 1 : 0;
                    tried++;
                }
            }
        }
        assertTrue(stood > tried / 4, stood + " of " + tried + " stood");
    }

    /** A rig with one part of another one each, where the two go together. */
    private static List<Rig> mixed(Rig rig, Rig other) {
        Outing outing = rig.outing();
        return List.of(
                rig.withOuting(outing.withAirC(other.outing().airC())),
                rig.withOuting(outing.withWater(other.outing().water())),
                rig.withOuting(outing.withDaysOut(other.outing().daysOut())),
                rig.withOuting(outing.withDayH(Figure.UNSET)),
                rig.withAngler(other.angler()),
                rig.withSchools(other.schools()),
                rig.withWeights(other.weights()),
                rig.withOnHand(other.onHand()),
                rig.withChargers(List.of()),
                rig.withHolders(List.of()),
                rig.withPlaces(List.of()),
                rig.withRuns(List.of()),
                rig.withHarness(rig.harness().withSpares(List.of())),
                rig.withQuieted(Set.of("cable.coil", "carry.station-far")),
                rig.withName(other.name()));
    }

    @Test
    public void whatComesToTheSameIsTheSame() {
        Rig rig = DemoRigs.oystercatcher();
        Line line = Line.of(rig);
        List<String> worked = new ArrayList<>();
        String first = line.of("cold", each -> cold(each, worked));
        line.of("said", each -> said(each, worked));
        Line warmer = line.with(rig.withOuting(rig.outing().withAirC(Figure.chosen(12))));
        assertSame(warmer.of("cold", each -> cold(each, worked)), first);
        warmer.of("said", each -> said(each, worked));
        assertEquals(worked, List.of("cold", "said", "cold"));
        Line freezing = warmer.with(rig.withOuting(rig.outing().withAirC(Figure.chosen(-12))));
        assertEquals(freezing.of("said", each -> said(each, worked)), "it is true");
        assertEquals(worked, List.of("cold", "said", "cold", "cold", "said"));
    }

    private static String cold(Line line, List<String> worked) {
        worked.add("cold");
        return String.valueOf(line.rig().outing().airC().value() < 0);
    }

    private static String said(Line line, List<String> worked) {
        String cold = line.of("cold", each -> cold(each, worked));
        worked.add("said");
        return "it is " + cold;
    }

    /** What is kept of a line for those that follow it does not keep the line: an evening's edits would all stay. */
    @Test
    public void aLineThatWasFollowedIsForgotten() {
        Rig rig = DemoRigs.gannet();
        Line at = Line.of(rig);
        WeakReference<Line> first = new WeakReference<>(at);
        for (int colder = 1; colder <= 3; colder++) {
            REVIEWER.states(at);
            at = at.with(rig.withOuting(rig.outing().withAirC(Figure.chosen(-colder))));
        }
        REVIEWER.states(at);
        for (int i = 0; i < 20 && first.get() != null; i++) {
            System.gc();
        }
        assertNull(first.get());
    }
}
