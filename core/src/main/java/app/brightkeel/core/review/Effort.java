package app.brightkeel.core.review;

/** What a change asks of a person, cheapest first. */
public enum Effort {
    SETTING,
    MOVE,
    BUY,
    DRILL
}
