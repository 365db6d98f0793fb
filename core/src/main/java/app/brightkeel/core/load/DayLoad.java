package app.brightkeel.core.load;

import java.util.List;

/**
 * What is drawn through the day.
 *
 * @param phases in order, at least one
 * @param fullW  of each device, everything on [W], in the rig's order
 */
public record DayLoad(List<PhaseLoad> phases, List<Double> fullW) {

    /**
     * @param hours length [h]
     * @param watts mean of each device over the phase [W], in the rig's order
     */
    public record PhaseLoad(String id, String name, double hours, List<Double> watts) {
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
