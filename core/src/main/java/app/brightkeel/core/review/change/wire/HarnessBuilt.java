package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.harness.Motors;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.change.wire.Distribution.School;
import app.brightkeel.core.rig.CraftAssumptions;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Ending.Half;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.ShortestWay;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Sockets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** One harness built anew: lengths as they are known, gauges by the formula of ABYC E-11, fuses by load and limits. */
final class HarnessBuilt {

    /** 3 % of 12 V, of which a trunk may take two thirds; the split is common practice, no source. */
    private static final double ALLOWED_V = 0.36;

    private static final double TRUNK_SHARE = 2.0 / 3;

    /** A branch's fuse sits in the block itself [m]. */
    static final double AT_BLOCK_M = 0.02;

    private static final double AT_POST_M = 0.03;
    private static final double PIGTAIL_M = 0.15;
    private static final double LEAST_BRANCH_M = 0.2;

    /** By what a wire of unknown length is sized [m]; common practice, no source. */
    private static final double SIZED_BY_M = 2;

    /** Of the shortest reach so much runs together with the others where nobody said; common practice, no source. */
    private static final double TOGETHER = 0.6;

    /** Draw of a harness's own lamp; common practice, no source [A]. */
    private static final double LAMP_M = 0.02;

    private static final double LAMP_A = 0.02;

    private static final int SPARE_WAYS = 2;

    private final Line line;
    private final School school;
    private final HarnessSizes sizes;
    private final List<Device> devices;
    private final Pack pack;
    private final Topology tree;
    private final List<Segment> segments = new ArrayList<>();
    private final List<Junction> junctions = new ArrayList<>();
    private Rig rig;

    /** @param thicker sizes added to what the formula wants */
    HarnessBuilt(Line line, School school, int thicker) {
        this.line = line;
        this.school = school;
        sizes = new HarnessSizes(line, thicker);
        rig = line.entered();
        devices = line.rig().devices();
        tree = Topology.of(line.rig());
        pack = line.rig().harness().packs().get(rig.harness().sources().get(0).get(0));
    }

    Rig rig() {
        switch (school) {
            case IN_LINE -> direct(pack.ending().mate(), Fitting.Form.BLADE, Place.PUT_M);
            case BOAT -> {
                Ending post = Ending.of(Ending.Terminal.POST, Half.UNDECIDED);
                rig = rig.with(rig.harness().pack(pack.id()).withEnding(post));
                direct(post, Fitting.Form.TERMINAL_CUBE, AT_POST_M);
            }
            case SPLITTER, BLOCK, SWITCHED -> tree(pack.id(), pack.ending().mate(), true);
            case QUICK_PLUGS -> plugged();
        }
        if (!everyReachKnown()) {
            segments.replaceAll(this::open);
        }
        Harness old = line.entered().harness();
        List<Segment> others =
                old.segments().stream().filter(s -> alternative(old, s.from())).toList();
        segments.addAll(others);
        List<Junction> kept = old.junctions().stream()
                .filter(j -> others.stream().anyMatch(s -> s.to().equals(j.id())))
                .toList();
        junctions.addAll(kept);
        return rig.withHarness(rig.harness().with(h -> h.segments(segments).junctions(junctions)));
    }

    /** Leads of packs that are not the one in use stay as they are, as far as they lead to a device. */
    private boolean alternative(Harness old, String from) {
        List<Integer> source = old.sources().get(0);
        return old.packs().stream().anyMatch(p -> p.id().equals(from))
                && source.stream()
                        .noneMatch(place -> old.packs().get(place).id().equals(from))
                && old.segments().stream()
                        .filter(s -> s.from().equals(from))
                        .allMatch(s -> devices.stream().anyMatch(d -> d.id().equals(s.to())));
    }

    private void direct(Ending start, Fitting.Form form, double atM) {
        for (int d = 0; d < devices.size(); d++) {
            lead(
                    d,
                    pack.id(),
                    reachM(d),
                    ALLOWED_V,
                    List.of(fuse(devices.get(d), sizes.ratingOf(d), sizes.stronger(form), atM)),
                    start);
        }
    }

