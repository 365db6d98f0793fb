package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.circuit.WireResistance;
import app.brightkeel.core.harness.Exposure;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Changes of wire. */
public final class WireChanges {

    /** What is saved elsewhere as the current falls with the rising volts; common practice, no source. */
    private static final double LESS_CURRENT = 1.2;

    private static final List<Gauge> AWG = WireTables.awg().stream()
            .map(size -> (Gauge) new Gauge.Awg(size.awg()))
            .toList();
    private static final List<Gauge> METRIC = WireTables.metric().stream()
            .map(size -> (Gauge) new Gauge.Metric(size.areaMm2()))
            .toList();

    private WireChanges() {}

    /** Each segment in the next thicker sizes of its own family; the smallest that cures comes first. */
    public static Stream<Change> thicker(Line line) {
        return thicker(line, 0);
    }

    /**
     * The same without those that cannot save so much.
     *
     * @param wantedV at the worst device [V]
     */
    public static Stream<Change> thicker(Line line, double wantedV) {
        return IntStream.range(1, WireTables.awg().size()).boxed().flatMap(step -> thicker(line, step, wantedV));
    }

    private static Stream<Change> thicker(Line line, int steps, double wantedV) {
        List<Segment> segments = line.entered().harness().segments();
        List<Change> all = new ArrayList<>();
        double together = 0;
        for (Segment segment : segments) {
            Gauge now = segment.wire().gauge();
            Gauge then = thicker(now, steps);
            double savedV = savesV(line, segment, then);
            together += savedV;
            if (!then.equals(now) && savedV >= wantedV) {
                all.add(gauge(line, segment, then));
            }
        }
        if (segments.size() > 1 && together >= wantedV) {
            all.add(allThicker(line, steps));
        }
        return all.stream();
    }

