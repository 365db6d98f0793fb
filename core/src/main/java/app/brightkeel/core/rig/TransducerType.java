package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How a transducer looks at the water. */
public enum TransducerType implements Worded {
    UNDECIDED("not decided"),
    SINGLE_CONE("single cone"),
    DUAL_CONE("dual cone"),
    CHIRP_CONE("chirp cone"),
    ICE_CONE("ice cone, hangs level");

    private final String words;

    TransducerType(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
