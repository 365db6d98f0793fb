package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What the battery and what goes with it travel in. */
public enum EnclosureKind implements Worded {
    BOX("box", true),
    BUCKET("bucket", true),
    SHUTTLE("shuttle", true),
    CASE("case", true),
    BAG("bag", false),
    POD("pod of boards", true);

    private final String words;
    private final boolean stiff;

    EnclosureKind(String words, boolean stiff) {
        this.words = words;
        this.stiff = stiff;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether its walls stand by themselves. */
    public boolean stiff() {
        return stiff;
    }
}
