package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a transducer looks at the water. */
public enum TransducerType implements Worded {
    UNDECIDED("not decided", 0),
    SINGLE_CONE("single cone", 0),
    DUAL_CONE("dual cone", 0),
    CHIRP_CONE("chirp cone", 0),
    ICE_CONE("ice cone, hangs level", 0),
    DOWN_LINE("down line-beam and cone", 3.5),
    SIDE_SCAN("side fans, line-beam and cone", 5.5),
    LIVE("live fan", 0);

    private final String words;
    private final double extraW;

    TransducerType(String words, double extraW) {
        this.words = words;
        this.extraW = extraW;
    }

    /**
     * What it adds to its display's draw [W]; values from memory: 2 to 5 for a line-beam, 3 to 8 with side fans. A live
     * fan has a module of its own, which is a device.
     */
    public double extraW() {
        return extraW;
    }

    @Override
    public String words() {
        return words;
    }
}
