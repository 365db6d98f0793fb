package app.brightkeel.core.parts;

import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Way;
import java.util.ArrayList;
import java.util.List;

/** Small parts that may be worth having, each with its trigger: never a must. */
public final class Optionals {

    /**
     * One of them.
     *
     * @param of      id of the part it is for
     * @param part    that, in words
     * @param planned whether the plan has it
     */
    public record Worth(ExtraKind kind, String of, String part, boolean planned) {}

    private Optionals() {}

    /** What the rig has a use for, had or not. */
    public static List<Worth> of(Rig rig) {
        List<Worth> all = new ArrayList<>();
        for (Transducer transducer : rig.transducers()) {
            if (Tethers.wanted(rig, transducer)) {
                add(rig, all, ExtraKind.TETHER, transducer.id(), transducer.name());
            }
            if (!rig.craft().kind().onIce() && !transducer.mount().kind().beside()) {
                add(rig, all, ExtraKind.GUARD, transducer.id(), transducer.name());
            }
            if (transducer.mount().kind().beside() && landedThere(rig, transducer)) {
                add(rig, all, ExtraKind.LINE_GUARD, transducer.id(), transducer.name());
            }
            if (rig.runOf(transducer.id()).filter(run -> wrapsAnEdge(rig, run)).isPresent()) {
                add(rig, all, ExtraKind.SLEEVE, transducer.id(), transducer.name());
            }
        }
        for (Device device : rig.devices()) {
            boolean off = rig.placeOf(device.id()).filter(Placement::comesOff).isPresent();
            if (device.kind().display()) {
                add(rig, all, ExtraKind.HOOD, device.id(), device.name());
                add(rig, all, ExtraKind.COVER, device.id(), device.name());
                add(rig, all, ExtraKind.PLUG_COVER, device.id(), device.name());
                add(rig, all, ExtraKind.SPARE_HOLDER, device.id(), device.name());
            }
            if (off) {
                add(rig, all, ExtraKind.DUST_CAP, device.id(), device.name());
            }
        }
        for (Enclosure box : rig.fitOut().boxes()) {
            if (box.shut()) {
                add(rig, all, ExtraKind.DESICCANT, box.id(), box.name());
            }
        }
        return List.copyOf(all);
    }

    /** Whether a mount stands on the side where lines come in; on both sides where no side is kept free. */
    private static boolean landedThere(Rig rig, Transducer transducer) {
        int post = rig.schools().post().side(rig.angler().hand());
        return rig.craft()
                .station(transducer.mount().station())
                .filter(Station::placed)
                .filter(at -> post == 0 || at.sideM().value() * post < 0)
                .isPresent();
    }

    private static boolean wrapsAnEdge(Rig rig, Run run) {
        return run.legs().stream()
                .flatMap(leg -> rig.craft().passage(leg).stream())
                .anyMatch(passage -> passage.way() == Way.HATCH_LIP || passage.way() == Way.SCUPPER);
    }

    private static void add(Rig rig, List<Worth> all, ExtraKind kind, String of, String part) {
        all.add(new Worth(kind, of, part, rig.fitOut().has(kind, of)));
    }
}
