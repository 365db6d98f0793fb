package app.brightkeel.core.review.carry;

import app.brightkeel.core.layout.PackHold;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.HoldingChanges;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import java.util.stream.Stream;

/** A battery stays where it is put: strapped or walled in, its terminals covered, out of the bilge. */
final class HeldBadly implements Rule {

    private static final double LOOSE = 0.05;
    private static final double BARE = 0.08;

    @Override
    public Identity identity() {
        return new Identity("carry.held-badly", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Rig rig = line.rig();
        for (Pack pack : rig.harness().packs()) {
            Placement place = rig.placeOf(pack.id()).orElse(null);
            if (place != null && place.held().how() != Holding.UNDECIDED) {
                add(worst, rig, pack, place);
            }
        }
        return worst.judgement();
    }

    private static void add(WorstOf worst, Rig rig, Pack pack, Placement place) {
        Held held = place.held();
        boolean still = held.how().walls() || held.blocked() || held.anchors() >= PackHold.ANCHORS;
        worst.add(
                still ? 1 : LOOSE,
                "{} is {}, and nothing keeps it from turning or sliding.",
                pack.name(),
                held.how().words());
        strap(worst, pack, held);
        if (held.how() == Holding.NEST) {
            nest(worst, pack, held);
        }
        boolean bare = held.how() == Holding.BARE;
        boolean boxed = rig.fitOut().boxAt(place.station()).isPresent() || held.how() == Holding.BAG;
        if (bare || !boxed && !pack.ending().terminal().plug()) {
            worst.add(
                    held.covered() ? 1 : BARE,
                    bare
                            ? "{} is {} with its terminals open: covered, and looked at for corrosion."
                            : "{} is {} with its terminals open: a strap is no cover, and a hook or a tool shorts it.",
                    pack.name(),
                    held.how().words());
        }
        if (!bare && !boxed && held.overM().isSet()) {
            worst.add(
                    held.overM().value() >= PackHold.OVER_M ? 1 : BARE,
                    "{} is {}, {} over the bilge water: {} keep it dry.",
                    pack.name(),
                    held.how().words(),
                    new Amount(held.overM().value(), Unit.MILLIMETRE),
                    new Amount(PackHold.OVER_M, Unit.MILLIMETRE));
        }
        if (bare) {
            worst.add(
                    dry(rig, place) ? 1 : BARE,
                    "{} is {}: it stands {} over the bilge water, or in a dry bag.",
                    pack.name(),
                    held.how().words(),
                    new Amount(PackHold.OVER_M, Unit.MILLIMETRE));
        }
    }

    /** Either way over it: a strap holds what is about as wide as its anchors are apart. */
    private static void strap(WorstOf worst, Pack pack, Held held) {
        if (held.straps() > 0 && held.apartM().isSet() && pack.size().known()) {
            double apart = held.apartM().value();
            double narrow =
                    Math.min(pack.size().deepM().value(), pack.size().wideM().value());
            worst.add(
                    PackHold.strapped(pack.size(), apart) ? 1 : LOOSE,
                    narrow > apart
                            ? "The anchors of the strap over {} are {} apart, and it is {} wide: it stands off its sides."
                            : "The anchors of the strap over {} are {} apart, and it is {} wide: it slides under it.",
                    pack.name(),
                    new Amount(apart, Unit.MILLIMETRE),
                    new Amount(narrow, Unit.MILLIMETRE));
        }
    }

    /** Acid and gas have nowhere to go in a nest, and what only lies in it comes out when the craft goes over. */
    private static void nest(WorstOf worst, Pack pack, Held held) {
        worst.add(
                pack.chemistry() == Chemistry.FLOODED ? LOOSE : 1,
                "{} lies in a nest: acid and gas of a flooded battery have nowhere to go; a nest is for sealed ones.",
                pack.name());
        worst.add(
                held.blocked() || held.anchors() > 0 ? 1 : LOOSE,
                "{} lies in a nest, and nothing pins it down: a pin or a strap over it.",
                pack.name());
    }

    private static boolean dry(Rig rig, Placement place) {
        Held held = place.held();
        boolean boxed =
                rig.craft().station(place.station()).orElseThrow().spot().takesPack()
                        && rig.fitOut().boxAt(place.station()).isPresent();
        return boxed || held.overM().isSet() && held.overM().value() >= PackHold.OVER_M;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HoldingChanges.held(line);
    }
}
