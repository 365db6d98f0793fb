package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How the handle of a pole points against the beam of the head under water. */
public enum Handle implements Worded {
    UNMARKED("not marked"),
    ALONG("along the beam"),
    OPPOSITE("opposite to the beam");

    private final String words;

    Handle(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
