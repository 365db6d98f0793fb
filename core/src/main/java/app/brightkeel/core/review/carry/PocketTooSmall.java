package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;

/** What a pocket is for goes into it, turned any way; a battery with free acid has its own rule. */
final class PocketTooSmall implements Rule {

    /** A strap with its buckle, over what it holds [m]; common practice, no source. */
    private static final double STRAP_M = 0.004;

    @Override
    public Identity identity() {
        return new Identity("carry.pocket-too-small", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Rig rig = line.rig();
        for (Enclosure box : rig.fitOut().boxes()) {
            for (Pocket pocket : box.pockets()) {
                sidesOf(rig, pocket.holds())
                        .filter(size -> pocket.inside().known())
                        .ifPresent(sides -> add(worst, box, pocket, sides));
            }
        }
        return worst.judgement();
    }

    private static void add(WorstOf worst, Enclosure box, Pocket pocket, double[] sides) {
        double gap = Rounding.settled(gapM(sides, sides(pocket.inside())));
        worst.add(
                gap < 0 ? gap / pocket.inside().tallM().value() : 1,
                "What belongs into the {} of the {} is {} too large for it, with its plug and strap on.",
                pocket.name(),
                box.name(),
                new Amount(Math.abs(gap), Unit.MILLIMETRE));
    }

    /** Least gap, shortest side beside shortest and so on [m]. */
    private static double gapM(double[] thing, double[] room) {
        Arrays.sort(thing);
        Arrays.sort(room);
        return Math.min(room[0] - thing[0], Math.min(room[1] - thing[1], room[2] - thing[2]));
    }

    private static double[] sides(Size size) {
        return new double[] {
            size.deepM().value(), size.wideM().value(), size.tallM().value()
        };
    }

    /** Sides of what has this id, as it is packed; nothing where they are not known. */
    private static Optional<double[]> sidesOf(Rig rig, String id) {
        Stream<double[]> devices = rig.devices().stream()
                .filter(device -> device.id().equals(id) && device.size().known())
                .map(device -> sides(device.size()));
        Stream<double[]> packs = rig.harness().packs().stream()
                .filter(pack -> pack.id().equals(id) && pack.size().known())
                .map(pack -> packed(rig, pack));
        return Stream.concat(devices, packs).findFirst();
    }

    /** Its terminals, plug and strap stay on it. */
    private static double[] packed(Rig rig, Pack pack) {
        double plug = pack.plugM().isSet() ? pack.plugM().value() : 0;
        double strap = rig.placeOf(pack.id())
                        .filter(place -> place.held().how() == Holding.STRAP)
                        .isPresent()
                ? STRAP_M
                : 0;
        double[] sides = sides(pack.size());
        sides[2] += Math.max(plug, strap);
        return sides;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoxChanges.emptied(line);
    }
}
