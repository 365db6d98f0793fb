package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Inward;
import app.brightkeel.core.rig.Rib;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import java.util.Optional;

/** The room there really is at a place: of the box that stands there, else of the place itself. */
public final class Rooms {

    private Rooms() {}

    /** Of a filled rig; nothing where the place has no walls, or they are not measured. */
    public static Optional<Box> at(Rig rig, Station station) {
        Optional<Enclosure> box = rig.fitOut().boxAt(station.id());
        if (box.isPresent()) {
            return inside(box.get());
        }
        Size room = station.room();
        return room.known() ? Optional.of(Box.of(room)) : Optional.empty();
    }

    /** Outside without walls, ribs, what is kept free, and what bolts and outlets take under the closed lid. */
    public static Optional<Box> inside(Enclosure box) {
        boolean ribsKnown = box.ribs().stream().map(Rib::depthM).allMatch(Figure::isSet);
        if (!box.outside().known() || !ribsKnown) {
            return Optional.empty();
        }
        Box outside = Box.of(box.outside());
        double walls = 2 * (box.wallM().value() + box.clearM().value());
        return Optional.of(new Box(
                outside.deepM() - walls - ribs(box, Inward.DEEP),
                outside.wideM() - walls - ribs(box, Inward.WIDE),
                outside.tallM() - walls - ribs(box, Inward.TALL) - box.lidM().value()));
    }

    private static double ribs(Enclosure box, Inward along) {
        return box.ribs().stream()
                .filter(rib -> rib.takes() == along)
                .mapToDouble(rib -> rib.depthM().value())
                .sum();
    }

    /** What it holds, walls taken off [L]; asked only where its outside is known. */
    public static double litres(Enclosure box) {
        Box outside = Box.of(box.outside());
        double walls = 2 * box.wallM().value();
        return 1000 * (outside.deepM() - walls) * (outside.wideM() - walls) * (outside.tallM() - walls);
    }
}
