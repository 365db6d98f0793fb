package app.brightkeel.core.picture;

import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import java.util.List;

/** Things of a layout that are moved in its plan: each is taken by every place of the craft. */
final class LayoutGrips {

    private static final double HALF_M = 0.06;
    private static final String PLACE = "carry.place.";

    private final Rig rig;
    private final CraftDrawing on;
    private final Drawing drawing;

    LayoutGrips(Rig rig, CraftDrawing on, Drawing drawing) {
        this.rig = rig;
        this.on = on;
        this.drawing = drawing;
    }

    /** Places below, things above them. */
    void add() {
        for (Station station : rig.craft().stations()) {
            if (station.placed() && station.spot() != Spot.ICE_HOLE) {
                Point place = on.plan(station);
                drawing.circle(Role.PASSAGE, place, HALF_M / 2);
                grip(station.id(), "", List.of(PLACE), place, station.name());
            }
        }
        for (Device device : rig.devices()) {
            thing(device.id(), device.name(), rig.stationOf(device.id()));
        }
        for (Pack pack : rig.harness().packs()) {
            thing(pack.id(), pack.name(), rig.stationOf(pack.id()));
        }
        for (Ballast weight : rig.fitOut().ballast()) {
            thing(weight.id(), weight.name(), weight.station());
        }
    }

    private void thing(String id, String name, String station) {
        rig.craft()
                .station(station)
                .filter(Station::placed)
                .ifPresent(at -> grip(id, PLACE + id + ".", List.of(), on.plan(at), name));
    }

    private void grip(String part, String drags, List<String> takes, Point at, String name) {
        drawing.element(
                part,
                drags,
                takes,
                new Point(at.x() - HALF_M, at.y() - HALF_M),
                new Point(at.x() + HALF_M, at.y() + HALF_M),
                Text.of("{}", name));
    }
}
