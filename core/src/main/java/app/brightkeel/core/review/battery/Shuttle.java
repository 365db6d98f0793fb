package app.brightkeel.core.review.battery;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import java.util.Optional;

/** A battery that goes from craft to craft: how it does on another rig, in the place of what that rig has. */
public final class Shuttle {

    private Shuttle() {}

    /**
     * @param rig     name of the other rig
     * @param battery its hours with the battery that travels
     * @param wire    volts at its worst device
     * @param carry   whether it fits and sits well there
     */
    public record Trip(String rig, LinkState battery, LinkState wire, LinkState carry) {}

    /** The battery of the first rig on the other; empty where either has none. */
    public static Optional<Trip> of(Rig home, Rig other, RigReviewer reviewer) {
        return inUse(home)
                .flatMap(pack -> inUse(other).map(old -> {
                    Rig after = ChargerChanges.with(other, Catalogue.inPlaceOf(old, pack));
                    Line line = Line.of(after);
                    return new Trip(
                            other.name(),
                            reviewer.state(line, Link.BATTERY),
                            reviewer.state(line, Link.WIRE),
                            reviewer.state(line, Link.CARRY));
                }));
    }

    private static Optional<Pack> inUse(Rig rig) {
        return rig.harness().packs().stream()
                .filter(pack -> pack.role() == PackRole.IN_USE)
                .findFirst();
    }
}
