package app.brightkeel.core.enclosure;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rib;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import java.util.List;

/** The working of what goes into which place, how it stands there, and what fills the rest. */
final class FitWorking {

    /** What a strap needs to lie over itself [m]; common practice, no source. */
    private static final double STRAP_OVER_M = 0.15;

    private final Rig rig;
    private final Working.Builder told;

    private FitWorking(Rig rig, Working.Builder told) {
        this.rig = rig;
        this.told = told;
    }

    static Working of(Line line) {
        Outcome<Fits> outcome = line.get(FitStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("What is in its place", outcome.missing());
        }
        Working.Builder told = Working.of(
                "What is in its place",
                "gap = room − what all take together, turned and arranged in the way that leaves most",
                Source.derived("measures inside and outside"));
        FitWorking working = new FitWorking(line.rig(), told);
        outcome.value().all().forEach(working::fit);
        if (outcome.value().all().isEmpty()) {
            told.remark("Nothing sits in a place with walls: nothing to fit.");
        }
        return told.done();
    }

    private void fit(Fit fit) {
        told.remark("{} in the {}", fit.name(), fit.place());
        things(fit);
        room(rig.craft().indexOfStation(fit.station()));
        if (fit.several()) {
            fit.pieces().forEach(this::stands);
            told.remark(
                    fit.together()
                            ? "Arranged so that straight walls could part them; bars across each other were not tried."
                            : "The largest were arranged together, the smaller ones added one after another: another order "
                                    + "may leave more.");
        }
        told.step("", "taken fore and aft", fit.around().deepM(), Unit.MILLIMETRE)
                .step("", "athwart", fit.around().wideM(), Unit.MILLIMETRE)
                .step("", "upright", fit.around().tallM(), Unit.MILLIMETRE);
        foam(fit);
        told.result("", fit.leastGapM() < 0 ? "too large by" : "least gap", Math.abs(fit.leastGapM()), Unit.MILLIMETRE);
    }

    private void things(Fit fit) {
        List<Pack> packs = rig.harness().packs();
        for (int p = 0; p < packs.size(); p++) {
            if (fit.holds(packs.get(p).id())) {
                battery(p, packs.get(p));
            }
        }
        for (int d = 0; d < rig.devices().size(); d++) {
            Device device = rig.devices().get(d);
            if (fit.holds(device.id())) {
                size(device.name(), device.size(), Pointer.device(d, "size/"));
                told.remark(
                        "Behind it {} for its plugs: common practice, no source.",
                        new Amount(FitStage.PLUGS_M, Unit.MILLIMETRE));
            }
        }
    }

    private void battery(int p, Pack pack) {
        size(pack.name(), pack.size(), Pointer.pack(p, "size/"));
        told.figure("", "plug and terminals", pack.plugM(), Unit.MILLIMETRE, Pointer.pack(p, "plugM"));
        Held held = rig.placeOf(pack.id()).orElseThrow().held();
        if (held.onSide()) {
            told.remark("{} lies on its side", pack.name());
        } else if (!pack.chemistry().liesOnSide()) {
            told.remark("{} stands upright: it holds free acid", pack.name());
        }
        if (held.how() == Holding.STRAP) {
            double round =
                    2 * (pack.size().wideM().value() + pack.size().tallM().value());
            told.remark(
                    "Straps: {} of {}, once round its width and {} over itself.",
                    held.straps(),
                    new Amount(round + STRAP_OVER_M, Unit.MILLIMETRE),
                    new Amount(STRAP_OVER_M, Unit.MILLIMETRE));
        }
    }

    private void stands(Fit.Piece piece) {
        told.remark(
                "{}: {} × {} × {}, from the fore left corner {} aft, {} across, {} up.",
                piece.name(),
                new Amount(piece.turned().deepM(), Unit.MILLIMETRE),
                new Amount(piece.turned().wideM(), Unit.MILLIMETRE),
                new Amount(piece.turned().tallM(), Unit.MILLIMETRE),
                new Amount(piece.corner().deepM(), Unit.MILLIMETRE),
                new Amount(piece.corner().wideM(), Unit.MILLIMETRE),
                new Amount(piece.corner().tallM(), Unit.MILLIMETRE));
    }

    /** Of the place itself, or of the box that stands there. */
    private void room(int s) {
        Station station = rig.craft().stations().get(s);
        Enclosure box = rig.fitOut().boxAt(station.id()).orElse(null);
        if (box == null) {
            size("room", station.room(), Pointer.station(s, "room/"));
            return;
        }
        String at = Pointer.box(rig.fitOut().boxes().indexOf(box), "");
        size("outside of the " + box.name(), box.outside(), at + "outside/");
        told.figure("", "its wall", box.wallM(), Unit.FINE_MILLIMETRE, at + "wallM")
                .figure("", "kept free on every side", box.clearM(), Unit.MILLIMETRE, at + "clearM")
                .figure("", "bolts and outlets under the closed lid", box.lidM(), Unit.MILLIMETRE, at + "lidM");
        for (int r = 0; r < box.ribs().size(); r++) {
            Rib rib = box.ribs().get(r);
            told.figure("", rib.name(), rib.depthM(), Unit.MILLIMETRE, at + "ribs/" + r + "/depthM");
        }
    }

    /** What is left round and between, for foam. */
    private void foam(Fit fit) {
        for (Foam foam : Foam.round(fit)) {
            told.remark(
                    "Foam {}: {} × {} × {}, {} thick for its gap of {}.",
                    foam.where(),
                    foam.pieces(),
                    new Amount(foam.longM(), Unit.MILLIMETRE),
                    new Amount(foam.wideM(), Unit.MILLIMETRE),
                    new Amount(foam.thickM(), Unit.MILLIMETRE),
                    new Amount(foam.thickM() / Foam.PRESSED, Unit.MILLIMETRE));
        }
    }

    private void size(String what, Size size, String at) {
        told.figure("", what + ", fore and aft", size.deepM(), Unit.MILLIMETRE, at + "deepM")
                .figure("", what + ", athwart", size.wideM(), Unit.MILLIMETRE, at + "wideM")
                .figure("", what + ", upright", size.tallM(), Unit.MILLIMETRE, at + "tallM");
    }
}
