package app.brightkeel.core.trip;

/** What can be taken into a rig of what its trips teach. */
public enum Lesson {
    DRAWS,
    CAPACITY
}
