package app.brightkeel.core.review.whole;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.change.battery.ChargerChanges;
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
    public record TriedOn(String rig, LinkState battery, LinkState wire, LinkState carry) {}

    /** A battery on another rig; empty where that has none to put it in the place of. */
    public static Optional<TriedOn> of(Pack travelling, Line other, RigReviewer reviewer) {
        Rig rig = other.entered();
        return inUse(rig).map(old -> {
            Line line = other.with(ChargerChanges.with(rig, Catalogue.inPlaceOf(old, travelling)));
            return new TriedOn(
                    rig.name(),
                    reviewer.state(line, Link.BATTERY),
                    reviewer.state(line, Link.WIRE),
                    reviewer.state(line, Link.CARRY));
        });
    }

    /** The battery that would travel; empty where a rig has none in use. */
    public static Optional<Pack> inUse(Rig rig) {
        return rig.harness().packs().stream()
                .filter(pack -> pack.role() == PackRole.IN_USE)
                .findFirst();
    }
}
