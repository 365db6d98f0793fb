package app.brightkeel.core.load;

import app.brightkeel.core.rig.LoadModel;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What is drawn through the day.
 *
 * @param phases in order; a pause between two of them is one too; none where only the draws are asked for
 * @param fullW  of each device, everything on [W], in the rig's order
 * @param startW of each device as it starts [W], at least its full power
 * @param loadModels how the current of each goes with its volts
 * @param atV    volts at which each draws those watts: the mean of the source it hangs on; 0 where no draw depends on them
 */
public record DayLoad(
        List<PhaseLoad> phases, List<Double> fullW, List<Double> startW, List<LoadModel> loadModels, List<Double> atV) {

    /**
     * @param place in the rig, −1 for a pause, in which nothing is drawn
     * @param from  since the start of the day [h]
     * @param hours length [h]
     * @param watts mean of each device over the phase [W], in the rig's order
     * @param onW   of each device while it is on, or stands by where it is never on [W]
     */
    public record PhaseLoad(int place, String name, double from, double hours, List<Double> watts, List<Double> onW) {
        public double totalW() {
            return watts.stream().mapToDouble(Double::doubleValue).sum();
        }
    }

    /** The same without what happens when: two days of the same gear are alike to what asks only what it draws. */
    public DayLoad withoutDay() {
        return new DayLoad(List.of(), fullW, startW, loadModels, atV);
    }

    /** The same of some devices alone: the others draw nothing. */
    public DayLoad of(Collection<Integer> devices) {
        List<PhaseLoad> own = phases.stream()
                .map(phase -> new PhaseLoad(
                        phase.place(),
                        phase.name(),
                        phase.from(),
                        phase.hours(),
                        of(devices, phase.watts()),
                        of(devices, phase.onW())))
                .toList();
        return new DayLoad(own, of(devices, fullW), of(devices, startW), loadModels, atV);
    }

    private static List<Double> of(Collection<Integer> devices, List<Double> watts) {
        return IntStream.range(0, watts.size())
                .mapToObj(d -> devices.contains(d) ? watts.get(d) : Double.valueOf(0))
                .toList();
    }

    /** The part of the day an hour lies in; after the day its last part. */
    public PhaseLoad phaseAt(double hour) {
        return phases.stream()
                .filter(phase -> phase.from() + phase.hours() > hour)
                .findFirst()
                .orElseGet(() -> phases.get(phases.size() - 1));
    }

    /** How long the day is [h]. */
    public double hours() {
        return phases.stream().mapToDouble(PhaseLoad::hours).sum();
    }

    /** Mean of one device over the day [W]. */
    public double meanW(int device) {
        double energy = 0;
        for (PhaseLoad phase : phases) {
            energy += phase.watts().get(device) * phase.hours();
        }
        return energy / hours();
    }

    /** Mean of all devices over the day [W]. */
    public double meanW() {
        return phases.stream().mapToDouble(p -> p.totalW() * p.hours()).sum() / hours();
    }

    /**
     * Most that one device draws with everything on [A]: power most at its lowest volts, a resistance at the highest.
     *
     * @param highV of its source, full [V]
     */
    public double mostAmps(int device, double lowV, double highV) {
        LoadModel model = loadModels.get(device);
        return Math.max(
                model.amps(fullW.get(device), atV.get(device), lowV),
                model.amps(fullW.get(device), atV.get(device), highV));
    }

    /** Everything on at full brightness [W]. */
    public double fullTotalW() {
        return fullW.stream().mapToDouble(Double::doubleValue).sum();
    }
}
