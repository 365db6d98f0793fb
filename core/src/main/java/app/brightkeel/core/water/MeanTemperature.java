package app.brightkeel.core.water;

import java.util.Optional;

/** Mean of what a thermometer in the water said; what no water has is left out. */
public final class MeanTemperature {

    private static final double COLDEST_C = -2;
    private static final double WARMEST_C = 40;

    private double celsius;
    private int count;

    /** @param waterC [°C] */
    public void add(double waterC) {
        if (waterC >= COLDEST_C && waterC <= WARMEST_C) {
            celsius += waterC;
            count++;
        }
    }

    public int count() {
        return count;
    }

    /** [°C]; empty where nothing was said. */
    public Optional<Double> mean() {
        return count == 0 ? Optional.empty() : Optional.of(celsius / count);
    }
}
