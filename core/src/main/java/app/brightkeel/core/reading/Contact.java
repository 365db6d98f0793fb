package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What two readings, volts lost and amperes that lose them, say of what lies between.
 *
 * @param reading id of the point beside which it is told
 * @param says    in words, with the resistance
 * @param grade   of it
 */
public record Contact(String reading, Text says, Grade grade) {

    /** Good crimps have 1 to 3 mΩ, bad ones over 20; both poles are read together. Handbook §12, common practice, no source [Ω]. */
    private static final double GOOD_OHM = 2 * 0.003;

    private static final double BAD_OHM = 2 * 0.020;

    /** Of less current a meter held by hand says nothing [A]. */
    private static final double LEAST_A = 0.1;

    /** Currents that differ by less are one. */
    private static final double ALIKE = 0.01;

    /** What two readings of volts stray by [V]; common practice, no source. */
    private static final double STRAY_V = 0.03;

    /** How it stands. */
    public enum Grade {
        GOOD,
        WORN,
        BAD
    }

    /** Of everything of which both were read. */
    public static List<Contact> of(BenchModel model, List<Reading> readings) {
        return new Asked(model, readings).all();
    }

    /** Readings that were taken, and what was planned beside them. */
    private static final class Asked {
        private final BenchModel model;
        private final BenchCircuit circuit;
        private final Measured planned;
        private final Map<String, Double> read = new HashMap<>();

        Asked(BenchModel model, List<Reading> readings) {
            this.model = model;
            circuit = model.circuit();
            planned = new Measured(circuit, World.planned(circuit));
            readings.forEach(each -> read.put(each.id(), each.value()));
        }

        List<Contact> all() {
            List<Contact> all = new ArrayList<>();
            for (Point point : model.points()) {
                if (read.containsKey(point.id())) {
                    if (point.kind() == ReadingKind.DROP) {
                        contact(point, all);
                    } else if (point.kind() == ReadingKind.ALL_VOLTS) {
                        way(point, all);
                    }
                }
            }
            return List.copyOf(all);
        }

        private double value(String id) {
            return read.getOrDefault(id, Double.NaN);
        }

        /** What runs into a node: as planned, by as much more or less as was read at the battery. */
        private double amps(Point point, int node) {
            double amps = Math.abs(planned.amps(point)[node]);
            int source = circuit.topology().packs().get(circuit.topology().root(node));
            String total = ReadingKind.ALL_AMPS.of(pack(source));
            int at = model.indexOf(total);
            double plannedAmps = at < 0 ? 0 : model.sound().middle()[at];
            return read.containsKey(total) && plannedAmps > LEAST_A ? amps * value(total) / plannedAmps : amps;
        }

        private String pack(int source) {
            int first = circuit.topology().sources().get(source).get(0);
            return circuit.rig().harness().packs().get(first).id();
        }

        private void contact(Point point, List<Contact> all) {
            Place place = circuit.places().get(point.index());
            double amps = amps(point, circuit.nodeOf(place.segment()));
            if (amps < LEAST_A) {
                return;
            }
            double ohm = Math.abs(value(point.id())) / amps;
            double usual = Math.max(place.ohm() + 2 * place.spread(), GOOD_OHM);
            Grade grade = ohm <= usual + 2 * BenchModel.noise(ReadingKind.DROP) / amps
                    ? Grade.GOOD
                    : ohm - place.ohm() > BAD_OHM ? Grade.BAD : Grade.WORN;
            Text says = Text.of(
                    switch (grade) {
                        case GOOD -> "{} over {}: {}, good.";
                        case WORN -> "{} over {}: {}, more than a good one has. Look at it again in a season.";
                        case BAD -> "{} over {}: {}, bad. Open it before anything else.";
                    },
                    new Amount(Math.abs(value(point.id())), Unit.MILLIVOLT),
                    new Amount(amps, Unit.AMPERE),
                    new Amount(ohm, Unit.OHM));
            all.add(new Contact(point.id(), says, grade));
        }

        /** From the battery's own terminals to the plug of a device, both read with everything on. */
        private void way(Point point, List<Contact> all) {
            int node = circuit.topology().nodeOfDevice(point.index());
            int root = circuit.topology().root(node);
            String pack =
                    ReadingKind.PACK_VOLTS.of(pack(circuit.topology().packs().get(root)));
            double amps = amps(point, node);
            if (!read.containsKey(pack) || amps < LEAST_A) {
                return;
            }
            double lost = value(pack) - value(point.id());
            double usual = planned.volts(point)[root] - planned.volts(point)[node];
            double ohm = Math.max(0, lost - usual) / amps;
            Grade grade = lost - usual <= STRAY_V ? Grade.GOOD : ohm > BAD_OHM ? Grade.BAD : Grade.WORN;
            all.add(new Contact(point.id(), words(grade, lost, usual, alone(point, node), ohm), grade));
        }

        /** How many ohms can be said only where the same current runs all the way. */
        private Text words(Grade grade, double lost, double usual, boolean alone, double ohm) {
            Text told = Text.of(
                    "{} are lost on the way from the battery, {} as planned",
                    new Amount(lost, Unit.VOLT),
                    new Amount(usual, Unit.VOLT));
            if (grade == Grade.GOOD) {
                return Text.of("{}: nothing is in the way.", told);
            }
            return alone
                    ? Text.of(
                            "{}: about {} too much. Read the drops over its contacts.", told, new Amount(ohm, Unit.OHM))
                    : Text.of("{}: read the drops over its contacts, those of the shared wires first.", told);
        }

        private boolean alone(Point point, int node) {
            double[] amps = planned.amps(point);
            for (int at = node;
                    circuit.topology().parents().get(at) >= 0;
                    at = circuit.topology().parents().get(at)) {
                if (Math.abs(amps[at] - amps[node]) > ALIKE * Math.abs(amps[node])) {
                    return false;
                }
            }
            return true;
        }
    }
}
