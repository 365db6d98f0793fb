package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.chosen;
import static app.brightkeel.core.rig.Figure.measured;
import static app.brightkeel.core.rig.Figure.rated;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Ending.Half;
import app.brightkeel.core.rig.Ending.Terminal;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** For each rule about plugs, junctions, sorts of wire and coordination a rig that breaks it. */
final class WireTriggers {

    /** The lead once more, carried along without a fuse. */
    private static Rig spareLead() {
        Rig rig = RuleTriggers.good();
        Segment spare = rig.harness()
                .segment("lead")
                .with(s -> s.id("spare").name("spare lead").fittings(List.of()));
        return rig.withHarness(rig.harness().withSpares(List.of(spare)));
    }

    private static final Rig GOOD = RuleTriggers.good();
    private static final Ending SHROUDED = Ending.of(Terminal.QUICK_PLUG, Half.SHROUDED);
    private static final Ending PINS = Ending.of(Terminal.QUICK_PLUG, Half.OPEN_PINS);

    private WireTriggers() {}

    static Map<String, Rig> all() {
        Rig branched = branched();
        return Map.ofEntries(
                Map.entry("wire.plug-does-not-mate", ended(SHROUDED, SHROUDED)),
                Map.entry("wire.spare-does-not-mate", withSpare(ended(SHROUDED, PINS))),
                Map.entry("wire.live-pins-open", ended(PINS, SHROUDED)),
                Map.entry(
                        "wire.colours-unlike",
                        branched.with(
                                other(branched).withWire(other(branched).wire().withColours("brown and blue")))),
                Map.entry(
                        "wire.shared-switch",
                        branched.with(block(branched)
                                .with(b -> b.sort(Junction.Meeting.SWITCHED).labelled(true)))),
                Map.entry("wire.too-few-ways", branched.with(block(branched).withWays(rated(1)))),
                Map.entry("wire.unlabelled", branched.with(block(branched).withSort(Junction.Meeting.BLOCK))),
                Map.entry("wire.not-tinned", lead(s -> s.withWire(s.wire().withTinned(false)))),
                Map.entry("wire.no-length", lead(s -> s.withWire(s.wire().withLengthM(chosen(0))))),
                Map.entry("wire.leads-nowhere", leadingNowhere()),
                Map.entry("wire.spring-clips", ended(Ending.UNKNOWN, Ending.of(Terminal.CLIP, Half.UNDECIDED))),
                Map.entry("wire.no-main-switch", GOOD.with(new Placement("pack", "stern-well", false))),
                Map.entry("wire.beside-sonar", besideSonar()),
                Map.entry("wire.motor-on-sonar", withPump(branched)),
                Map.entry("wire.devices-read-apart", readingApart(branched)),
                Map.entry("fuse.wire-burns-first", burning()),
                Map.entry("fuse.opens-upstream", branched.with(segment(branched, "trunk", 4))),
                Map.entry("fuse.spare-lead", spareLead()),
                Map.entry("fuse.no-spares", lead(WireTriggers::withoutSpares)));
    }

    private static Rig lead(UnaryOperator<Segment> change) {
        return GOOD.with(change.apply(GOOD.harness().segment("lead")));
    }

    private static Segment withoutSpares(Segment lead) {
        return lead.with(((Fitting.Fuse) lead.fittings().get(0)).withSpares(measured(0)));
    }

    private static Rig ended(Ending pack, Ending start) {
        return lead(s -> s.withStart(start)).with(GOOD.harness().pack("pack").withEnding(pack));
    }

    private static Rig withSpare(Rig rig) {
        Segment lead = rig.harness().segment("lead");
        Segment spare =
                new Segment("spare", "spare lead", "pack", lead.to(), lead.wire(), List.of(), SHROUDED, SHROUDED);
        return rig.withHarness(rig.harness().withSpares(List.of(spare)));
    }

    private static Rig leadingNowhere() {
        Segment lead = GOOD.harness().segment("lead");
        Fitting.Fuse fuse = (Fitting.Fuse) lead.fittings().get(0);
        Segment stub = lead.with(s -> s.id("stub").to("end").fittings(List.of(fuse.withId("stub-fuse"))));
        return GOOD.withHarness(GOOD.harness()
                .with(h -> h.segments(List.of(lead, stub)).junctions(List.of(new Junction("end", "end")))));
    }

    /** Both over the keel way. */
    private static Rig besideSonar() {
        return lead(s -> s.withWire(s.wire().withTwisted(false)))
                .with(Run.along(
                                "supply-run",
                                "lead",
                                List.of("well-to-stern-hatch", "stern-lip", "keel-way", "bow-lip", "bow-to-rail-left"))
                        .withLoopM(chosen(0.1)));
    }

    private static Segment other(Rig rig) {
        return rig.harness().segment("other");
    }

    private static Junction block(Rig rig) {
        return rig.harness().junction("block").orElseThrow();
    }

    /** Two displays on a short thick trunk. */
    private static Rig branched() {
        Device display = GOOD.devices().get(0);
        Device second = display.with(d -> d.id("second").name("second display"));
        Harness harness = new Harness(
                List.of(GOOD.harness().pack("pack").withMaxDischargeA(rated(30))),
                List.of(new Junction("block", "block")),
                Stream.of(
                                TestRigs.lead("trunk", "pack", "block", new Gauge.Awg(10), 0.4, 15),
                                TestRigs.lead("lead", "block", display.id(), new Gauge.Awg(14), 1.2, 3),
                                TestRigs.lead("other", "block", "second", new Gauge.Awg(14), 1.2, 3))
                        .map(segment -> segment.withWire(segment.wire().withTinned(true)))
                        .toList());
        return GOOD.withRuns(GOOD.runs().stream()
                        .filter(run -> !run.carries().equals("lead"))
                        .toList())
                .withDevices(List.of(display, second))
                .withHarness(harness);
    }

    private static Segment segment(Rig rig, String id, double ratingA) {
        Segment segment = rig.harness().segment(id);
        return segment.with(((Fitting.Fuse) segment.fittings().get(0)).withRatingA(rated(ratingA)));
    }

    private static Rig withPump(Rig rig) {
        Device second = rig.device("second");
        Device pump = second.with(d -> d.kind(DeviceKind.PUMP).draw(new Draw.Steady(rated(1.2))));
        return rig.with(pump);
    }

    private static Rig readingApart(Rig rig) {
        Segment other = rig.harness().segment("other");
        return rig.with(other.withWire(other.wire().withGauge(new Gauge.Awg(20)).withLengthM(measured(6))));
    }

    /** A fuse as large as the wire's ampacity, and a short at the far end that is just twice of it. */
    private static Rig burning() {
        Rig rig = lead(s -> segment(GOOD, "lead", 20)
                .withWire(s.wire().withGauge(new Gauge.Awg(18)).withLengthM(measured(4.4))));
        Device display = rig.devices().get(0);
        return rig.with(display.withLimits(display.limits().withMaxFuseA(rated(30))));
    }
}
