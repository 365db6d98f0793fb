package app.brightkeel.core.craft;

import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * What is aboard, as far as mass and place are known.
 *
 * @param masses  the craft, the angler and the gear first
 * @param unknown names of what has no mass or no place yet, and is not counted
 */
public record Aboard(List<MassAt> masses, List<String> unknown) {

    /** Centre of gravity of a seated person over the seat [m]; value from memory. */
    static final double SEATED_M = 0.25;

    public Aboard {
        masses = List.copyOf(masses);
        unknown = List.copyOf(unknown);
    }

    /** What of a filled rig sits where; the craft's own figures must be known. */
    static Aboard of(Rig rig) {
        Craft craft = rig.craft();
        List<MassAt> masses = new ArrayList<>();
        double middle = craft.lengthM().value() / 2;
        double halfUp = craft.depthM().value() / 2;
        masses.add(new MassAt("the craft", craft.massKg().value(), middle, 0, halfUp));
        masses.add(new MassAt(
                "the angler",
                rig.angler().massKg().value(),
                craft.seatM().value(),
                0,
                craft.seatHeightM().value() + SEATED_M));
        if (rig.angler().gearKg().value() > 0) {
            masses.add(new MassAt("other gear", rig.angler().gearKg().value(), middle, 0, halfUp));
        }
        for (KeptRoom room : craft.kept()) {
            if (room.measured() && room.loadKg().isSet()) {
                masses.add(new MassAt(
                        "what lies in the " + room.name(),
                        room.loadKg().value(),
                        room.fromBowM().value(),
                        room.sideM().value(),
                        halfUp));
            }
        }
        List<String> unknown = new ArrayList<>();
        things(rig, transducer -> true, masses, unknown);
        return new Aboard(masses, unknown);
    }

    /** The parts of the rig itself. */
    public static Aboard rigOnly(Rig rig) {
        return rigOnly(rig, transducer -> true);
    }

    /** The same without what hangs in a hole in the ice and weighs on nothing. */
    public static Aboard standing(Rig rig) {
        return rigOnly(
                rig,
                transducer -> rig.craft()
                        .station(transducer.mount().station())
                        .filter(station -> station.spot() == Spot.ICE_HOLE)
                        .isEmpty());
    }

    private static Aboard rigOnly(Rig rig, Predicate<Transducer> wanted) {
        List<MassAt> masses = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        things(rig, wanted, masses, unknown);
        return new Aboard(masses, unknown);
    }

    /** Devices and packs of some ids, as far as mass and place are known. */
    public static List<MassAt> placed(Rig rig, Predicate<String> wanted) {
        List<MassAt> masses = new ArrayList<>();
        placed(rig, wanted, masses, new ArrayList<>());
        return masses;
    }

    private static void placed(Rig rig, Predicate<String> wanted, List<MassAt> masses, List<String> unknown) {
        for (Device device : rig.devices()) {
            if (wanted.test(device.id())) {
                add(rig, device.name(), device.massKg(), rig.stationOf(device.id()), masses, unknown);
            }
        }
        for (Pack pack : rig.harness().packs()) {
            if (wanted.test(pack.id())) {
                add(rig, pack.name(), pack.massKg(), rig.stationOf(pack.id()), masses, unknown);
            }
        }
    }

    private static void things(Rig rig, Predicate<Transducer> wanted, List<MassAt> masses, List<String> unknown) {
        placed(rig, item -> true, masses, unknown);
        for (Transducer transducer : rig.transducers()) {
            if (wanted.test(transducer)) {
                add(
                        rig,
                        transducer.name(),
                        transducer.massKg(),
                        transducer.mount().station(),
                        masses,
                        unknown);
            }
        }
        fitOut(rig, masses, unknown);
    }

    /** Weights and boxes are there to be counted as well. */
    private static void fitOut(Rig rig, List<MassAt> masses, List<String> unknown) {
        for (Ballast weight : rig.fitOut().ballast()) {
            add(rig, weight.name(), weight.massKg(), weight.station(), masses, unknown);
        }
        for (Enclosure box : rig.fitOut().boxes()) {
            add(rig, box.name(), box.massKg(), box.station(), masses, unknown);
        }
    }

    private static void add(
            Rig rig, String name, Figure massKg, String station, List<MassAt> masses, List<String> unknown) {
        Station at = rig.craft().station(station).orElse(null);
        if (at == null || !massKg.isSet() || !at.placed()) {
            unknown.add(name);
        } else {
            masses.add(new MassAt(
                    name,
                    massKg.value(),
                    at.fromBowM().value(),
                    at.sideM().value(),
                    at.heightM().value()));
        }
    }
}
