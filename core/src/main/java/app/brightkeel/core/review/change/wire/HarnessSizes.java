package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.circuit.DropFormula;
import app.brightkeel.core.harness.Exposure;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.protection.Ampacity;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Wire;
import java.util.List;

/** Gauges by the formula of ABYC E-11, fuses by load, coordination and what the battery can give. */
final class HarnessSizes {

    private static final double NOMINAL_V = 12;

    /** Outside a sheath thinner wire breaks in handling: 18 AWG (handbook §7, common practice). */
    private static final double LEAST_MM2 = 0.82;

    private final Line line;
    private final int thicker;
    private final List<Device> devices;

    /** @param thicker sizes added to what the formula wants */
    HarnessSizes(Line line, int thicker) {
        this.line = line;
        this.thicker = thicker;
        devices = line.rig().devices();
    }

    Wire wire(double amps, double lengthM, double allowedV, double ratingA) {
        double length = Math.round(lengthM * 100) / 100.0;
        double formula = new DropFormula(amps, 2 * length, allowedV).areaMm2();
        double maker = devices.stream()
                .filter(d -> d.limits().minWireMm2().isSet())
                .mapToDouble(d -> d.limits().minWireMm2().value())
                .max()
                .orElse(0);
        double area = Math.max(LEAST_MM2, Math.max(formula, maker));
        List<WireTables.Size> sizes = WireTables.awg();
        int at = 0;
        while (at < sizes.size() - 1 && (sizes.get(at).areaMm2() < area || carries(sizes.get(at), length) < ratingA)) {
            at++;
        }
        int size = Math.min(sizes.size() - 1, at + thicker);
        return pair(sizes.get(size), length);
    }

    private double carries(WireTables.Size size, double lengthM) {
        return new Ampacity(pair(size, lengthM), line.rig().outing().airC().value()).amps();
    }

    private Wire pair(WireTables.Size size, double lengthM) {
        boolean tinned = Exposure.wet(line.rig())
                || line.rig().harness().segments().stream()
                        .anyMatch(segment -> segment.wire().tinned());
        return Wire.pair(new Gauge.Awg(size.awg()), Figure.chosen(lengthM))
                .with(wire -> wire.tinned(tinned).twisted(true));
    }

    /** The form asked for, or the first that breaks what the battery can give. */
    Fitting.Form stronger(Fitting.Form form) {
        double shortA = line.get(Packs.STAGE)
                .map(bank -> bank.sources().get(0))
                .map(source -> source.fullShortA(0))
                .orElse(0.0);
        Fitting.Form strong = form;
        for (Fitting.Form each : Fitting.Form.values()) {
            if (strong.breakingA() < shortA && each.breakingA() > strong.breakingA()) {
                strong = each;
            }
        }
        return strong;
    }

    double ratingOf(int device) {
        return FuseTables.smallestFor(loadA(device));
    }

    /** Of one device at its lowest volts, all on [A]. */
    double loadA(int device) {
        return watts(device) / devices.get(device).limits().minV().value();
    }

    double mainRating(boolean branched) {
        double wanted = 0;
        double largest = 0;
        for (int d = 0; d < devices.size(); d++) {
            wanted += loadA(d);
            largest = Math.max(largest, ratingOf(d));
        }
        double outlasting = branched && devices.size() > 1 ? FuseTables.LIKELY_OUTLASTS * largest : 0;
        return FuseTables.smallestFor(Math.max(wanted, outlasting * FuseTables.LOAD_SHARE));
    }

    private double watts(int device) {
        Outcome<DayLoad> load = line.get(Load.STAGE);
        if (load.isKnown()) {
            return load.value().fullW().get(device);
        }
        // hours may be open where the harness is built: what a device draws does not wait for them
        double packV = line.get(Packs.STAGE)
                .map(bank -> Load.meanVolts(line.rig(), bank).get(device))
                .orElse(NOMINAL_V);
        return devices.get(device).draw().wattsAt(1, packV);
    }

    double amps(int device) {
        return watts(device) / NOMINAL_V;
    }

    double allAmps() {
        double sum = 0;
        for (int d = 0; d < devices.size(); d++) {
            sum += amps(d);
        }
        return sum;
    }
}
