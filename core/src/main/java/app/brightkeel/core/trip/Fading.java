package app.brightkeel.core.trip;

import java.time.LocalDate;

/**
 * How the capacity of a battery goes with the years, by the trips.
 *
 * @param first day of the first trip, and {@code last} of the last
 */
record Fading(Gear gear, Fit fit, LocalDate first, LocalDate last) {

    private static final double DAYS = 365.25;

    /** From one day to another [years]. */
    static double years(LocalDate from, LocalDate to) {
        return (to.toEpochDay() - from.toEpochDay()) / DAYS;
    }

    /** Capacity on a day, with its band. */
    Outlook.At at(LocalDate day) {
        double years = years(day, last);
        int capacity = TripModel.Unknown.CAPACITY.ordinal();
        int fade = TripModel.Unknown.FADE.ordinal();
        double middle = fit.point()[capacity] + fit.point()[fade] * years;
        double variance = fit.covariance().getEntry(capacity, capacity)
                + 2 * years * fit.covariance().getEntry(capacity, fade)
                + years * years * fit.covariance().getEntry(fade, fade);
        double wide = Calibration.TENTH * Math.sqrt(Math.max(0, variance));
        return new Outlook.At(
                day.toString(),
                Outlook.year(day),
                gear.ah() * Math.exp(middle),
                gear.ah() * Math.exp(middle - wide),
                gear.ah() * Math.exp(middle + wide));
    }
}
