package app.brightkeel.core.route;

import app.brightkeel.core.rig.Passage;
import java.util.List;

/**
 * One opening with all cables that go through it.
 *
 * @param widestM width of the thickest of them
 */
public record Shared(Passage passage, int cables, double widestM) {

    /** Every opening that cables go through. */
    public static List<Shared> of(Routes routes) {
        return routes.all().stream()
                .flatMap(laid -> laid.legs().stream())
                .filter(leg -> leg.way().opening() && leg.openingM().isSet())
                .distinct()
                .map(leg -> through(leg, routes))
                .toList();
    }

    private static Shared through(Passage leg, Routes routes) {
        List<Laid> cables =
                routes.all().stream().filter(laid -> laid.legs().contains(leg)).toList();
        return new Shared(
                leg,
                cables.size(),
                cables.stream().mapToDouble(Laid::cableM).max().orElseThrow());
    }

    /** Width of the circle round them all [m]. */
    public double circleM() {
        return Packing.factor(cables) * widestM;
    }
}
