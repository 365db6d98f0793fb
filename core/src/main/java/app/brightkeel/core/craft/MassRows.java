package app.brightkeel.core.craft;

import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;

/** Masses and places of the rig's own parts, for workings. */
public final class MassRows {

    private MassRows() {}

    /** Adds them to a working. */
    public static void tell(Working.Builder told, Rig rig) {
        for (int d = 0; d < rig.devices().size(); d++) {
            String id = rig.devices().get(d).id();
            thing(
                    told,
                    rig,
                    rig.devices().get(d).name(),
                    rig.devices().get(d).massKg(),
                    Pointer.device(d, "massKg"),
                    rig.stationOf(id));
        }
        for (int p = 0; p < rig.harness().packs().size(); p++) {
            String id = rig.harness().packs().get(p).id();
            thing(
                    told,
                    rig,
                    rig.harness().packs().get(p).name(),
                    rig.harness().packs().get(p).massKg(),
                    Pointer.pack(p, "massKg"),
                    rig.stationOf(id));
        }
        for (int t = 0; t < rig.transducers().size(); t++) {
            thing(
                    told,
                    rig,
                    rig.transducers().get(t).name(),
                    rig.transducers().get(t).massKg(),
                    Pointer.transducer(t, "massKg"),
                    rig.transducers().get(t).mount().station());
        }
        for (int b = 0; b < rig.fitOut().ballast().size(); b++) {
            Ballast weight = rig.fitOut().ballast().get(b);
            thing(told, rig, weight.name(), weight.massKg(), Pointer.ballast(b, "massKg"), weight.station());
        }
        for (int b = 0; b < rig.fitOut().boxes().size(); b++) {
            Enclosure box = rig.fitOut().boxes().get(b);
            thing(told, rig, box.name(), box.massKg(), Pointer.box(b, "massKg"), box.station());
        }
    }

    private static void thing(
            Working.Builder told, Rig rig, String name, Figure massKg, String pointer, String stationId) {
        told.figure("", name, massKg, Unit.KILOGRAM, pointer);
        Station station = rig.craft().station(stationId).orElse(null);
        if (station != null) {
            int at = rig.craft().indexOfStation(stationId);
            told.figure(
                            "x",
                            rig.craft().kind().front(),
                            station.fromBowM(),
                            Unit.METRE,
                            Pointer.station(at, "fromBowM"))
                    .figure("y", "right of the middle", station.sideM(), Unit.METRE, Pointer.station(at, "sideM"))
                    .figure("z", "over the bottom", station.heightM(), Unit.MILLIMETRE, Pointer.station(at, "heightM"));
        }
    }
}
