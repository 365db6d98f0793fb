package app.brightkeel.core.trip;

/**
 * One thing that a trip said.
 *
 * @param trip  place among the trips
 * @param sort  of thing
 * @param value as the fit takes it: volts, or the logarithm of hours or ampere-hours
 */
record Observed(int trip, Sort sort, double value) {

    /** What is said of a trip. */
    enum Sort {
        AFTER,
        COUNTED,
        RAN_OUT
    }
}
