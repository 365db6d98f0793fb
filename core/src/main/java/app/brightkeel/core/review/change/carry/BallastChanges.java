package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.Tip;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Stand;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Weights and kickstands. */
public final class BallastChanges {

    /** A weight is offered to a tenth of a kilogram. */
    private static final double STEPS_OF_KG = 10;

    private static final double LIGHTEST_KG = 0.1;
    private static final double HEAVIEST_KG = 20;

    /** How far the foot of a kickstand stands out [m]; common practice, no source. */
    private static final double[] FEET_M = {0.05, 0.10, 0.15, 0.20};

    private BallastChanges() {}

    /** A counterweight on the other side, as heavy as levels it, at each place that takes a battery. */
    public static Stream<Change> level(Line line) {
        Optional<Afloat> afloat = CarryStage.afloat(line);
        if (afloat.isEmpty()) {
            return Stream.empty();
        }
        double side = afloat.get().sideKgM();
        return line.entered().craft().stations().stream()
                .filter(station ->
                        station.placed() && lies(station) && station.sideM().value() * side < 0)
                .flatMap(station ->
                        weight(line, station, Math.abs(side / station.sideM().value())));
    }

    /** Ballast at the places farthest from the edge over which a base tips, as heavy as the wanted margin takes. */
    public static Stream<Change> steady(Line line) {
        Optional<Tip> tip = CarryStage.tip(line);
        if (tip.isEmpty()) {
            return Stream.empty();
        }
        double moment = tip.get().ballastKg(Tip.WANTED) * tip.get().acrossM();
        return line.entered().craft().stations().stream()
                .filter(station -> station.placed() && station.spot().takesPack())
                .flatMap(station -> {
                    double inside = tip.get().insideM(station);
                    return inside > 0 ? weight(line, station, moment / inside) : Stream.<Change>empty();
                });
    }

    /** Each weight that is aboard at another place, or ashore. */
    public static Stream<Change> shifted(Line line) {
        Rig rig = line.entered();
        return rig.fitOut().ballast().stream()
                .flatMap(weight -> Stream.concat(
                        rig.craft().stations().stream()
                                .filter(station -> station.placed()
                                        && lies(station)
                                        && !station.id().equals(weight.station()))
                                .map(station -> new Change(
                                        "carry.place." + weight.id() + "." + station.id(),
                                        Text.of("{}: {}", weight.name(), station.name()),
                                        Effort.MOVE,
                                        rig.withFitOut(rig.fitOut().with(weight.withStation(station.id()))))),
                        Stream.of(new Change(
                                "carry.ashore." + weight.id(),
                                Text.of("Leave {} ashore", weight.name()),
                                Effort.SETTING,
                                rig.withFitOut(rig.fitOut()
                                        .withBallast(rig.fitOut().ballast().stream()
                                                .filter(each -> each != weight)
                                                .toList()))))));
    }

    /** What lies on one side, as rods, shared with the like room on the other side. */
    public static Stream<Change> shared(Line line) {
        Rig rig = line.entered();
        List<KeptRoom> rooms = rig.craft().kept();
        return rooms.stream()
                .filter(room -> room.measured() && room.loadKg().isSet())
                .flatMap(room -> rooms.stream()
                        .filter(other -> other.measured()
                                && other.use() == room.use()
                                && other.sideM().value() * room.sideM().value() < 0
                                && load(other) < load(room))
                        .map(other -> {
                            Figure half = Figure.chosen(Math.round((load(room) + load(other)) * 50) / 100.0);
                            return new Change(
                                    "carry.both-sides." + room.id() + "." + other.id(),
                                    Text.of("Share what lies in the {} with the {}", room.name(), other.name()),
                                    Effort.MOVE,
                                    rig.withCraft(rig.craft()
                                            .withKept(rooms.stream()
                                                    .map(each -> each == room || each == other
                                                            ? each.withLoadKg(half)
                                                            : each)
                                                    .toList())));
                        }));
    }

    private static double load(KeptRoom room) {
        return room.loadKg().isSet() ? room.loadKg().value() : 0;
    }

    private static boolean lies(Station station) {
        return station.spot().takesPack() || station.spot().takesDisplay() || station.spot() == Spot.RAIL;
    }

    private static Stream<Change> weight(Line line, Station station, double kg) {
        double rounded = Math.ceil(kg * STEPS_OF_KG - 1e-9) / STEPS_OF_KG;
        if (rounded < LIGHTEST_KG || rounded > HEAVIEST_KG) {
            return Stream.empty();
        }
        Rig rig = line.entered();
        List<Ballast> all = new ArrayList<>(rig.fitOut().ballast());
        all.add(new Ballast(FreshId.of(rig, "weight"), "counterweight", Figure.chosen(rounded), station.id()));
        return Change.possible(() -> new Change(
                "carry.weight." + station.id() + "." + Math.round(rounded * STEPS_OF_KG),
                Text.of("{} as a counterweight: {}", new Amount(rounded, Unit.KILOGRAM), station.name()),
                Effort.BUY,
                rig.withFitOut(rig.fitOut().withBallast(all))));
    }

    /** A kickstand over the edge over which it tips, the nearest foot first. */
    public static Stream<Change> stands(Line line) {
        Optional<Tip> tip = CarryStage.tip(line);
        if (tip.isEmpty()) {
            return Stream.empty();
        }
        Rig rig = line.entered();
        BaseEdge edge = tip.get().edge();
        List<Change> all = new ArrayList<>();
        for (double foot : FEET_M) {
            Stand stand = new Stand(edge, Figure.chosen(foot), true);
            all.add(new Change(
                    "carry.stand." + Table.written(edge) + "." + Math.round(foot * 1000),
                    "carry.stand",
                    Text.of(
                            "A kickstand at the knobs of the arm, {} out over the {} edge",
                            new Amount(foot, Unit.MILLIMETRE),
                            edge.words()),
                    Effort.BUY,
                    rig.withCraft(rig.craft().withStand(stand))));
        }
        return all.stream();
    }
}