    private void plugged() {
        Ending socket = Ending.of(Ending.Terminal.QUICK_PLUG, Half.SHROUDED);
        String point = FreshId.of(rig, "keyed-plug");
        junctions.add(new Junction(point, "keyed plug", Junction.Meeting.PLUG_POINT, Figure.chosen(1), false));
        double rating = devices.size() == 1 ? sizes.ratingOf(0) : sizes.mainRating(false);
        Segment pigtail = new Segment(
                FreshId.of(rig, "pigtail"),
                "pigtail of the battery",
                pack.id(),
                point,
                sizes.wire(sizes.allAmps(), PIGTAIL_M, ALLOWED_V, rating),
                List.of(mainFuse(rating)),
                pack.ending().mate(),
                socket);
        segments.add(pigtail);
        rig = rig.withChargers(rig.chargers().stream()
                .map(c -> c.charges().equals(pack.id()) ? c.withEnding(socket.mate()) : c)
                .toList());
        if (devices.size() == 1) {
            lead(0, point, Math.max(LEAST_BRANCH_M, reachM(0) - PIGTAIL_M), ALLOWED_V, List.of(), socket.mate());
        } else {
            tree(point, socket.mate(), false);
        }
        // a charger's plug is that of the pigtail, which is a wire only from here on
        rig = rig.withHarness(rig.harness().withSegments(List.of(pigtail)).withJunctions(junctions));
        rig = rig.withChargers(rig.chargers().stream()
                .map(c -> c.charges().equals(pack.id()) ? c.withVia(pigtail.id()) : c)
                .toList());
    }

    /** @param fused whether the trunk itself holds the main fuse */
    private void tree(String from, Ending start, boolean fused) {
        boolean branched = school == School.BLOCK || school == School.SWITCHED;
        if (school == School.SWITCHED) {
            addLamp();
        }
        List<Device> fed = line.rig().devices().size() == rig.devices().size() ? devices : rig.devices();
        String point = FreshId.of(rig, branched ? "block" : "splitter");
        double trunkM = trunkM();
        double rating = sizes.mainRating(branched);
        segments.add(new Segment(
                FreshId.of(rig, "trunk"),
                "trunk",
                from,
                point,
                sizes.wire(sizes.allAmps(), trunkM, ALLOWED_V * TRUNK_SHARE, rating),
                fused ? List.of(mainFuse(rating)) : List.of(),
                start,
                Ending.UNKNOWN));
        junctions.add(0, junction(point, fed.size()));
        for (int d = 0; d < devices.size(); d++) {
            List<Fitting> fittings = new ArrayList<>();
            if (school == School.SWITCHED) {
                String id = FreshId.of(rig, "switch-" + devices.get(d).id());
                fittings.add(new Fitting.Switch(
                        id, Checks.fitted("switch of the " + devices.get(d).name()), Figure.UNSET));
            }
            if (branched || tooLargeFor(devices.get(d), rating)) {
                fittings.add(fuse(devices.get(d), sizes.ratingOf(d), Fitting.Form.BLADE, AT_BLOCK_M));
            }
            double branchM = Math.max(LEAST_BRANCH_M, reachM(d) - trunkM);
            lead(d, point, branchM, ALLOWED_V * (1 - TRUNK_SHARE), fittings, Ending.UNKNOWN);
        }
        if (fed.size() > devices.size()) {
            Device lamp = fed.get(fed.size() - 1);
            segments.add(new Segment(
                    FreshId.of(rig, "lead-" + lamp.id()),
                    Checks.fitted("lead of the " + lamp.name()),
                    point,
                    lamp.id(),
                    sizes.wire(LAMP_A, LEAST_BRANCH_M, ALLOWED_V, 1),
                    List.of(fuse(lamp, 1, Fitting.Form.BLADE, AT_BLOCK_M))));
        }
    }

    /** One fuse for all may be more than a device's maker allows: then it has one of its own as well. */
    private static boolean tooLargeFor(Device device, double ratingA) {
        return device.limits().maxFuseA().isSet() && device.limits().maxFuseA().value() < ratingA;
    }

    private Junction junction(String id, int branches) {
        return switch (school) {
            case BLOCK -> new Junction(id, "fuse block", Junction.Meeting.BLOCK, ways(branches), true);
            case SWITCHED -> new Junction(id, "switched harness", Junction.Meeting.SWITCHED, ways(branches), true);
            default -> new Junction(id, "splitter", Junction.Meeting.SPLITTER, Figure.chosen(branches), false);
        };
    }

    /** An even number, with a few left over. */
    private static Figure ways(int branches) {
        return Figure.chosen((branches + SPARE_WAYS + 1) / 2 * 2);
    }

