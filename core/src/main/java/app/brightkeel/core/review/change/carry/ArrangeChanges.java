package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Whole arrangements: screens and battery moved together, for what is level one by one may be crooked together. */
public final class ArrangeChanges {

    /** What stands nearer to the seat than this is beside it; common practice, no source [m]. */
    private static final double BESIDE_M = 0.45;

    /** Where screens stand. */
    private enum Screens {
        AHEAD("ahead"),
        BESIDE("beside the seat");

        private final String words;

        Screens(String words) {
            this.words = words;
        }
    }

    /** Where the battery lies. */
    private enum Battery {
        AFT("aft", Comparator.comparingDouble(ArrangeChanges::fromBowM).reversed()),
        FORWARD("forward", Comparator.comparingDouble(ArrangeChanges::fromBowM));

        private final String words;
        private final Comparator<Station> order;

        Battery(String words, Comparator<Station> order) {
            this.words = words;
            this.order = order;
        }
    }

    private ArrangeChanges() {}

    /** Screens ahead or beside, battery aft or forward; only what moves two things or more: single ones are offered alone. */
    public static Stream<Change> all(Line line) {
        Rig rig = line.entered();
        if (!rig.craft().seatM().isSet() || rig.craft().kind().onIce()) {
            return Stream.empty();
        }
        return Stream.of(Screens.values())
                .flatMap(screens ->
                        Stream.of(Battery.values()).flatMap(battery -> arranged(rig, screens, battery).stream()));
    }

    private static Optional<Change> arranged(Rig rig, Screens screens, Battery battery) {
        List<Device> displays = rig.devices().stream()
                .filter(device -> device.kind().display() && !device.later())
                .toList();
        List<Station> places = places(rig.craft(), screens);
        Optional<Station> lies = rig.craft().stations().stream()
                .filter(station -> station.spot().takesPack() && station.placed())
                .min(battery.order);
        if (displays.isEmpty() || places.size() < displays.size() || lies.isEmpty()) {
            return Optional.empty();
        }
        Rig after = rig;
        int moved = 0;
        List<String> words = new ArrayList<>();
        for (int d = 0; d < displays.size(); d++) {
            String id = displays.get(d).id();
            moved += rig.stationOf(id).equals(places.get(d).id()) ? 0 : 1;
            after = Rerouting.placed(after, id, places.get(d).id());
            words.add(displays.get(d).name() + " " + places.get(d).name());
        }
        for (Pack pack : rig.harness().packs()) {
            if (pack.role() == PackRole.IN_USE) {
                moved += rig.stationOf(pack.id()).equals(lies.get().id()) ? 0 : 1;
                after = Rerouting.placed(after, pack.id(), lies.get().id());
            }
        }
        words.add("battery " + lies.get().name());
        return moved < 2
                ? Optional.empty()
                : Optional.of(new Change(
                        "carry.arrange." + screens.name().toLowerCase(Locale.ROOT) + "."
                                + battery.name().toLowerCase(Locale.ROOT),
                        Text.of("Screens {}, battery {}: {}", screens.words, battery.words, String.join(", ", words)),
                        Effort.MOVE,
                        after));
    }

    /** Nearest to the middle line first: what stands there neither heels nor stops a paddle. */
    private static List<Station> places(Craft craft, Screens screens) {
        double seat = craft.seatM().value();
        return craft.stations().stream()
                .filter(station -> station.spot().takesDisplay() && station.placed())
                .filter(station -> {
                    double ahead = seat - fromBowM(station);
                    return screens == Screens.AHEAD ? ahead > BESIDE_M : Math.abs(ahead) <= BESIDE_M;
                })
                .sorted(Comparator.comparingDouble(
                        station -> Math.abs(station.sideM().value())))
                .toList();
    }

    private static double fromBowM(Station station) {
        return station.fromBowM().value();
    }
}
