package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Time of year, with what lakes then are near the surface; under ice, what they are below it. */
public enum Season implements Worded {
    UNDECIDED("not said", 15),
    SPRING("spring", 8),
    SUMMER("summer", 20),
    AUTUMN("autumn", 12),
    WINTER("winter", 4),
    ICE("under ice", 1);

    private final String words;
    private final double usualWaterC;

    Season(String words, double usualWaterC) {
        this.words = words;
        this.usualWaterC = usualWaterC;
    }

    @Override
    public String words() {
        return words;
    }

    /** Where nobody measured [°C]; common practice, no source. */
    public double usualWaterC() {
        return usualWaterC;
    }
}
