package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;

/** Tells by which figures a holder fits its display and carries it. */
final class HolderWorking {

    private HolderWorking() {}

    static Working of(Rig rig, int index) {
        Holder holder = rig.holders().get(index);
        Device display = rig.device(holder.holds());
        int at = rig.indexOf(display);
        Told told = new Told(Working.of("What holds a display", "moment = mass · g · arm", Source.derived("statics"))
                .remark("{}, for the {}", holder.name(), display.name()));
        String mine = "/holders/" + index + "/";
        told.known("width of the display", display.size().wideM(), Pointer.device(at, "size/wideM"));
        told.known("takes from", holder.leastWideM(), mine + "leastWideM");
        told.known("up to", holder.mostWideM(), mine + "mostWideM");
        told.known("ball of the base", holder.ballM(), mine + "ballM");
        told.known("ball the arm grips", holder.armBallM(), mine + "armBallM");
        told.known("ball on the display", display.fixing().ballM(), Pointer.device(at, "fixing/ballM"));
        told.known("arm", holder.armM(), mine + "armM");
        if (display.massKg().isSet()) {
            told.rows.figure("m", "mass", display.massKg(), Unit.KILOGRAM, Pointer.device(at, "massKg"));
        }
        if (holder.carriesNm().isSet()) {
            told.rows.figure("", "it carries", holder.carriesNm(), Unit.NEWTON_METRE, mine + "carriesNm");
        }
        HolderOverloaded.momentNm(holder, display)
                .ifPresent(moment -> told.rows.result("M", "the display turns it with", moment, Unit.NEWTON_METRE));
        return told.rows.done();
    }

    /** Rows of lengths, those that are known. */
    private record Told(Working.Builder rows) {

        void known(String label, Figure figure, String pointer) {
            if (figure.isSet()) {
                rows.figure("", label, figure, Unit.MILLIMETRE, pointer);
            }
        }
    }
}
