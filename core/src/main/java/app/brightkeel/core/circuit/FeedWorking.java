package app.brightkeel.core.circuit;

import app.brightkeel.core.circuit.FeedState.Point;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.load.LoadWorking;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Segment;
import java.util.Collections;
import java.util.List;

/** How the volts at the devices came about. */
final class FeedWorking {

    private static final Source SOLVER =
            Source.derived("tree of resistances with constant-power leaves, Newton's method; agrees with ngspice");

    private static final double FRESH = 1;

    private FeedWorking() {}

    static Working of(Line line) {
        Outcome<FeedState> outcome = line.get(Feed.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Volts at the devices", outcome.missing());
        }
        FeedState state = outcome.value();
        Working.Builder all = Working.of(
                "Volts at each device at full brightness, packs nearly empty, single cells fresh",
                "V = U − Σ R·I",
                SOLVER);
        for (int d = 0; d < line.rig().devices().size(); d++) {
            if (state.feeds(d)) {
                Outcome<Double> volts = state.deviceVolts(d, JudgedAt.of(line, state, d));
                String name = line.rig().devices().get(d).name();
                if (volts.isKnown()) {
                    all.opened("V", name, volts.value(), Unit.VOLT, device(line, state, d));
                } else {
                    all.remark("{}: no operating point, the wire cannot carry this power at all", name);
                }
            } else {
                all.remark("{}: no pack reaches it", line.rig().devices().get(d).name());
            }
        }
        if (!state.empty().exists()) {
            // the figures still stand behind the verdict, so they are told
            for (int s = 0; s < line.rig().harness().segments().size(); s++) {
                all.opened(
                        "R",
                        line.rig().harness().segments().get(s).name(),
                        state.ohms().get(s),
                        Unit.OHM,
                        segment(line, s));
            }
            all.opened(
                    "P",
                    "everything on",
                    line.get(Load.STAGE).value().fullTotalW(),
                    Unit.WATT,
                    Load.STAGE.working(line));
        }
        return all.done();
    }

    private static Working device(Line line, FeedState state, int device) {
        int node = state.topology().nodeOfDevice(device);
        Working.Builder all = Working.of(
                Text.of("Volts at the {}", line.rig().devices().get(device).name()),
                "V = U − Σ R·I, I = P / V",
                SOLVER);
        PackString source = line.get(Packs.STAGE)
                .value()
                .sources()
                .get(state.topology().packs().get(state.topology().root(node)));
        boolean cells = JudgedAt.cells(line, state, device);
        all.opened(
                        "U",
                        cells ? "rest volts, fresh" : "rest volts at your reserve",
                        source.sum(pack -> pack.restVolts(cells ? FRESH : pack.emptyCharge())),
                        Unit.VOLT,
                        Packs.STAGE.working(line))
                .step(
                        "Ri",
                        "inner resistance there",
                        source.sum(pack -> pack.ohm(cells ? FRESH : pack.emptyCharge())),
                        Unit.OHM)
                .opened(
                        "P",
                        "power at full brightness",
                        line.get(Load.STAGE).value().fullW().get(device),
                        Unit.WATT,
                        LoadWorking.drawWorking(line, device));
        List<Integer> way = state.topology().way(node);
        Collections.reverse(way);
        for (int s : way) {
            Segment segment = line.rig().harness().segments().get(s);
            all.opened("R", segment.name(), state.ohms().get(s), Unit.OHM, segment(line, s));
        }
        others(line, state, device, all);
        drop(state, device, all, line);
        if (state.starter() >= 0) {
            String starter = line.rig().devices().get(state.starter()).name();
            double startW = line.get(Load.STAGE).value().startW().get(state.starter());
            all.opened(
                            "P start",
                            starter + ", as it starts",
                            startW,
                            Unit.WATT,
                            LoadWorking.drawWorking(line, state.starter()))
                    .step("V start", "meanwhile, pack nearly empty", voltsAt(state.start(), node), Unit.VOLT);
        }
        all.step("V mean", "pack at its mean volts", voltsAt(state.mean(), node), Unit.VOLT);
        return cells
                ? all.step("V empty", "cells nearly empty", voltsAt(state.empty(), node), Unit.VOLT)
                        .result("V", "cells fresh", voltsAt(state.full(), node), Unit.VOLT)
                        .done()
                : all.step("V full", "pack full", voltsAt(state.full(), node), Unit.VOLT)
                        .result("V", "pack nearly empty", voltsAt(state.empty(), node), Unit.VOLT)
                        .done();
    }

