package app.brightkeel.core.lists;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/** Trips, one on a row; parts of a trip are put together by their hours. */
public final class TripListing {

    private TripListing() {}

    public static Listing of(List<Trip> trips) {
        return new Columns<Trip>()
                .words("day", Trip::day)
                .number("hours", Unit.HOUR, trip -> Optional.of(new Amount(trip.hours(), Unit.HOUR)))
                .number("screens at", Unit.PERCENT, trip -> Optional.of(mean(trip, Leg::brightness)))
                .number("modules on", Unit.PERCENT, trip -> Optional.of(mean(trip, Leg::modules)))
                .number("battery at", Unit.CELSIUS, trip -> Optional.of(new Amount(trip.packC(), Unit.CELSIUS)))
                .words("charged", trip -> trip.charged() ? "yes" : "no")
                .number("volts before", Unit.VOLT, trip -> read(trip.beforeV(), Unit.VOLT))
                .number("volts after", Unit.VOLT, trip -> read(trip.afterV(), Unit.VOLT))
                .number("counted", Unit.AMPERE_HOUR, trip -> read(trip.countedAh(), Unit.AMPERE_HOUR))
                .words("stopped by itself", trip -> trip.ranOut() ? "yes" : "no")
                .words("trouble", TripListing::troubles)
                .words("note", Trip::note)
                .of(trips);
    }

    private static Amount mean(Trip trip, ToDoubleFunction<Leg> share) {
        double sum = trip.legs().stream()
                .mapToDouble(leg -> leg.hours() * share.applyAsDouble(leg))
                .sum();
        return new Amount(sum / trip.hours(), Unit.PERCENT);
    }

    private static Optional<Amount> read(Figure figure, Unit unit) {
        return figure.isSet() ? Optional.of(new Amount(figure.value(), unit)) : Optional.empty();
    }

    private static String troubles(Trip trip) {
        return trip.troubles().stream()
                .map(trouble -> Table.written(trouble.link()) + ": " + trouble.words())
                .collect(Collectors.joining("; "));
    }
}
