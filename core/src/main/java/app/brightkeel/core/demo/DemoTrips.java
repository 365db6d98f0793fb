package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.trip.Leg;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.core.trip.Trouble;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Three invented seasons of the invented rigs: what they said is known to the tests with the truth behind it. */
public final class DemoTrips {

    /** Each column by its name, top to bottom. */
    private static final Map<String, List<String>> SAID = columns(Table.read(DemoTrips.class, "trips.csv"));

    private DemoTrips() {}

    private static Map<String, List<String>> columns(Table table) {
        return Stream.of(
                        "rig",
                        "day",
                        "hours",
                        "brightness",
                        "modules",
                        "packC",
                        "charged",
                        "beforeV",
                        "afterV",
                        "countedAh",
                        "ranOut",
                        "link",
                        "trouble",
                        "note")
                .collect(Collectors.toMap(Function.identity(), table::words));
    }

    /** Trips of a demo rig by its name, in the order of their days; most have none. */
    public static List<Trip> of(String rig) {
        List<Trip> trips = new ArrayList<>();
        for (int row = 0; row < column("rig").size(); row++) {
            if (said(row, "rig").equals(rig)) {
                trips.add(trip(row, "trip-" + trips.size()));
            }
        }
        return trips;
    }

    private static Trip trip(int row, String id) {
        return new Trip(
                id,
                said(row, "day"),
                List.of(new Leg(number(row, "hours"), number(row, "brightness"), number(row, "modules"))),
                number(row, "packC"),
                said(row, "charged").equals("yes"),
                read(row, "beforeV"),
                read(row, "afterV"),
                read(row, "countedAh"),
                said(row, "ranOut").equals("yes"),
                said(row, "link").isEmpty()
                        ? List.of()
                        : List.of(new Trouble(Table.constant(Link.class, said(row, "link")), said(row, "trouble"))),
                said(row, "note"));
    }

    private static String said(int row, String column) {
        return column(column).get(row);
    }

    private static List<String> column(String name) {
        return Objects.requireNonNull(SAID.get(name), name);
    }

    private static double number(int row, String column) {
        return Double.parseDouble(said(row, column));
    }

    private static Figure read(int row, String column) {
        return said(row, column).isEmpty() ? Figure.UNSET : Figure.measured(number(row, column));
    }
}
