package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** How one sees that something that shuts sits right; common practice, no source. */
public enum Seating implements Worded {
    UNDECIDED("not said", "it sits as it did before, all round", "one that sits crooked lies on something"),
    FLUSH(
            "flush all round",
            "flush all round by feel, before the first screw goes in",
            "screws pull it crooked over what lies under it"),
    LOCKED(
            "locks with a catch",
            "its catch has locked: it does not lift when it is pulled",
            "half locked it opens under way"),
    SCREWED("screwed down", "every screw is snug, and none stands up", "one that stands up has met something"),
    PULLED("tight when pulled", "it does not give when it is pulled", "what gives at home slides on the water");

    private final String words;
    private final String see;
    private final String why;

    Seating(String words, String see, String why) {
        this.words = words;
        this.see = see;
        this.why = why;
    }

    @Override
    public String words() {
        return words;
    }

    /** What is to be seen. */
    public String see() {
        return see;
    }

    /** Why it is looked at. */
    public String why() {
        return why;
    }
}
