package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A place of a craft where something can sit.
 *
 * @param fromBowM aft of the bow; on ice from the front edge of the base, −3 to 12 [m]
 * @param sideM    right of the centre line, negative to the left, −3 to 3 [m]
 * @param heightM  above the lowest line of the hull or the foot of the base, −2 to 3 [m]
 * @param room     inside sizes, where the place has walls
 * @param offers   what can be gripped there, each once; empty: nobody looked, and the usual of its sort is assumed
 */
@RecordBuilder
public record Station(
        String id, String name, Spot spot, Figure fromBowM, Figure sideM, Figure heightM, Size room, List<Grip> offers)
        implements StationBuilder.With {
    /** Of which nobody looked what can be gripped there. */
    public Station(String id, String name, Spot spot, Figure fromBowM, Figure sideM, Figure heightM, Size room) {
        this(id, name, spot, fromBowM, sideM, heightM, room, List.of());
    }

    /** Whether something can be gripped there: as was looked, or as is usual for a place of its sort. */
    public boolean offers(Grip grip) {
        return offers.isEmpty() ? grip.at(spot) : grip == Grip.NOTHING || offers.contains(grip);
    }

    /** Whether all three coordinates are given. */
    public boolean placed() {
        return fromBowM.isSet() && sideM.isSet() && heightM.isSet();
    }

    public Station {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("fromBowM", fromBowM, -3, 12, "m");
        Figure.within("sideM", sideM, -3, 3, "m");
        Figure.within("heightM", heightM, -2, 3, "m");
        offers = Checks.atMost("offers", Grip.values().length, offers);
        Checks.distinct("offers", offers.stream().map(Grip::name).toList());
    }
}
