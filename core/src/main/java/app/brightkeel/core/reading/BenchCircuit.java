package app.brightkeel.core.reading;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.WireResistance;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The harness as it is measured: its wires, its contacts one by one, its batteries just charged, its devices.
 *
 * @param wireOhms of each wire's pair, without what sits in it [Ω]
 * @param restV    of each source just charged, and {@code restSpread} one standard deviation of it [V]
 * @param packOhm  inner resistance of each source [Ω]
 * @param drainA   of each source with everything off, as it is known [A]
 */
record BenchCircuit(
        Rig rig,
        Topology topology,
        DayLoad load,
        List<Double> wireOhms,
        List<Place> places,
        List<Double> restV,
        List<Double> restSpread,
        List<Double> packOhm,
        List<Double> drainA) {

    /** Of a crimp, both poles: good ones have 1 to 3 mΩ each; common practice, no source [Ω]. */
    private static final double CRIMP_OHM = 0.004;

    private static final double CRIMP_SPREAD = 0.0015;

    /** Contacts of plugs, switches and fuse holders: they differ by this share; common practice, no source. */
    private static final double CONTACT_SPREAD = 0.4;

    /** A battery read after its charge is as full as that, at least. */
    private static final double CHARGED = 0.92;

    /** Surface charge and a rest that was too short [V]; common practice, no source. */
    private static final double SURFACE_V = 0.06;

    /** Of a rig whose harness is decided; asked where the feed is known. */
    static Outcome<BenchCircuit> of(Line line) {
        return line.needs(Feed.STAGE).map(needs -> of(line.rig(), needs));
    }

    private static BenchCircuit of(Rig rig, Feed.Needs needs) {
        double air = rig.outing().airC().value();
        List<Segment> segments = rig.harness().segments();
        List<Double> wires = segments.stream()
                .map(segment -> new WireResistance(segment, air).wireOhm())
                .toList();
        List<Place> places = new ArrayList<>();
        for (int s = 0; s < segments.size(); s++) {
            if (needs.topology().segments().contains(s)) {
                places(rig, s, places);
            }
        }
        List<PackString> packs = needs.packs();
        return new BenchCircuit(
                rig,
                needs.topology(),
                needs.load(),
                wires,
                List.copyOf(places),
                packs.stream()
                        .map(pack -> pack.sum(model -> model.restVolts(middle())))
                        .toList(),
                packs.stream()
                        .map(pack -> pack.sum(model -> (model.restVolts(1) - model.restVolts(CHARGED)) / 2 + SURFACE_V))
                        .toList(),
                packs.stream().map(pack -> pack.sum(BenchCircuit::inner)).toList(),
                needs.topology().sources().stream()
                        .map(source -> drain(rig.harness()
                                .packs()
                                .get(source.get(0))
                                .keeping()
                                .drainA()))
                        .toList());
    }

    private static double middle() {
        return (1 + CHARGED) / 2;
    }

    /** On the bench nothing is as cold as on its day. */
    private static double inner(PackModel model) {
        return model.withColdResistance(1).ohm(1);
    }

    private static double drain(Figure known) {
        return known.isSet() ? known.value() : 0;
    }

    private static void places(Rig rig, int index, List<Place> places) {
        Segment segment = rig.harness().segments().get(index);
        places.add(crimp(segment, index, "start", rig.nameOfPoint(segment.from())));
        for (Fitting fitting : segment.fittings()) {
            double ohm = fitting.ohm().value();
            Place.Sort sort = fitting instanceof Fitting.Fuse
                    ? Place.Sort.FUSE
                    : fitting instanceof Fitting.Switch ? Place.Sort.SWITCH : Place.Sort.JOINT;
            double rating =
                    fitting instanceof Fitting.Fuse fuse && fuse.ratingA().isSet()
                            ? fuse.ratingA().value()
                            : 0;
            places.add(new Place(
                    fitting.id(),
                    fitting.id(),
                    fitting.name(),
                    index,
                    sort,
                    ohm,
                    Math.max(0.0005, ohm * (sort == Place.Sort.FUSE ? CONTACT_SPREAD / 4 : CONTACT_SPREAD)),
                    rating));
        }
        places.add(crimp(segment, index, "end", rig.nameOfPoint(segment.to())));
    }

    private static Place crimp(Segment segment, int index, String which, String at) {
        return new Place(
                segment.id() + "/" + which,
                segment.id(),
                "crimp of the " + segment.name() + " at the " + at,
                index,
                Place.Sort.CRIMP,
                CRIMP_OHM,
                CRIMP_SPREAD,
                0);
    }

    /** Node at the far end of a wire, −1 where no pack reaches it. */
    int nodeOf(int segment) {
        return topology.segments().indexOf(segment);
    }

    /** Places of the devices that a pack reaches. */
    List<Integer> fed() {
        return topology.devices().stream()
                .filter(device -> device >= 0)
                .sorted()
                .toList();
    }

    Device device(int place) {
        return rig.devices().get(place);
    }

    /** What one draws with its screen as dark as it gets [W]. */
    double dimW(int place) {
        Draw draw = device(place).draw();
        double volts = restV.get(sourceOf(place));
        return load.fullW().get(place) * draw.wattsAt(0, volts) / draw.wattsAt(1, volts);
    }

    /** The source at the root of a device's tree. */
    int sourceOf(int device) {
        return topology.sourceOfDevice(device);
    }

    /** Whether a switch sits on the way to a device. */
    boolean switched(int device) {
        List<Integer> way = topology.way(topology.nodeOfDevice(device));
        return places.stream().anyMatch(place -> place.sort() == Place.Sort.SWITCH && way.contains(place.segment()));
    }
}
