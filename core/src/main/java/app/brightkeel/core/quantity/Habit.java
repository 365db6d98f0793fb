package app.brightkeel.core.quantity;

/** How a person measures. */
public enum Habit {
    /** Metres, square millimetres, degrees Celsius. */
    METRIC,
    /** Feet and inches, wire gauge, degrees Fahrenheit. */
    US
}
