package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Which sort of sound an element is made for, or a socket sends. */
public enum SonarVersion implements Worded {
    UNDECIDED("not known"),
    /** Bursts of one frequency, the older version. */
    TONE("single tones"),
    /** Sweeps of frequency; single tones too. */
    SWEEP("frequency sweeps");

    private final String words;

    SonarVersion(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