    /** At most so many volts less are lost in a segment if it is so much thicker, were all the current to pass it. */
    private static double savesV(Line line, Segment entered, Gauge thick) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown()
                || !feed.value().mean().exists()
                || !feed.value().start().exists()) {
            return Double.POSITIVE_INFINITY;
        }
        double amps = Math.max(most(feed.value().mean()), most(feed.value().start()));
        Segment now = line.rig().harness().segment(entered.id());
        Segment then = now.withWire(now.wire().withGauge(thick));
        double air = line.rig().outing().airC().value();
        return LESS_CURRENT * amps * (new WireResistance(now, air).loopOhm() - new WireResistance(then, air).loopOhm());
    }

    private static double most(FeedState.Point point) {
        return point.amps().stream().mapToDouble(amps -> amps).max().orElse(0);
    }

    /** Each spare lead in the next thicker sizes. */
    public static Stream<Change> thickerSpares(Line line) {
        Harness harness = line.entered().harness();
        return harness.spares().stream().flatMap(spare -> {
            Gauge now = spare.wire().gauge();
            return IntStream.range(1, WireTables.awg().size())
                    .mapToObj(step -> thicker(now, step))
                    .distinct()
                    .filter(then -> !then.equals(now))
                    .map(then -> thickSpare(line, spare, then));
        });
    }

    private static Change thickSpare(Line line, Segment spare, Gauge gauge) {
        Harness harness = line.entered().harness();
        List<Segment> spares = harness.spares().stream()
                .map(each -> each == spare ? spare.withWire(spare.wire().withGauge(gauge)) : each)
                .toList();
        String ladder = "wire.spare." + spare.id();
        return new Change(
                ladder + "." + gauge.size().words().replaceAll("[^A-Za-z0-9]+", "-"),
                ladder,
                Text.of("{} in {}", spare.name(), gauge.size().words()),
                Effort.BUY,
                line.entered().withHarness(harness.withSpares(spares)));
    }

    private static Gauge thicker(Gauge gauge, int steps) {
        List<Gauge> family = family(gauge);
        int at = family.indexOf(gauge) + steps;
        return gauge.decided() && at < family.size() ? family.get(at) : gauge;
    }

    /** Where several devices go short, one wire alone may cure none of them. */
    private static Change allThicker(Line line, int steps) {
        Harness harness = line.entered().harness();
        List<Segment> thick = harness.segments().stream()
                .map(segment -> segment.withWire(
                        segment.wire().withGauge(thicker(segment.wire().gauge(), steps))))
                .toList();
        return new Change(
                "wire.gauge-all." + steps,
                "wire.gauge-all",
                Text.of("Every wire {} thicker", steps == 1 ? "one size" : steps + " sizes"),
                Effort.BUY,
                line.entered().withHarness(harness.withSegments(thick)));
    }

    /** The sizes a segment may be bought in: AWG unless it is metric. */
    public static List<Gauge> family(Gauge gauge) {
        return gauge instanceof Gauge.Metric ? METRIC : AWG;
    }

    /** The same by the wire's id and the size as ids write it. */
    public static Optional<Change> gauge(Line line, String segment, String size) {
        return line.entered().harness().segments().stream()
                .filter(each -> each.id().equals(segment))
                .flatMap(each -> Stream.concat(AWG.stream(), METRIC.stream())
                        .filter(gauge -> slug(gauge).equals(size))
                        .map(gauge -> gauge(line, each, gauge)))
                .findFirst();
    }

    private static String slug(Gauge gauge) {
        return gauge.size().words().replace(" mm²", "-mm").replace('.', '-').replace(' ', '-');
    }

    /** One segment in another size. */
    public static Change gauge(Line line, Segment segment, Gauge gauge) {
        String size = gauge.size().words();
        String ladder = "wire.gauge." + segment.id();
        return new Change(
                ladder + "." + slug(gauge),
                ladder,
                Text.of("{} in {}", segment.name(), size),
                Effort.BUY,
                line.entered().with(segment.withWire(segment.wire().withGauge(gauge))));
    }

    /** The harness built anew by each of the usual ways of handing power on. */
    public static Stream<Change> schools(Line line) {
        return Distribution.all(line).stream();
    }

    /** A sheath over each bare segment. */
    public static List<Change> sheath(Line line) {
        return line.entered().harness().segments().stream()
                .filter(s -> !s.wire().sheathed())
                .map(s -> new Change(
                        "wire.sheath." + s.id(),
                        Text.of("A sheath over {}", s.name()),
                        Effort.BUY,
                        line.entered().with(s.withWire(s.wire().withSheathed(true)))))
                .toList();
    }

    /** A single 12 V block where a pack has more. */
    public static List<Change> twelveVolts(Line line) {
        return line.entered().harness().packs().stream()
                .filter(p -> p.blocks() > 1)
                .map(p -> new Change(
                        "wire.twelve-volts." + p.id(),
                        Text.of("{} as 12 V, not in series", p.name()),
                        Effort.MOVE,
                        line.entered().with(p.withBlocks(1))))
                .toList();
    }

    /** A fused lead of its own from the first pack to each device that has none. */
    public static List<Change> directLead(Line line) {
        Rig rig = line.entered();
        Topology topology = Topology.of(rig);
        List<Change> all = new ArrayList<>();
        for (int d = 0; d < rig.devices().size() && !rig.harness().packs().isEmpty(); d++) {
            if (topology.nodeOfDevice(d) < 0) {
                Device device = rig.devices().get(d);
                Change.possible(() -> lead(rig, device)).forEach(all::add);
            }
        }
        return all;
    }

    /** The right plug at the end of every lead that has another. */
    public static List<Change> rightPlugs(Line line) {
        Rig rig = line.entered();
        List<Change> all = new ArrayList<>();
        for (Segment segment : rig.harness().segments()) {
            for (Device device : rig.devices()) {
                Figure socket = device.sockets().powerPins();
                boolean differs = socket.isSet()
                        && segment.end().pins().isSet()
                        && segment.end().pins().value() != socket.value();
                if (device.id().equals(segment.to()) && differs) {
                    all.add(new Change(
                            "wire.right-plug." + segment.id(),
                            Text.of("A lead with a plug of {} pins", new Amount(socket.value(), Unit.COUNT)),
                            Effort.BUY,
                            rig.with(segment.withEnd(segment.end().withPins(Figure.chosen(socket.value()))))));
                }
            }
        }
        return all;
    }

    /** A rig with one more device on a fused lead of its own from the first pack, where there is one. */
    public static Rig withDevice(Rig rig, Device device) {
        List<Device> devices = new ArrayList<>(rig.devices());
        devices.add(device);
        Rig more = rig.withDevices(devices);
        return rig.harness().packs().isEmpty() ? more : lead(more, device).after();
    }

    private static Change lead(Rig rig, Device device) {
        Pack pack = rig.harness().packs().get(0);
        Fitting.Fuse fuse = new Fitting.Fuse(
                FreshId.of(rig, "fuse-" + device.id()),
                Checks.fitted("fuse of the " + device.name()),
                Figure.chosen(3),
                Fitting.Form.BLADE,
                Figure.chosen(Place.PUT_M),
                Figure.UNSET);
        Segment lead = new Segment(
                FreshId.of(rig, "lead-" + device.id()),
                Checks.fitted("lead of the " + device.name()),
                pack.id(),
                device.id(),
                // as long as its way, once both ends have their places
                Wire.pair(new Gauge.Awg(18), Figure.UNSET).withTinned(Exposure.wet(rig)),
                List.of(fuse));
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        segments.removeIf(s -> s.to().equals(device.id()));
        segments.add(lead);
        return new Change(
                "wire.direct-lead." + device.id(),
                Text.of("A fused lead of its own to the {}", device.name()),
                Effort.BUY,
                rig.withHarness(rig.harness().withSegments(segments)));
    }
}
