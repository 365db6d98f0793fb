package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What is dissolved in the water. */
public enum WaterKind implements Worded {
    UNDECIDED("not decided", 0),
    FRESH("fresh water", 0),
    BRACKISH("brackish water", 10),
    SEA("sea water", 35);

    private final String words;
    private final double usualSalinity;

    WaterKind(String words, double usualSalinity) {
        this.words = words;
        this.usualSalinity = usualSalinity;
    }

    @Override
    public String words() {
        return words;
    }

    /** Where nobody measured [g/kg]; common practice, no source. */
    public double usualSalinity() {
        return usualSalinity;
    }
}
