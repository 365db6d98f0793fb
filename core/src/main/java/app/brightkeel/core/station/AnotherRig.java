package app.brightkeel.core.station;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import java.util.Optional;

/**
 * A rig for a second craft or a second display, made of one that is there: gear stays the same, what stood, was held or was led
 * on the first craft is open again, and is then proposed anew.
 */
public final class AnotherRig {

    private static final String FILL_IN = "water.fill-in";

    private AnotherRig() {}

    /**
     * @param craft   empty to keep the one it is on
     * @param display in the place of the first display; empty to keep it
     */
    public static Rig of(Rig rig, Optional<Craft> craft, Optional<Device> display, String name) {
        Rig on = craft.map(other -> moved(rig, other)).orElse(rig);
        Rig with = display.map(other -> shown(on, other)).orElse(on);
        Rig named = with.withName(name);
        return Comparison.find(Line.of(named), FILL_IN)
                .map(filled -> sameGear(named, filled.after()))
                .orElse(named);
    }

    /** What is filled in where a mount is open may be another transducer in it, too: this one is there already. */
    private static Rig sameGear(Rig before, Rig filled) {
        Rig rig = filled;
        for (Transducer own : before.transducers()) {
            Mount mount = filled.transducer(own.id()).map(Transducer::mount).orElse(own.mount());
            rig = rig.with(own.withMount(mount));
        }
        return rig;
    }

    private static Rig moved(Rig rig, Craft craft) {
        Rig bare = rig.withTransducers(rig.transducers().stream()
                .map(each -> each.withMount(Mount.UNDECIDED))
                .toList());
        Rig moved = bare.withCraft(craft);
        if (craft.kind().onIce() == rig.craft().kind().onIce()) {
            return moved;
        }
        // another season: how deep it is stays, how one fishes there does not
        Water usual = Rig.blank("x", craft.kind()).outing().water();
        Water water = rig.outing().water();
        return moved.withOuting(moved.outing()
                .with(day -> day.airC(Figure.UNSET)
                        .water(water.with(other -> other.season(usual.season())
                                .motion(usual.motion())
                                .style(usual.style())
                                .waterC(Figure.UNSET)))));
    }

    private static Rig shown(Rig rig, Device display) {
        Optional<Device> old =
                rig.devices().stream().filter(each -> each.kind().display()).findFirst();
        return old.map(first -> rig.with(display.withId(first.id()))
                        // what held the other may not hold this one
                        .withHolders(rig.holders().stream()
                                .filter(holder -> !holder.holds().equals(first.id()))
                                .toList())
                        .withPurse(rig.purse().without(first.id(), "")))
                .orElse(rig);
    }
}
