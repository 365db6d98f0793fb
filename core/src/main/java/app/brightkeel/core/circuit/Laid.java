package app.brightkeel.core.circuit;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * What the hours of a battery are run through: the harness as far as it is known. People ask how long it lasts before they ask
 * how thick the wire is: a wire of which nothing is known takes nothing, and where there is none every device hangs on all
 * sources at once.
 */
public final class Laid implements Stage<Laid.Harnessed, Laid.Harnessed> {

    public static final Laid STAGE = new Laid();

    private Laid() {}

    /**
     * @param ohms  loop resistance of each segment, 0 where its wire is not known
     * @param whole whether all of it is known
     */
    public record Harnessed(Topology topology, List<Double> ohms, boolean whole) {
        public Harnessed {
            ohms = List.copyOf(ohms);
        }
    }

    @Override
    public String name() {
        return "harness as far as it is known";
    }

    @Override
    public Outcome<Harnessed> needs(Line line) {
        Rig rig = line.rig();
        Outcome<List<Double>> ohms = Feed.segmentOhms(rig);
        if (ohms.isKnown()) {
            return ohms.map(each -> new Harnessed(Topology.of(rig), each, true));
        }
        Harness harness = rig.harness().segments().isEmpty() ? without(rig) : rig.harness();
        double air = rig.outing().airC().value();
        return Outcome.known(new Harnessed(
                Topology.of(rig, harness),
                harness.segments().stream().map(segment -> ohm(segment, air)).toList(),
                false));
    }

    private static double ohm(Segment segment, double airC) {
        WireResistance resistance = new WireResistance(segment, airC);
        return segment.wire().measured() ? resistance.loopOhm() : resistance.fittingsOhm();
    }

    /** Every source and every device at one point. */
    private static Harness without(Rig rig) {
        Harness harness = rig.harness();
        String bus = FreshId.of(rig, "no-wire");
        List<Segment> segments = new ArrayList<>();
        for (List<Integer> source : harness.sources()) {
            segments.add(joined(harness.packs().get(source.get(0)).id(), bus));
        }
        for (Device device : rig.devices()) {
            segments.add(joined(bus, device.id()));
        }
        return new Harness(harness.packs(), List.of(new Junction(bus, bus)), segments);
    }

    private static Segment joined(String from, String to) {
        return new Segment(
                to, to, from, to, Wire.pair(Gauge.UNDECIDED, Figure.UNSET), List.of(), Ending.UNKNOWN, Ending.UNKNOWN);
    }

    @Override
    public Harnessed compute(Harnessed needs) {
        return needs;
    }

    /** Told by the volts where all of it is known. */
    @Override
    public Working working(Line line) {
        return Feed.STAGE.working(line);
    }
}
