package app.brightkeel.core.review;

/** How a link stands, worst first. */
public enum Verdict {
    FAILS,
    UNSET,
    CLOSE,
    HOLDS
}