    /** What else hangs in the same tree: other devices pull on the shared wire, other packs help. */
    private static void others(Line line, FeedState state, int device, Working.Builder all) {
        int mine = state.topology().nodeOfDevice(device);
        List<Integer> way = state.topology().way(mine);
        for (int node = 0; node < state.topology().ids().size(); node++) {
            int other = state.topology().devices().get(node);
            int place = state.topology().segments().get(node);
            if (state.topology().root(node) != state.topology().root(mine)) {
                continue;
            }
            if (other >= 0 && other != device) {
                all.opened(
                        "P also",
                        line.rig().devices().get(other).name(),
                        line.get(Load.STAGE).value().fullW().get(other),
                        Unit.WATT,
                        LoadWorking.drawWorking(line, other));
            }
            if (place >= 0 && !way.contains(place)) {
                Segment segment = line.rig().harness().segments().get(place);
                all.opened("R also", segment.name(), state.ohms().get(place), Unit.OHM, segment(line, place));
            }
        }
    }

    private static void drop(FeedState state, int device, Working.Builder all, Line line) {
        if (!state.mean().exists()) {
            return;
        }
        double drop = state.dropV(device);
        double airC = line.rig().outing().airC().value();
        double wire = wireDropV(line, state, device, airC);
        all.step("ΔV", "lost on the way, pack at its mean volts", drop, Unit.VOLT)
                .step("ΔV/12", "against the nominal 12 V", drop / 12, Unit.FINE_PERCENT)
                .step("wire", "of that, the wire alone", wire / 12, Unit.FINE_PERCENT)
                .step(
                        "wire, 75 °C",
                        "the wire alone if it were at 75 °C",
                        wireDropV(line, state, device, WireResistance.WARMEST_C) / 12,
                        Unit.FINE_PERCENT);
    }

    /** Volts lost in wire alone, at the pack's mean volts, were the conductor at a temperature [°C]. */
    private static double wireDropV(Line line, FeedState state, int device, double celsius) {
        double volts = 0;
        for (int node = state.topology().nodeOfDevice(device);
                state.topology().parents().get(node) >= 0; ) {
            Segment segment = line.rig()
                    .harness()
                    .segments()
                    .get(state.topology().segments().get(node));
            volts += new WireResistance(segment, celsius).wireOhm()
                    * state.mean().amps().get(node);
            node = state.topology().parents().get(node);
        }
        return volts;
    }

    private static double voltsAt(Point point, int node) {
        return point.exists() ? point.volts().get(node) : 0;
    }

    /** How one segment's loop resistance follows from its wire and fittings. */
    static Working segment(Line line, int index) {
        Segment segment = line.rig().harness().segments().get(index);
        double airC = line.rig().outing().airC().value();
        WireResistance resistance = new WireResistance(segment, airC);
        Source source = segment.wire().gauge() instanceof Gauge.Metric
                ? Source.published("IEC 60228, class 5, at 20 °C; IEC 60028 for temperature")
                : Source.published("ASTM B258 areas, IEC 60028 copper, 2 % for stranding");
        Working.Builder all = Working.of(Text.of("Resistance of {}", segment.name()), "R = 2·l·r + fittings", source)
                .remark(
                        "{}, {}",
                        segment.wire().gauge().size().words(),
                        segment.wire().tinned() ? "tinned" : "plain copper")
                .figure(
                        "l",
                        "length one way",
                        segment.wire().lengthM(),
                        Unit.METRE,
                        Pointer.segment(index, "wire/lengthM"))
                .figure(
                        "T",
                        "air, as the conductor's temperature",
                        line.rig().outing().airC(),
                        Unit.CELSIUS,
                        "/outing/airC")
                .step("r", "one conductor", resistance.ohmPerM(), Unit.OHM_PER_METRE)
                .step("2·l·r", "wire, there and back", resistance.wireOhm(), Unit.OHM);
        for (int f = 0; f < segment.fittings().size(); f++) {
            Fitting fitting = segment.fittings().get(f);
            if (fitting instanceof Fitting.Fuse fuse) {
                all.figure(
                        "A",
                        fuse.name() + ", rating",
                        fuse.ratingA(),
                        Unit.RATING,
                        Pointer.fitting(index, f, "ratingA"));
            }
            all.figure("R", fitting.name(), fitting.ohm(), Unit.OHM, Pointer.fitting(index, f, "ohm"));
        }
        return all.result("R", "the loop", resistance.loopOhm(), Unit.OHM).done();
    }
}
