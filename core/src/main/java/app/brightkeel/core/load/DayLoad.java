package app.brightkeel.core.load;

import java.util.List;

/**
 * What is drawn through the day.
 *
 * @param phases in order, at least one; a pause between two of them is one too
 * @param fullW  of each device, everything on [W], in the rig's order
 * @param startW of each device as it starts [W], at least its full power
 */
public record DayLoad(List<PhaseLoad> phases, List<Double> fullW, List<Double> startW) {

    /**
     * @param place in the rig, −1 for a pause, in which nothing is drawn
     * @param from  since the start of the day [h]
     * @param hours length [h]
     * @param watts mean of each device over the phase [W], in the rig's order
     */
    public record PhaseLoad(int place, String name, double from, double hours, List<Double> watts) {
        public double totalW() {
            return watts.stream().mapToDouble(Double::doubleValue).sum();
        }
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

    /** Everything on at full brightness [W]. */
    public double fullTotalW() {
        return fullW.stream().mapToDouble(Double::doubleValue).sum();
    }
}
