package app.brightkeel.core.review.change.cable;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Extra;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.route.Coil;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import app.brightkeel.core.route.Slack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Changes of what hangs and lies loose of cables: ties, drip loops, coils, pins. */
public final class LooseEnds {

    private static final double RELIEF_M = 0.04;

    private LooseEnds() {}

    /** Tied behind the transducer, every cable at once. */
    public static Stream<Change> relieved(Line line) {
        return Stream.of(all(
                line,
                "cable.relief",
                Text.of("Tie it {} behind the transducer", new Amount(RELIEF_M, Unit.MILLIMETRE)),
                run -> run.reliefM().isSet() ? run.withReliefM(Figure.chosen(RELIEF_M)) : run));
    }

    /** A loop that drips before every lip. */
    public static Stream<Change> drips(Line line) {
        return Stream.of(all(
                line,
                "cable.drips",
                Text.of("Let it hang {} before it goes in", new Amount(Slack.DRIP_LOOP_M, Unit.METRE)),
                run -> run.dripM().isSet() && run.dripM().value() < Slack.DRIP_LOOP_M
                        ? run.withDripM(Figure.chosen(Slack.DRIP_LOOP_M))
                        : run));
    }

    private static Change all(Line line, String id, Text label, UnaryOperator<Run> change) {
        Rig rig = line.entered();
        return new Change(
                id,
                label,
                Effort.SETTING,
                rig.withRuns(rig.runs().stream().map(change).toList()));
    }

    /** Each coil at each dry place within reach of its cable. */
    public static Stream<Change> coiled(Line line) {
        return Coil.of(line).orElse(List.of()).stream()
                .filter(coil -> !coil.well())
                .flatMap(coil -> Coil.places(line.rig(), coil.laid()).stream()
                        .map(station -> new Change(
                                "cable.coil." + coil.laid().run() + "." + station.id(),
                                Text.of("Coil it at the {}", station.name()),
                                Effort.SETTING,
                                line.entered()
                                        .with(line.entered()
                                                .runOf(coil.laid().carries())
                                                .orElseThrow()
                                                .withCoilAt(station.id())))));
    }

    /** Each coil in the smallest dry bag there is, at each place on its way where nothing else is kept. */
    public static Stream<Change> bagged(Line line) {
        Rig rig = line.entered();
        Optional<Enclosure> bag = Catalogue.boxes().stream()
                .filter(each -> each.kind() == EnclosureKind.BAG && each.tight())
                .min(Comparator.comparingDouble(each -> each.massKg().value()));
        return bag.stream()
                .flatMap(item -> Coil.of(line).orElse(List.of()).stream()
                        .filter(coil -> !coil.well())
                        .flatMap(coil -> Coil.near(rig, coil.laid()).stream()
                                .filter(station -> free(rig, station))
                                .flatMap(station -> Change.possible(() -> bagged(rig, item, coil, station)))));
    }

    private static boolean free(Rig rig, Station station) {
        return station.placed()
                && rig.fitOut().boxAt(station.id()).isEmpty()
                && rig.places().stream().noneMatch(place -> place.station().equals(station.id()))
                && rig.transducers().stream()
                        .noneMatch(each -> each.mount().station().equals(station.id()));
    }

    private static Change bagged(Rig rig, Enclosure item, Coil coil, Station station) {
        Enclosure bag = item.with(each ->
                each.id(FreshId.of(rig, item.id())).name("dry bag for the coil").station(station.id()));
        List<Enclosure> all = new ArrayList<>(rig.fitOut().boxes());
        all.add(bag);
        Rig with = rig.withFitOut(rig.fitOut().withBoxes(all));
        Rig tied = Tethers.wanted(with, bag) ? Tethers.with(with, bag.id(), bag.name()) : with;
        return new Change(
                "cable.bag." + coil.laid().run() + "." + station.id(),
                Text.of("Coil it in a small dry bag at the {}", station.name()),
                Effort.BUY,
                tied.with(tied.runOf(coil.laid().carries()).orElseThrow().withCoilAt(station.id())));
    }

    /** Each cable by each single hole for cables of the boxes at its ends. */
    public static Stream<Change> leaving(Line line) {
        Rig rig = line.entered();
        return line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .flatMap(laid -> Stream.of(laid.cable().start(), laid.cable().end())
                        .distinct()
                        .flatMap(end -> rig.fitOut().boxAt(end).stream())
                        .flatMap(box -> exits(rig, box, laid)));
    }

    private static Stream<Change> exits(Rig rig, Enclosure box, LaidCable laid) {
        Run run = rig.runOf(laid.carries()).orElseThrow();
        List<String> ofBox = box.exits().stream().map(Exit::id).toList();
        return box.exits().stream().filter(exit -> exit.use() == ExitUse.CABLES).map(exit -> {
            List<String> exits = new ArrayList<>(run.exits());
            exits.removeAll(ofBox);
            exits.add(exit.id());
            return new Change(
                    "cable.exit." + run.id() + "." + exit.id(),
                    Text.of("The {} leaves the {} by its {}", laid.name(), box.name(), exit.name()),
                    Effort.SETTING,
                    rig.with(run.withExits(exits)));
        });
    }

    /** A soft sleeve on each cable that wraps round a sharp rim and has none. */
    public static Stream<Change> sleeved(Line line) {
        Rig rig = line.entered();
        return line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .filter(laid ->
                        laid.legs().stream().anyMatch(leg -> leg.opening().sharp())
                                && !rig.fitOut().has(ExtraKind.SLEEVE, laid.carries()))
                .flatMap(laid -> Change.possible(() -> {
                    List<Extra> extras = new ArrayList<>(rig.fitOut().extras());
                    extras.add(new Extra(
                            FreshId.of(rig, "sleeve-" + laid.carries()),
                            "soft sleeve on the " + laid.name(),
                            ExtraKind.SLEEVE,
                            laid.carries()));
                    return new Change(
                            "cable.sleeve." + laid.carries(),
                            Text.of("A soft sleeve on the {}, tied not clamped", laid.name()),
                            Effort.BUY,
                            rig.withFitOut(rig.fitOut().withExtras(extras)));
                }));
    }

    /** A cable free to take the way that suits it. */
    public static Stream<Change> unpinned(Line line) {
        return line.entered().runs().stream()
                .filter(run -> !run.through().isEmpty())
                .map(run -> new Change(
                        "cable.unpin." + run.id(),
                        Text.of("Take its pins out"),
                        Effort.SETTING,
                        line.entered().with(run.withThrough(List.of()))));
    }
}
