package app.brightkeel.core.load;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.LoadModel;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.TrialRun;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What all of a rig drew, from the hours it was seen to run on its battery: with one run every draw is scaled alike, with runs
 * at several brightnesses the base and the backlights are told apart.
 *
 * @param runs     what each run says
 * @param baseW    of all devices together with dark screens [W], as seen
 * @param backW    of all backlights together at full [W], as seen
 * @param planBaseW the same as the plan has it, and {@code planBackW}
 */
public record RanTogether(List<Run> runs, double baseW, double backW, double planBaseW, double planBackW) {

    /** Brightnesses nearer than this are one. */
    private static final double SAME = 0.05;

    /**
     * One run.
     *
     * @param place in the list of runs
     * @param wh    what the battery held for it [Wh]
     * @param cold  share of its capacity that the cold left it
     * @param watts mean [W]
     */
    public record Run(int place, double wh, double cold, double hours, double brightness, double watts) {}

    public RanTogether {
        runs = List.copyOf(runs);
    }

    /** By a rig and the hours it was seen to run; empty where no run is told whole, or the battery is not known. */
    public static Optional<RanTogether> of(Line line) {
        Rig rig = line.rig();
        List<TrialRun> told = rig.outing().ran();
        // most rigs were never timed: nothing else is read of them
        if (told.isEmpty()) {
            return Optional.empty();
        }
        List<Pack> packs = inUse(rig);
        boolean known = !packs.isEmpty() && packs.stream().allMatch(RanTogether::told);
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i < told.size() && known; i++) {
            if (told.get(i).hours().isSet() && told.get(i).brightness().isSet()) {
                runs.add(run(i, told.get(i), packs));
            }
        }
        return runs.isEmpty() ? Optional.empty() : fitted(rig, packs.get(0), runs);
    }

    private static List<Pack> inUse(Rig rig) {
        return rig.harness().packs().stream()
                .filter(pack -> pack.role() == PackRole.IN_USE)
                .toList();
    }

    private static boolean told(Pack pack) {
        return pack.capacityAh().isSet()
                && pack.chemistry() != Chemistry.UNDECIDED
                && pack.age().isSet()
                && pack.tempC().isSet();
    }

    private static Run run(int place, TrialRun told, List<Pack> packs) {
        double wh = 0;
        double label = 0;
        for (Pack pack : packs) {
            double tempC =
                    told.tempC().isSet() ? told.tempC().value() : pack.tempC().value();
            double full = pack.capacityAh().value() * pack.age().value() * meanV(pack);
            label += full;
            wh += full * pack.chemistry().data().capacityAt(tempC);
        }
        double hours = told.hours().value();
        return new Run(place, wh, wh / label, hours, told.brightness().value(), wh / hours);
    }

    private static double meanV(Pack pack) {
        return pack.blocks() * pack.chemistry().data().openCircuit().mean(0, 1);
    }

    private static Optional<RanTogether> fitted(Rig rig, Pack pack, List<Run> runs) {
        List<Double> extra = Load.extra(rig);
        double base = 0;
        double back = 0;
        for (int d = 0; d < rig.devices().size(); d++) {
            Device device = rig.devices().get(d);
            if (!device.later()) {
                double dark = watts(device, 0, pack) + extra.get(d) / Load.passedOn(device);
                base += dark;
                back += watts(device, 1, pack) + extra.get(d) / Load.passedOn(device) - dark;
            }
        }
        return base + back > 0 ? Optional.of(fitted(runs, base, back)) : Optional.empty();
    }

    private static double watts(Device device, double brightness, Pack pack) {
        return device.draw().wattsAt(brightness, meanV(pack)) / Load.passedOn(device);
    }

    /** Least squares of base + back·b, both of them not negative; where all runs were as bright, both scaled alike. */
    private static RanTogether fitted(List<Run> runs, double planBase, double planBack) {
        double n = runs.size();
        double meanB = runs.stream().mapToDouble(Run::brightness).sum() / n;
        double meanW = runs.stream().mapToDouble(Run::watts).sum() / n;
        double bb = 0;
        double bw = 0;
        for (Run run : runs) {
            bb += (run.brightness() - meanB) * (run.brightness() - meanB);
            bw += (run.brightness() - meanB) * (run.watts() - meanW);
        }
        boolean apart = bb > SAME * SAME / 2 && planBack > 0;
        double back = apart ? Math.max(0, bw / bb) : 0;
        if (apart && back * meanB < meanW) {
            return new RanTogether(runs, meanW - back * meanB, back, planBase, planBack);
        }
        double scale = meanW / (planBase + planBack * meanB);
        return new RanTogether(runs, planBase * scale, planBack * scale, planBase, planBack);
    }

    /** How bright all screens were on the average of the runs, 0 to 1. */
    private double meanBrightness() {
        return runs.stream().mapToDouble(Run::brightness).average().orElse(1);
    }

    /** Mean of the runs [W]. */
    public double seenW() {
        return baseW + backW * meanBrightness();
    }

    /** What the plan has for as bright screens [W]. */
    public double plannedW() {
        return planBaseW + planBackW * meanBrightness();
    }

    /**
     * The rig with every draw as it was seen, each keeping its part of the whole; lamps, heaters and what hangs on the bus stay
     * as they are, and so does what comes later. Empty where those alone draw more than was seen.
     */
    public Optional<Rig> taken(Line line) {
        Rig filled = line.rig();
        List<Double> extra = Load.extra(filled);
        double packV = meanV(inUse(filled).get(0));
        double fixed = 0;
        for (Device device : filled.devices()) {
            fixed += device.later() || scales(device) ? 0 : device.draw().wattsAt(1, packV) / Load.passedOn(device);
        }
        if (baseW <= fixed || planBaseW <= fixed) {
            return Optional.empty();
        }
        double baseTimes = (baseW - fixed) / (planBaseW - fixed);
        double backTimes = planBackW > 0 ? backW / planBackW : 1;
        List<Device> devices = new ArrayList<>();
        for (int d = 0; d < filled.devices().size(); d++) {
            Device entered = line.entered().devices().get(d);
            Device device = filled.devices().get(d);
            double dark = device.draw().wattsAt(0, packV);
            double bright = device.draw().wattsAt(1, packV) - dark;
            devices.add(
                    device.later() || !scales(device)
                            ? entered
                            : entered.withDraw(new Draw.Split(
                                    Figure.measured(settled((dark + extra.get(d)) * baseTimes)),
                                    bright > 0
                                            ? Figure.measured(settled(bright * backTimes))
                                            : noBacklight(entered.draw()))));
        }
        return Optional.of(line.entered().withDevices(devices));
    }

    /** Nothing was seen of what is not there. */
    private static Figure noBacklight(Draw draw) {
        return draw instanceof Draw.Split split && split.backlightW().isSet() ? split.backlightW() : Figure.measured(0);
    }

    private static boolean scales(Device device) {
        return device.loadModel() == LoadModel.POWER && !(device.draw() instanceof Draw.Bus);
    }

    /** To a hundredth of a watt: nobody knows it better. */
    private static double settled(double watts) {
        return Math.round(Math.min(watts, Draw.MOST_W) * 100) / 100.0;
    }
}
