package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Worded;

/** What goes wrong with the hands; how often against each other is common practice, no source. */
public enum FaultKind implements Worded {
    BAD_CRIMP("bad crimp", 1, true, 0.02, 0.035, 0.06, 0.1, 0.18, 0.32, 0.55),
    OPEN("no contact", 0.5, false, 1e6),
    REVERSED_PLUG("plug the wrong way round", 0.4, false, 1),
    WEAK_BATTERY("weak battery", 0.8, true, 0.4, 0.65, 1, 1.6),
    WRONG_FUSE("fuse of another rating", 0.5, false, 0.33, 0.5, 2, 3),
    LIVE_WHEN_OFF("live when off", 0.5, false, 1),
    CHAFED_LEAD("chafed lead", 0.4, true, 20, 90, 400, 2_000, 9_000, 40_000, 200_000),
    BARE_UNUSED("unused conductor that touches", 0.3, true, 20, 400, 9_000, 200_000);

    private final String words;
    private final double often;
    private final boolean graded;
    private final double[] sizes;

    FaultKind(String words, double often, boolean graded, double... sizes) {
        this.words = words;
        this.often = often;
        this.graded = graded;
        this.sizes = sizes;
    }

    @Override
    public String words() {
        return words;
    }

    /** How often it is met against the others, at one place. */
    double often() {
        return often;
    }

    /**
     * Sizes it is tried with: more resistance of a crimp [Ω], volts that a battery lacks [V], times the rating of the fuse that
     * belongs there, resistance between plus and minus [Ω]; of the others 1.
     */
    double[] sizes() {
        return sizes.clone();
    }

    /** Whether it may have any size between those. */
    boolean graded() {
        return graded;
    }
}
