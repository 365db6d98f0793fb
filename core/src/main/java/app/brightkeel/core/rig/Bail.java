package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How the bail runs over what is carried by it, from rim to rim over the middle. */
public enum Bail implements Worded {
    NONE("none"),
    ALONG("fore and aft"),
    ACROSS("athwart");

    private final String words;

    Bail(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
