package app.brightkeel.core.reading;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.Optional;

/** How what a meter should say came about, step by step, and how far a sound rig may stray from it. */
public final class ReadingWorking {

    private static final Source CIRCUIT = Source.derived(
            "Kirchhoff along the way; good crimps have 1 to 3 mΩ, just charged is 92 % to full: common practice, no source");

    private static final Source PRACTICE =
            Source.practice("more than 5 mA with all off is something live; sound insulation is over 1 MΩ");

    private final BenchModel model;
    private final BenchCircuit circuit;
    private final Point point;
    private final Expected expected;
    private final Measured planned;

    private ReadingWorking(BenchModel model, Point point, Expected expected) {
        this.model = model;
        this.point = point;
        this.expected = expected;
        circuit = model.circuit();
        planned = new Measured(circuit, World.planned(circuit));
    }

    /** Of a point; missing where the rig has none of that id. */
    public static Optional<Working> of(BenchModel model, String id) {
        int at = model.indexOf(id);
        return at < 0
                ? Optional.empty()
                : Optional.of(new ReadingWorking(
                                model,
                                model.points().get(at),
                                Expectations.of(model).get(at))
                        .working());
    }

    private Working working() {
        Working.Builder told = Working.of(expected.title(), formula(), circuitual() ? CIRCUIT : PRACTICE);
        switch (point.kind()) {
            case REST -> rest(told, point.index());
            case ON_VOLTS, ALL_VOLTS, START, POLARITY -> way(told);
            case PACK_VOLTS -> inside(told, point.index());
            case ON_AMPS ->
                drawn(told, "at full brightness", circuit.load().fullW().get(point.index()));
            case DIM_AMPS -> drawn(told, "with the screen darkest", circuit.dimW(point.index()));
            case ALL_AMPS -> sum(told);
            case DROP -> contact(told);
            case DRAIN ->
                told.step("", "known to be drawn with all off", circuit.drainA().get(point.index()), Unit.MILLIAMPERE);
            case DEAD -> told.remark("Behind a switch that is off there is nothing.");
            case INSULATION, UNUSED ->
                told.remark("Dry and whole it is more than most meters can show; a figure below says water or wear.");
        }
        told.result("", "as planned", expected.nominal(), expected.unit());
        double sigma = model.spread(model.indexOf(point.id()));
        if (!point.kind().ohms()) {
            told.step("2 σ", "19 of 20 sound rigs stray by less, the meter with them", 2 * sigma, expected.unit());
        }
        told.step("", "least that is all right", expected.low(), expected.unit());
        told.step("", "most that is all right", expected.high(), expected.unit());
        return told.done();
    }

    private boolean circuitual() {
        return switch (point.kind()) {
            case INSULATION, UNUSED, DRAIN, DEAD -> false;
            default -> true;
        };
    }

    private String formula() {
        return switch (point.kind()) {
            case REST -> "U₀ = middle of 92 % and full";
            case ON_VOLTS, ALL_VOLTS, START, POLARITY -> "U = U₀ − I₀ · Rᵢ − Σ I · R along the way";
            case PACK_VOLTS -> "U = U₀ − I₀ · Rᵢ";
            case ON_AMPS, DIM_AMPS -> "I = P / U";
            case ALL_AMPS -> "I = Σ of what runs";
            case DROP -> "U = I · R";
            case DRAIN, DEAD, INSULATION, UNUSED -> "";
        };
    }

    private void rest(Working.Builder told, int source) {
        told.step(
                "",
                "either way: how full it is, how long it rested",
                2 * circuit.restSpread().get(source),
                Unit.VOLT);
    }

    private void inside(Working.Builder told, int source) {
        double amps = planned.packAmps(point, source);
        double ohm = circuit.packOhm().get(source);
        told.step("U₀", "at rest, just charged", circuit.restV().get(source), Unit.VOLT)
                .step(
                        "I₀ · Rᵢ",
                        Text.of(
                                "inside the battery, {} through {}",
                                new Amount(amps, Unit.AMPERE),
                                new Amount(ohm, Unit.OHM)),
                        amps * ohm,
                        Unit.VOLT);
    }

    private void way(Working.Builder told) {
        int node = circuit.topology().nodeOfDevice(point.index());
        inside(told, circuit.topology().packs().get(circuit.topology().root(node)));
        List<Segment> segments = circuit.rig().harness().segments();
        for (int at = node;
                circuit.topology().parents().get(at) >= 0;
                at = circuit.topology().parents().get(at)) {
            int segment = circuit.topology().segments().get(at);
            double amps = planned.amps(point)[at];
            double ohm = planned.ohm(segment);
            told.step(
                    "I · R",
                    Text.of(
                            "{} with its contacts, {} through {}",
                            segments.get(segment).name(),
                            new Amount(amps, Unit.AMPERE),
                            new Amount(ohm, Unit.OHM)),
                    amps * ohm,
                    Unit.VOLT);
        }
    }

    private void drawn(Working.Builder told, String how, double watts) {
        int device = point.index();
        told.step("P", how, watts, Unit.WATT)
                .step(
                        "U",
                        "at its plug",
                        planned.volts(point)[circuit.topology().nodeOfDevice(device)],
                        Unit.VOLT)
                .remark("A screen with a converter draws more amperes the fewer volts it gets.");
    }

    private void sum(Working.Builder told) {
        for (int device : circuit.fed()) {
            if (circuit.sourceOf(device) == point.index()) {
                told.step(
                        "I",
                        Text.of("{}", circuit.device(device).name()),
                        planned.amps(point)[circuit.topology().nodeOfDevice(device)],
                        Unit.AMPERE);
            }
        }
        if (circuit.topology().sources().size() > 1) {
            told.remark("Batteries side by side share it by their inner resistance.");
        }
    }

    private void contact(Working.Builder told) {
        Place place = circuit.places().get(point.index());
        told.step("I", "through it", planned.through(point.index()), Unit.AMPERE)
                .step("R", "of a good one, both poles", place.ohm(), Unit.OHM);
    }
}
