package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Worded;

/** Parts of the work, in the order in which they are usually done. */
public enum Chapter implements Worded {
    LAY_OUT("measure and lay out"),
    CUT("drill, saw, glue"),
    MOUNT("mount"),
    WIRE("wire"),
    ROUTE("lead and tie"),
    TEST("test dry"),
    LOAD("pack and load"),
    SHUT("shut"),
    AFLOAT("test wet"),
    APART("take apart");

    private final String words;

    Chapter(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
