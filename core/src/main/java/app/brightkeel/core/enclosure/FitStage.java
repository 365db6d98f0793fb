package app.brightkeel.core.enclosure;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether the batteries and all else go into their places; a place without walls takes any. What has a pocket of its
 * own in the box does not stand in its room.
 */
public final class FitStage implements Stage<FitNeeds, Fits> {

    public static final FitStage STAGE = new FitStage();

    /** Room behind a device for its plugs; common practice, no source [m]. */
    static final double PLUGS_M = 0.03;

    private FitStage() {}

    @Override
    public String name() {
        return "fit";
    }

    @Override
    public Outcome<FitNeeds> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>();
        List<FitNeeds.Housed> housed = new ArrayList<>();
        wantBoxes(rig, missing);
        for (Pack pack : rig.harness().packs()) {
            place(rig, pack.id()).ifPresent(place -> pack(rig, pack, place, housed, missing));
        }
        for (Device device : rig.devices()) {
            place(rig, device.id()).ifPresent(place -> device(rig, device, place, housed, missing));
        }
        return Outcome.unless(missing, () -> new FitNeeds(housed));
    }

    /**
     * Where a thing stands.
     *
     * @param name of the station, or of the box that stands there
     * @param boxed whether a box stands there
     * @param room nothing where it has no walls, or a box there is not measured
     */
    private record Place(Station station, String name, boolean boxed, Optional<Box> room) {}

    /** Where a thing stands that is not in a pocket there. */
    private static Optional<Place> place(Rig rig, String item) {
        return rig.craft().station(rig.stationOf(item)).flatMap(station -> place(rig, station, item));
    }

    private static Optional<Place> place(Rig rig, Station station, String item) {
        Optional<Enclosure> box = rig.fitOut().boxAt(station.id());
        return box.filter(its -> pocketed(its, item)).isPresent()
                ? Optional.empty()
                : Optional.of(new Place(
                        station,
                        box.map(Enclosure::name).orElse(station.name()),
                        box.isPresent(),
                        Rooms.at(rig, station)));
    }

    private static boolean pocketed(Enclosure box, String item) {
        return box.pockets().stream().anyMatch(pocket -> pocket.holds().equals(item));
    }

    private static void pack(Rig rig, Pack pack, Place place, List<FitNeeds.Housed> housed, List<String> missing) {
        if (place.room().isEmpty()) {
            return;
        }
        if (!pack.size().known()) {
            wantSize(missing, pack.size(), Pointer.pack(rig.harness().packs().indexOf(pack), "size/"));
            return;
        }
        boolean onSide = rig.placeOf(pack.id()).orElseThrow().held().onSide();
        Box bare = Box.of(pack.size());
        housed.add(housed(
                pack.id(),
                pack.name(),
                new Box(bare.deepM(), bare.wideM(), bare.tallM() + pack.plugM().value()),
                lie(pack, onSide),
                pack.massKg(),
                place));
    }

    /** In a box its measures are asked for; in a hatch or a tank well what nobody measured is left out. */
    private static void device(
            Rig rig, Device device, Place place, List<FitNeeds.Housed> housed, List<String> missing) {
        if (device.size().known() && place.room().isPresent()) {
            Box bare = Box.of(device.size());
            housed.add(housed(
                    device.id(),
                    device.name(),
                    new Box(bare.deepM() + PLUGS_M, bare.wideM(), bare.tallM()),
                    FitNeeds.Lie.ANY,
                    device.massKg(),
                    place));
        } else if (place.boxed()) {
            wantSize(missing, device.size(), Pointer.device(rig.devices().indexOf(device), "size/"));
        }
    }

    private static FitNeeds.Housed housed(
            String item, String name, Box outside, FitNeeds.Lie lie, Figure massKg, Place place) {
        Station station = place.station();
        return new FitNeeds.Housed(
                item,
                name,
                outside,
                lie,
                massKg.isSet() ? massKg.value() : 0,
                station.id(),
                place.name(),
                place.room().orElseThrow());
    }

    private static FitNeeds.Lie lie(Pack pack, boolean onSide) {
        if (onSide) {
            return FitNeeds.Lie.ON_SIDE;
        }
        return pack.chemistry().liesOnSide() ? FitNeeds.Lie.ANY : FitNeeds.Lie.UPRIGHT;
    }

    /** A box decides for what is in it, so it has to be measured. */
    private static void wantBoxes(Rig rig, List<String> missing) {
        List<Enclosure> boxes = rig.fitOut().boxes();
        for (int b = 0; b < boxes.size(); b++) {
            Enclosure box = boxes.get(b);
            if (holds(rig, box)) {
                String at = Pointer.box(b, "");
                wantSize(missing, box.outside(), at + "outside/");
                for (int r = 0; r < box.ribs().size(); r++) {
                    Outcome.want(missing, box.ribs().get(r).depthM(), at + "ribs/" + r + "/depthM");
                }
            }
        }
    }

    /** Whether anything stands in its room. */
    private static boolean holds(Rig rig, Enclosure box) {
        return Stream.concat(
                        rig.harness().packs().stream().map(Pack::id),
                        rig.devices().stream().map(Device::id))
                .anyMatch(item -> rig.stationOf(item).equals(box.station()) && !pocketed(box, item));
    }

    /**
     * Adds each measure of a size that is open to what is missing.
     *
     * @param at pointer of the size, with its slash
     */
    public static void wantSize(List<String> missing, Size size, String at) {
        Outcome.want(missing, size.deepM(), at + "deepM");
        Outcome.want(missing, size.wideM(), at + "wideM");
        Outcome.want(missing, size.tallM(), at + "tallM");
    }

    @Override
    public Fits compute(FitNeeds needs) {
        Map<String, List<FitNeeds.Housed>> byPlace = needs.housed().stream()
                .collect(Collectors.groupingBy(FitNeeds.Housed::station, LinkedHashMap::new, Collectors.toList()));
        return new Fits(byPlace.values().stream().map(Fit::of).toList());
    }

    @Override
    public Working working(Line line) {
        return FitWorking.of(line);
    }
}
