package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Changes of where things sit. Wherever one goes, its cables are laid anew. */
public final class CarryChanges {

    /** By how much a seat is lowered or slid at a time [m]. */
    private static final double SEAT_STEP_M = 0.10;

    /** How far a seat is slid before one speaks of another seat [m]. */
    private static final double MOST_SEAT_M = 1;

    private static final String PLACE = "carry.place.";

    private CarryChanges() {}

    /** Every battery and display at every place of the craft that usually takes one, batteries first. */
    public static Stream<Change> places(Line line) {
        return Stream.concat(packs(line), displays(line));
    }

    /** A tether for every box at the edge that has none. */
    public static Stream<Change> tethered(Line line) {
        Rig all = line.entered();
        for (Enclosure box : all.fitOut().boxes()) {
            all = Tethers.wanted(all, box) ? Tethers.with(all, box.id(), box.name()) : all;
        }
        return all == line.entered()
                ? Stream.empty()
                : Stream.of(new Change(
                        "carry.tether.all", Text.of("A tether on what stands at the edge"), Effort.BUY, all));
    }

    /**
     * The same as far as it puts them farther to one side.
     *
     * @param side −1 to the left, 1 to the right
     */
    public static Stream<Change> towards(Line line, double sideM) {
        return Stream.concat(
                line.entered().harness().packs().stream()
                        .flatMap(pack -> places(
                                line,
                                pack.id(),
                                pack.name(),
                                s -> s.spot().takesPack() && farther(line, pack.id(), s, sideM))),
                line.entered().devices().stream()
                        .filter(device -> device.kind().display())
                        .flatMap(device -> places(
                                line,
                                device.id(),
                                device.name(),
                                s -> s.spot().takesDisplay() && farther(line, device.id(), s, sideM))));
    }

    private static boolean farther(Line line, String item, Station station, double sideM) {
        Optional<Station> now = line.entered().craft().station(line.entered().stationOf(item));
        return now.isEmpty()
                || !now.get().sideM().isSet()
                || !station.sideM().isSet()
                || (station.sideM().value() - now.get().sideM().value()) * sideM > 0;
    }

    private static Stream<Change> packs(Line line) {
        return line.entered().harness().packs().stream()
                .flatMap(pack ->
                        places(line, pack.id(), pack.name(), s -> s.spot().takesPack()));
    }

    /** Every display at every place that usually takes one. */
    public static Stream<Change> displays(Line line) {
        return line.entered().devices().stream()
                .filter(device -> device.kind().display())
                .flatMap(device ->
                        places(line, device.id(), device.name(), s -> s.spot().takesDisplay()));
    }

    private static Stream<Change> places(Line line, String item, String name, Predicate<Station> takes) {
        return line.entered().craft().stations().stream()
                .filter(takes)
                .map(station -> placed(line.entered(), item, name, station));
    }

    /** A thing at any place at all, as it is dragged in the plan; nothing where there is no such thing or place. */
    public static Optional<Change> moved(Line line, String id) {
        Rig rig = line.entered();
        String rest = id.startsWith(PLACE) ? id.substring(PLACE.length()) : "";
        int dot = rest.indexOf('.');
        if (dot < 0) {
            return Optional.empty();
        }
        String item = rest.substring(0, dot);
        return rig.craft().station(rest.substring(dot + 1)).flatMap(station -> moved(rig, item, station));
    }

    private static Optional<Change> moved(Rig rig, String item, Station station) {
        Optional<Ballast> weight = rig.fitOut().ballast().stream()
                .filter(each -> each.id().equals(item))
                .findFirst();
        if (weight.isPresent()) {
            return Optional.of(new Change(
                    PLACE + item + "." + station.id(),
                    Text.of("{}: {}", weight.get().name(), station.name()),
                    Effort.MOVE,
                    rig.withFitOut(rig.fitOut().with(weight.get().withStation(station.id())))));
        }
        boolean device = rig.devices().stream().anyMatch(each -> each.id().equals(item));
        boolean pack = rig.harness().packs().stream().anyMatch(each -> each.id().equals(item));
        boolean junction =
                rig.harness().junctions().stream().anyMatch(each -> each.id().equals(item));
        return device || pack || junction
                ? Optional.of(placed(rig, item, rig.nameOfPoint(item), station))
                : Optional.empty();
    }

    private static Change placed(Rig rig, String item, String name, Station station) {
        boolean same = rig.stationOf(item).equals(station.id());
        return new Change(
                PLACE + item + "." + station.id(),
                Text.of("{}: {}", name, station.name()),
                Effort.MOVE,
                same ? rig : Rerouting.placed(rig, item, station.id()));
    }

