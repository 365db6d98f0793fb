package app.brightkeel.core.circuit;

import app.brightkeel.core.circuit.FeedState.Point;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.pack.Packs.Bank;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Volts through the harness. */
public final class Feed implements Stage<Feed.Needs, FeedState> {

    public static final Feed STAGE = new Feed();

    /** A peak smaller than this is none [W]. */
    private static final double LEAST_PEAK_W = 0.01;

    private Feed() {}

    /**
     * @param ohms  loop resistance of each segment
     * @param load  what each device draws
     * @param packs in use
     */
    public record Needs(Topology topology, List<Double> ohms, DayLoad load, List<PackString> packs) {}

    @Override
    public String name() {
        return "feed";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        Rig rig = line.rig();
        return Outcome.both(
                segmentOhms(rig),
                Outcome.both(line.get(Packs.STAGE), line.get(Load.STAGE), (bank, load) -> new Supply(bank, load)),
                (ohms, supply) -> new Needs(
                        Topology.of(rig),
                        ohms,
                        supply.load().withoutDay(),
                        supply.bank().sources()));
    }

    private record Supply(Bank bank, DayLoad load) {}

    /** Loop resistance of each segment, or what is missing for it: a wire's length and gauge are never assumed. */
    public static Outcome<List<Double>> segmentOhms(Rig rig) {
        List<Segment> segments = rig.harness().segments();
        List<String> missing = new ArrayList<>();
        if (segments.isEmpty()) {
            missing.add("/harness/segments");
        }
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            if (!segment.wire().gauge().decided()) {
                missing.add(Pointer.segment(i, "wire/gauge"));
            }
            if (!segment.wire().lengthM().isSet()) {
                missing.add(Pointer.segment(i, "wire/lengthM"));
            }
        }
        double air = rig.outing().airC().value();
        return Outcome.unless(
                missing,
                () -> segments.stream()
                        .map(s -> new WireResistance(s, air).loopOhm())
                        .toList());
    }

    @Override
    public FeedState compute(Needs needs) {
        Network network = network(needs);
        double[] watts =
                needs.load().fullW().stream().mapToDouble(Double::doubleValue).toArray();
        Point full = solve(network, needs, watts, model -> 1);
        Point mean = solveAt(network, needs, watts, PackModel::meanVolts, model -> model.ohm(0.5));
        Point empty = solve(network, needs, watts, PackModel::emptyCharge);
        int starter = starter(needs);
        if (starter < 0) {
            return new FeedState(needs.topology(), needs.ohms(), full, mean, empty, empty, starter);
        }
        watts[starter] = needs.load().startW().get(starter);
        Point start = solve(network, needs, watts, PackModel::emptyCharge);
        return new FeedState(needs.topology(), needs.ohms(), full, mean, empty, start, starter);
    }

    /** The fed device that draws most more as it starts; nobody starts two in the same blink. */
    private static int starter(Needs needs) {
        int starter = -1;
        double most = LEAST_PEAK_W;
        for (int d = 0; d < needs.load().fullW().size(); d++) {
            double more = needs.load().startW().get(d) - needs.load().fullW().get(d);
            if (more > most && needs.topology().nodeOfDevice(d) >= 0) {
                most = more;
                starter = d;
            }
        }
        return starter;
    }

    private static Point solve(Network network, Needs needs, double[] watts, ToDoubleFunction<PackModel> charge) {
        return solveAt(
                network,
                needs,
                watts,
                model -> model.restVolts(charge.applyAsDouble(model)),
                model -> model.ohm(charge.applyAsDouble(model)));
    }

    private static Point solveAt(
            Network network,
            Needs needs,
            double[] watts,
            ToDoubleFunction<PackModel> volts,
            ToDoubleFunction<PackModel> ohm) {
        double[] rest = needs.packs().stream().mapToDouble(s -> s.sum(volts)).toArray();
        double[] inner = needs.packs().stream().mapToDouble(s -> s.sum(ohm)).toArray();
        if (!network.solve(rest, inner, watts)) {
            return new Point(false, List.of(), List.of(), List.of());
        }
        List<Double> nodeVolts = new ArrayList<>();
        List<Double> amps = new ArrayList<>();
        List<Double> packVolts = new ArrayList<>();
        for (int i = 0; i < network.nodes(); i++) {
            int up = needs.topology().parents().get(i);
            nodeVolts.add(network.volts(i));
            amps.add(network.segmentAmps(i));
            packVolts.add(up < 0 ? network.volts(i) : packVolts.get(up));
        }
        return new Point(true, nodeVolts, amps, packVolts);
    }

    /**
     * Volts and amperes at any other charge and draw; asked only where this stage is known.
     *
     * @param charge of each pack
     * @param watts  of each device
     */
    public static Point at(Line line, ToDoubleFunction<PackModel> charge, List<Double> watts) {
        Needs needs = STAGE.needs(line).value();
        double[] powers = watts.stream().mapToDouble(Double::doubleValue).toArray();
        return solve(network(needs), needs, powers, charge);
    }

    private static Network network(Needs needs) {
        return new Network(
                needs.topology(),
                needs.ohms().stream().mapToDouble(Double::doubleValue).toArray(),
                needs.load());
    }

    @Override
    public Working working(Line line) {
        return FeedWorking.of(line);
    }

    /** How one segment's loop resistance follows from its wire and fittings. */
    public static Working segmentWorking(Line line, int segment) {
        return FeedWorking.segment(line, segment);
    }
}
