package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Edges of a base on the ice. */
public enum BaseEdge implements Worded {
    NONE("no"),
    FRONT("front"),
    BACK("back"),
    LEFT("left"),
    RIGHT("right");

    private final String words;

    BaseEdge(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
