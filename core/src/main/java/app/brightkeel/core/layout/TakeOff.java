package app.brightkeel.core.layout;

import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.route.Cable;
import java.util.ArrayList;
import java.util.List;

/**
 * What leaves the craft for the roof, the night, a charge or theft, and what that takes.
 *
 * @param off    in the order of the rig's places
 * @param stays  what is left aboard
 * @param freed  cables to unplug before anything is taken off or folded
 * @param minMin all of it together [min]
 */
public record TakeOff(List<Item> off, List<Named> stays, List<Named> freed, double minMin) {

    /** One thing to take off, and how long that takes [min]. */
    public record Item(String id, String name, String station, double minMin) {}

    /** A part of the rig. */
    public record Named(String id, String name) {}

    public TakeOff {
        off = List.copyOf(off);
        stays = List.copyOf(stays);
        freed = List.copyOf(freed);
    }

    /** Of a filled rig. */
    public static TakeOff of(Rig rig) {
        List<Item> off = new ArrayList<>();
        List<Named> stays = new ArrayList<>();
        List<String> stations = new ArrayList<>();
        for (Placement place : rig.places()) {
            String name = rig.nameOfPoint(place.item());
            if (place.comesOff()) {
                String station =
                        rig.craft().station(place.station()).orElseThrow().name();
                off.add(new Item(place.item(), name, station, place.offMin().value()));
                stations.add(place.station());
            } else {
                stays.add(new Named(place.item(), name));
            }
        }
        rig.transducers().forEach(transducer -> stays.add(new Named(transducer.id(), transducer.name())));
        List<Named> freed = new ArrayList<>();
        for (Cable cable : Cable.all(rig)) {
            boolean holds = stations.contains(cable.start()) != stations.contains(cable.end());
            boolean folds = rig.runOf(cable.id()).map(Run::travels).orElse(List.of()).stream()
                    .anyMatch(Travel::freed);
            if (holds || folds) {
                freed.add(new Named(cable.id(), cable.name()));
            }
        }
        return new TakeOff(
                off, stays, freed, off.stream().mapToDouble(Item::minMin).sum());
    }
}