    /** Leave gear ashore, sit elsewhere, or put the heavy things elsewhere. */
    public static Stream<Change> lighter(Line line) {
        return Stream.concat(gearAshore(line), level(line));
    }

    /** Sit farther forward or aft by small steps, or amidships; else put things elsewhere. */
    public static Stream<Change> level(Line line) {
        Rig rig = line.entered();
        Craft craft = rig.craft();
        if (!craft.seatM().isSet() || !craft.lengthM().isSet()) {
            return places(line);
        }
        double middle = craft.lengthM().value() / 2;
        double towards = Math.signum(middle - craft.seatM().value());
        double away = Math.abs(middle - craft.seatM().value());
        Stream<Double> steps =
                Stream.iterate(SEAT_STEP_M, step -> step <= Math.min(away, MOST_SEAT_M), step -> step + SEAT_STEP_M);
        Stream<Double> seats =
                Stream.concat(steps.map(step -> craft.seatM().value() + towards * step), Stream.of(middle));
        return Stream.concat(seats.map(seat -> seated(rig, seat)), places(line));
    }

    private static Change seated(Rig rig, double seatM) {
        double rounded = Math.round(seatM * 100) / 100.0;
        return new Change(
                "carry.seat-at." + Math.round(rounded * 100),
                Text.of("Sit {} from the bow", new Amount(rounded, Unit.METRE)),
                Effort.MOVE,
                rig.withCraft(rig.craft().withSeatM(Figure.chosen(rounded))));
    }

    /** The other gear left ashore, where there is some. */
    public static Stream<Change> gearAshore(Line line) {
        Rig rig = line.entered();
        return rig.angler().gearKg().isSet() && rig.angler().gearKg().value() > 0
                ? Stream.of(new Change(
                        "carry.gear-ashore",
                        Text.of("Leave the other gear ashore"),
                        Effort.SETTING,
                        rig.withAngler(rig.angler().withGearKg(Figure.chosen(0)))))
                : Stream.empty();
    }

    /** Sit lower, or put the heavy things elsewhere. */
    public static Stream<Change> lower(Line line) {
        Rig rig = line.entered();
        List<Change> all = new ArrayList<>();
        Figure seat = rig.craft().seatHeightM();
        for (int steps = 1; seat.isSet() && seat.value() - steps * SEAT_STEP_M >= 0; steps++) {
            double height = Math.round((seat.value() - steps * SEAT_STEP_M) * 100) / 100.0;
            all.add(new Change(
                    "carry.seat." + Math.round(height * 100),
                    Text.of("Set the seat {} over the bottom", new Amount(height, Unit.MILLIMETRE)),
                    Effort.MOVE,
                    rig.withCraft(rig.craft().withSeatHeightM(Figure.chosen(height)))));
        }
        return Stream.concat(all.stream(), places(line));
    }

    /** Put things elsewhere, a shorter arm, ballast, a kickstand, or a heavier battery: it is ballast too. */
    public static Stream<Change> steadier(Line line) {
        return Stream.of(
                        places(line),
                        LayoutChanges.arms(line),
                        BallastChanges.steady(line),
                        BallastChanges.stands(line),
                        line.entered().harness().packs().stream().limit(1).flatMap(old -> packs(line, old)))
                .flatMap(changes -> changes);
    }

    /** Another place, or a battery that is smaller. */
    public static Stream<Change> fitting(Line line) {
        return Stream.of(
                        BoxChanges.relieved(line),
                        BoxChanges.larger(line),
                        places(line),
                        line.entered().harness().packs().stream().flatMap(old -> packs(line, old)))
                .flatMap(changes -> changes);
    }

    private static Stream<Change> packs(Line line, Pack old) {
        return packs(line, old, item -> item.chemistry() == old.chemistry());
    }

    /** Batteries that may lie on their side, for each that may not. */
    static Stream<Change> withoutFreeAcid(Line line) {
        return line.entered().harness().packs().stream()
                .filter(pack -> !pack.chemistry().liesOnSide())
                .flatMap(old -> packs(line, old, item -> item.chemistry().liesOnSide()));
    }

    private static Stream<Change> packs(Line line, Pack old, Predicate<Pack> wanted) {
        return Catalogue.packs().stream()
                .filter(wanted)
                .map(item -> new Change(
                        "carry.take." + old.id() + "." + item.id(),
                        Text.of("{}, {}", item.name(), new Amount(item.massKg().value(), Unit.KILOGRAM)),
                        Effort.BUY,
                        ChargerChanges.with(line.entered(), Catalogue.inPlaceOf(old, item))));
    }
}
