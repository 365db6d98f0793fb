package app.brightkeel.core.review.change.screen;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reach.HolderFit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.HolderKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Stands;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.Rerouting;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Other holders, and other places for what they hold. */
public final class HolderChanges {

    /** Figures no display shows larger: one that far off is moved, not set [m]. */
    private static final double LARGEST_M = 0.06;

    private HolderChanges() {}

    /** For each display that is held: a base with the right ball, and every holder of the catalogue that fits it. */
    public static Stream<Change> holders(Line line) {
        Rig rig = line.entered();
        return rig.holders().stream()
                .flatMap(holder -> Stream.concat(ball(rig, holder).stream(), fitting(rig, rig.device(holder.holds()))));
    }

    /** For each display that nothing holds every holder of the catalogue that fits it and its place. */
    public static Stream<Change> missing(Line line) {
        Rig rig = line.entered();
        return rig.devices().stream()
                .filter(device ->
                        device.kind().display() && rig.holderOf(device.id()).isEmpty())
                .flatMap(display -> fitting(rig, display));
    }

    private static Stream<Change> fitting(Rig rig, Device display) {
        return taken(rig, display)
                .filter(change ->
                        HolderFit.of(
                                        change.after(),
                                        change.after().holderOf(display.id()).orElseThrow(),
                                        display)
                                .stream()
                                .allMatch(HolderFit::fits));
    }

    /** Every holder of the catalogue for each display, to compare. */
    public static Stream<Change> all(Line line) {
        Rig rig = line.entered();
        return rig.devices().stream().filter(device -> device.kind().display()).flatMap(display -> taken(rig, display));
    }

    private static Stream<Change> taken(Rig rig, Device display) {
        return Catalogue.holders().stream().map(item -> {
            String id = rig.holderOf(display.id())
                    .map(Holder::id)
                    .orElseGet(() -> FreshId.of(rig, "holder-" + display.id()));
            return new Change(
                    "screen.hold." + display.id() + "." + item.id(),
                    Text.of("{}, for the {}", Worded.capital(item.name()), display.name()),
                    Effort.BUY,
                    rig.with(item.with(placed -> placed.id(id).origin(item.id()).holds(display.id()))));
        });
    }

    /** The same holder with a base whose ball its arm grips. */
    private static Optional<Change> ball(Rig rig, Holder holder) {
        boolean differs = holder.kind() == HolderKind.BALL_ARM
                && holder.ballM().isSet()
                && holder.armBallM().isSet()
                && !HolderFit.same(holder.ballM(), holder.armBallM());
        return differs
                ? Optional.of(new Change(
                        "screen.base." + holder.id(),
                        Text.of("A base with the ball the arm grips"),
                        Effort.BUY,
                        rig.with(holder.withBallM(holder.armBallM()))))
                : Optional.empty();
    }

    /** A keypad of the display's family on a fused lead, beside the seat: a screen far ahead wants one. */
    public static Stream<Change> keypads(Line line) {
        Rig rig = line.entered();
        String beside = rig.craft().stations().stream()
                .filter(station -> station.spot() == Spot.BESIDE_SEAT)
                .map(Station::id)
                .findFirst()
                .orElse("");
        return Catalogue.devices().stream()
                .filter(item -> item.kind() == DeviceKind.KEYPAD && !beside.isEmpty() && understood(rig, item))
                .flatMap(item -> Change.possible(() -> {
                    Device keypad = item.withId(FreshId.of(rig, item.id())).withOrigin(item.id());
                    Rig more = WireChanges.withDevice(rig, keypad);
                    return new Change(
                            "screen.keypad." + item.id(),
                            Text.of("A {} beside the seat", item.name()),
                            Effort.BUY,
                            more.with(new Placement(keypad.id(), beside, true)));
                }));
    }

    private static boolean understood(Rig rig, Device item) {
        return rig.devices().stream()
                .filter(device -> device.kind().display())
                .map(device -> device.sockets().family())
                .anyMatch(family ->
                        family.isEmpty() || family.equals(item.sockets().family()));
    }

    /** Each display set to show figures as high as the eye needs, to the next half millimetre up. */
    public static Stream<Change> largerFigures(Line line) {
        Rig rig = line.entered();
        return line.get(SeatStage.STAGE).map(Seated::things).orElse(List.of()).stream()
                .filter(each -> each.thing()
                        .textM()
                        .filter(text -> text < each.neededM() && each.neededM() <= LARGEST_M)
                        .isPresent())
                .map(each -> {
                    double high = Math.ceil(each.neededM() * 2000) / 2000;
                    Device display = rig.device(each.thing().id());
                    return new Change(
                            "screen.figures." + display.id() + "." + Math.round(high * 10_000),
                            Text.of("Show figures of {}", new Amount(high, Unit.FINE_MILLIMETRE)),
                            Effort.SETTING,
                            rig.with(display.withTextM(Figure.chosen(high))));
                });
    }

    /** Each display at every other place for one. */
    public static Stream<Change> places(Line line) {
        Rig rig = line.entered();
        return rig.devices().stream()
                .filter(device -> device.kind().display())
                .flatMap(display -> rig.craft().stations().stream()
                        .filter(station -> station.spot().takesDisplay()
                                && !station.id().equals(rig.stationOf(display.id()))
                                && !Stands.taken(rig, station.id(), display.id()))
                        .map(station -> placed(rig, display, station)));
    }

    /** Each keypad at every place for a screen, each pack that is changed on the water at every place for one. */
    public static Stream<Change> nearer(Line line) {
        Rig rig = line.entered();
        Stream<Change> keypads = rig.devices().stream()
                .filter(device -> device.kind() == DeviceKind.KEYPAD)
                .flatMap(keypad -> others(rig, keypad.id(), Spot::takesDisplay)
                        .map(station -> placed(rig, keypad.id(), keypad.name(), station)));
        Stream<Change> packs = rig.harness().changedAfloat().stream()
                .flatMap(pack -> others(rig, pack.id(), Spot::takesPack)
                        .map(station -> placed(rig, pack.id(), pack.name(), station)));
        return Stream.concat(keypads, packs);
    }

    private static Stream<Station> others(Rig rig, String item, Predicate<Spot> takes) {
        return rig.craft().stations().stream()
                .filter(station -> takes.test(station.spot()) && !station.id().equals(rig.stationOf(item)));
    }

    private static Change placed(Rig rig, Device display, Station station) {
        return placed(rig, display.id(), display.name(), station);
    }

    private static Change placed(Rig rig, String item, String name, Station station) {
        return new Change(
                "screen.place." + item + "." + station.id(),
                Text.of("{}: {}", name, station.name()),
                Effort.MOVE,
                Rerouting.placed(rig, item, station.id()));
    }
}
