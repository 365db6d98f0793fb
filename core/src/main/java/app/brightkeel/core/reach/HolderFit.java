package app.brightkeel.core.reach;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;

/**
 * One thing that has to fit between a holder, its place and its display; what is not known on either side is not judged.
 *
 * @param template of the words, and its parts
 */
public record HolderFit(boolean fits, String template, Object[] parts) {

    /** Balls differ by less than this where they are the same [m]; common practice, no source. */
    private static final double SAME_M = 0.002;

    /** All that can be told of one holder, the display it holds and the place of that. */
    public static List<HolderFit> of(Rig rig, Holder holder, Device display) {
        List<HolderFit> all = new ArrayList<>();
        rig.craft().station(rig.stationOf(display.id())).ifPresent(station -> {
            all.add(fit(
                    station.offers(holder.grip()),
                    "The {} grips {}; the place of the {} has none.",
                    holder.name(),
                    holder.grip().words(),
                    display.name()));
        });
        foot(rig, holder, display, all);
        width(holder, display, all);
        bolts(holder, display, all);
        balls(holder, display, all);
        return all;
    }

    /** What a holder is bolted to is the lid of the box at its place. */
    private static void foot(Rig rig, Holder holder, Device display, List<HolderFit> all) {
        rig.fitOut()
                .boxAt(rig.stationOf(display.id()))
                .filter(box -> !box.lidBolts().isEmpty() && !holder.footBolts().isEmpty())
                .ifPresent(box -> all.add(fit(
                        box.lidBolts().equals(holder.footBolts()),
                        "The bolts of the foot of the {} stand {} apart; the lid of the {} is drilled to {}.",
                        holder.name(),
                        holder.footBolts(),
                        box.name(),
                        box.lidBolts())));
    }

    private static void width(Holder holder, Device display, List<HolderFit> all) {
        Figure wide = display.size().wideM();
        if (wide.isSet() && holder.mostWideM().isSet()) {
            all.add(fit(
                    wide.value() <= holder.mostWideM().value(),
                    "The {} is {} wide; the {} takes up to {}.",
                    display.name(),
                    new Amount(wide.value(), Unit.MILLIMETRE),
                    holder.name(),
                    new Amount(holder.mostWideM().value(), Unit.MILLIMETRE)));
        }
        if (wide.isSet() && holder.leastWideM().isSet()) {
            all.add(fit(
                    wide.value() >= holder.leastWideM().value(),
                    "The {} is {} wide; the {} takes none under {}.",
                    display.name(),
                    new Amount(wide.value(), Unit.MILLIMETRE),
                    holder.name(),
                    new Amount(holder.leastWideM().value(), Unit.MILLIMETRE)));
        }
    }

    private static void bolts(Holder holder, Device display, List<HolderFit> all) {
        String wanted = display.fixing().bolts();
        if (!wanted.isEmpty() && !holder.bolts().isEmpty()) {
            all.add(fit(
                    wanted.equals(holder.bolts()),
                    "The bolts of the {} stand {} apart, those of the {} {}.",
                    display.name(),
                    wanted,
                    holder.name(),
                    holder.bolts()));
        }
    }

    private static void balls(Holder holder, Device display, List<HolderFit> all) {
        if (!holder.armBallM().isSet()) {
            return;
        }
        Amount arm = new Amount(holder.armBallM().value(), Unit.MILLIMETRE);
        if (holder.ballM().isSet()) {
            all.add(fit(
                    same(holder.ballM(), holder.armBallM()),
                    "The ball of the {} is {}; its arm grips {}.",
                    holder.name(),
                    new Amount(holder.ballM().value(), Unit.MILLIMETRE),
                    arm));
        }
        if (display.fixing().ballM().isSet()) {
            all.add(fit(
                    same(display.fixing().ballM(), holder.armBallM()),
                    "The ball on the {} is {}; the arm grips {}.",
                    display.name(),
                    new Amount(display.fixing().ballM().value(), Unit.MILLIMETRE),
                    arm));
        }
    }

    /** Whether two balls are of one size. */
    public static boolean same(Figure one, Figure other) {
        return Math.abs(one.value() - other.value()) < SAME_M;
    }

    private static HolderFit fit(boolean fits, String template, Object... parts) {
        return new HolderFit(fits, template, parts);
    }
}