    private void addLamp() {
        if (devices.stream().anyMatch(d -> d.kind() == DeviceKind.LIGHT)) {
            return;
        }
        Device lamp = new Device(
                        FreshId.of(rig, "harness-lamp"),
                        "lamp of the harness",
                        DeviceKind.LIGHT,
                        "",
                        new Draw.Steady(Figure.rated(LAMP_A)),
                        new Limits(Figure.rated(9), Figure.rated(30), Figure.rated(1), Figure.UNSET),
                        Sockets.UNKNOWN,
                        Figure.rated(0.02))
                .withSize(new Size(Figure.rated(LAMP_M), Figure.rated(LAMP_M), Figure.rated(LAMP_M)));
        String station = rig.stationOf(devices.get(0).id());
        List<Device> more = new ArrayList<>(rig.devices());
        more.add(lamp);
        rig = rig.withDevices(more);
        if (!station.isEmpty()) {
            rig = rig.with(new Placement(lamp.id(), station, false));
        }
    }

    /** Where it still starts at the battery it is the same wire, with its way through the craft; else a new one. */
    private void lead(int device, String from, double lengthM, double allowedV, List<Fitting> fittings, Ending start) {
        Device fed = devices.get(device);
        Optional<Segment> old = line.entered().harness().segments().stream()
                .filter(s -> s.to().equals(fed.id()) && s.from().equals(from))
                .findFirst();
        segments.add(new Segment(
                old.map(Segment::id).orElseGet(() -> FreshId.of(rig, "branch-" + fed.id())),
                old.map(Segment::name).orElse(Checks.fitted("lead of the " + fed.name())),
                from,
                fed.id(),
                sizes.wire(sizes.amps(device), lengthM, allowedV, sizes.ratingOf(device)),
                fittings,
                start,
                ending(fed)));
    }

    private static Ending ending(Device device) {
        return Ending.UNKNOWN.withPins(device.sockets().powerPins());
    }

    private Fitting.Fuse fuse(Device device, double ratingA, Fitting.Form form, double atM) {
        return new Fitting.Fuse(
                FreshId.of(rig, "fuse-" + device.id()),
                Checks.fitted("fuse of the " + device.name()),
                Figure.chosen(ratingA),
                form,
                Figure.chosen(atM),
                Figure.UNSET,
                Figure.UNSET);
    }

    private Fitting.Fuse mainFuse(double ratingA) {
        return new Fitting.Fuse(
                FreshId.of(rig, "main-fuse"),
                "main fuse",
                Figure.chosen(ratingA),
                sizes.stronger(Fitting.Form.BLADE),
                Figure.chosen(Place.PUT_M),
                Figure.UNSET,
                Figure.UNSET);
    }

    /**
     * Along the wire from the battery as it is now, and at least as far as the places are apart; where neither is known
     * what wires are sized by, their lengths staying open [m].
     */
    private double reachM(int device) {
        return knownReachM(device).orElse(SIZED_BY_M);
    }

    private OptionalDouble knownReachM(int device) {
        List<Segment> way = measuredWay(device);
        OptionalDouble apart = ShortestWay.lengthM(
                line.rig().craft(),
                line.rig().stationOf(pack.id()),
                line.rig().stationOf(devices.get(device).id()));
        double wire = way.stream().mapToDouble(s -> s.wire().lengthM().value()).sum();
        double place = apart.isPresent() ? apart.getAsDouble() + CraftAssumptions.usualSlackM(line.rig()) : 0;
        return way.isEmpty() && apart.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Math.max(wire, place));
    }

    private boolean everyReachKnown() {
        return IntStream.range(0, devices.size()).allMatch(d -> knownReachM(d).isPresent());
    }

    /** What nobody said is left open: a wire that is longer than was guessed starves its device. */
    private Segment open(Segment segment) {
        return segment.withWire(segment.wire().withLengthM(Figure.UNSET));
    }

    /** The farthest any device is along the wire [m]. */
    double longestM() {
        double longest = 0;
        for (int d = 0; d < devices.size(); d++) {
            longest = Math.max(longest, reachM(d));
        }
        return longest;
    }

    private List<Segment> measuredWay(int device) {
        List<Segment> way = Motors.way(line.rig(), tree, device);
        return way.stream().allMatch(s -> s.wire().lengthM().isSet()) ? way : List.of();
    }

    /** The shared piece there is, or most of the shortest reach. */
    private double trunkM() {
        double shortest = Double.POSITIVE_INFINITY;
        double shared = Double.POSITIVE_INFINITY;
        for (int d = 0; d < devices.size(); d++) {
            List<Segment> way = measuredWay(d);
            shortest = Math.min(shortest, reachM(d));
            double first = way.size() < 2
                    ? 0
                    : way.get(way.size() - 1).wire().lengthM().value();
            shared = Math.min(shared, first);
        }
        return shared > 0 && shared < shortest ? shared : TOGETHER * shortest;
    }
}
