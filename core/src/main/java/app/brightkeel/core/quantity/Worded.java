package app.brightkeel.core.quantity;

/** A choice that is called something in sentences. */
public interface Worded {

    /** As in a sentence: "pedal kayak". */
    String words();
}
