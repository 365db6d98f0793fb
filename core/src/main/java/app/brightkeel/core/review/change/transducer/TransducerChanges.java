package app.brightkeel.core.review.change.transducer;

import app.brightkeel.core.gear.AdapterChain;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.route.Rerouting;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Changes of transducers. */
public final class TransducerChanges {

    private TransducerChanges() {}

    /** Another beam of those there are, and whatever of the catalogue plugs in. */
    public static Stream<Change> all(Line line) {
        return Stream.concat(beams(line).stream(), take(line, true, item -> true));
    }

    /** Each beam by itself, and switching by the depth. */
    public static List<Change> beams(Line line) {
        List<Change> all = new ArrayList<>();
        for (Transducer transducer : line.entered().transducers()) {
            if (transducer.beams().size() > 1) {
                all.add(new Change(
                        "transducer.switch." + transducer.id(),
                        Text.of("Switch its beams by the depth"),
                        Effort.SETTING,
                        line.entered().with(transducer.withInUse(""))));
                for (Beam beam : transducer.beams()) {
                    all.add(new Change(
                            "transducer.use." + transducer.id() + "." + beam.id(),
                            Text.of("Use the {}", beam.name()),
                            Effort.SETTING,
                            line.entered().with(transducer.withInUse(beam.id()))));
                }
            }
        }
        return all;
    }

    /** Another beam of those there are, and whatever of the catalogue plugs in and may reach so deep. */
    private static Stream<Change> reaching(Line line, double depthM) {
        Outcome<WaterState> water = line.get(WaterStage.STAGE);
        return Stream.concat(
                beams(line).stream(),
                take(
                        line,
                        true,
                        item -> !water.isKnown()
                                || item.beams().stream().anyMatch(beam -> Sight.reaches(beam, water.value(), depthM))));
    }

    /** Every catalogue transducer in place of the first. */
    public static Stream<Change> take(Line line) {
        return take(line, false, item -> true);
    }

    /** One of them, by its id in the catalogue. */
    public static Optional<Change> take(Line line, String item) {
        return take(line, false, each -> each.id().equals(item)).findFirst();
    }

    private static Stream<Change> take(Line line, boolean pluggingIn, Predicate<Transducer> wanted) {
        return line.entered().transducers().stream()
                .limit(1)
                .flatMap(old -> Catalogue.transducers().stream()
                        .filter(wanted)
                        .flatMap(item -> Change.possible(() -> take(line, old, item)))
                        .filter(change -> !pluggingIn
                                || PlugChanges.goesIn(
                                        change.after(),
                                        change.after().transducers().get(0))));
    }

    /** With the box of a live head, or an adapter for another socket, where the one in use asks for it. */
    private static Change take(Line line, Transducer old, Transducer item) {
        Rig rig = line.entered();
        Transducer placed = Catalogue.inPlaceOf(old, item);
        if (item.live()) {
            rig = LiveChanges.withModule(rig);
            placed = LiveChanges.pluggedIn(rig, placed).withLook(LiveChanges.lookFor(rig));
        } else if (old.live()) {
            placed = placed.withFeeds("");
        }
        Optional<AdapterChain> chain = PlugChanges.adaptersFor(rig, placed);
        Rig after = rig.with(
                chain.isPresent()
                        ? placed.withPlug(placed.plug().withAdapters(chain.get().adapters()))
                        : placed);
        boolean elsewhere = item.live() != old.live();
        return new Change(
                "transducer.take." + old.id() + "." + item.id(),
                chain.isPresent()
                        ? Text.of("{}, with a {}", item.name(), chain.get().words())
                        : Text.of("{}", item.name()),
                Effort.BUY,
                elsewhere ? Rerouting.of(after, placed.id()) : after);
    }

    /** What shows what a style wants: another transducer, or one more beside it. */
    public static Stream<Change> wanted(Line line) {
        return Stream.concat(take(line, true, item -> true), LiveChanges.pairs(line));
    }

    /** A beam or transducer that may reach as deep as is fished, or fishing no deeper than it is planned to. */
    public static Stream<Change> deepEnough(Line line) {
        return Stream.concat(reaching(line, line.rig().outing().water().mostM().value()), shallower(line));
    }

    /** Fish no deeper than the beam in use is planned to. */
    private static Stream<Change> shallower(Line line) {
        return line.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                .flatMap(sight -> sight.at(sight.water().mostM()).reach().stream())
                .map(reach -> Math.floor(reach.plannedM()))
                .filter(metres -> metres > line.rig().outing().water().leastM().value())
                .map(metres -> water(
                        line,
                        "to." + Math.round(metres),
                        Text.of("Fish no deeper than {}", new Amount(metres, Unit.DEPTH)),
                        line.entered()
                                .outing()
                                .water()
                                .with(w -> w.mostM(Figure.chosen(metres)).typicalM(atMost(w.typicalM(), metres)))));
    }

    private static Figure atMost(Figure figure, double metres) {
        return figure.isSet() && figure.value() > metres ? Figure.chosen(metres) : figure;
    }

    /** Fish no shallower than twice what is blind. */
    public static Stream<Change> deeper(Line line) {
        double most = line.rig().outing().water().mostM().value();
        return line.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                .map(sight -> Math.ceil(2 * sight.blindTopM() * 10) / 10)
                .filter(metres -> metres <= most)
                .map(metres -> water(
                        line,
                        "from." + Math.round(metres * 10),
                        Text.of("Fish no shallower than {}", new Amount(metres, Unit.DEPTH)),
                        line.entered()
                                .outing()
                                .water()
                                .with(w -> w.leastM(Figure.chosen(metres))
                                        .typicalM(
                                                w.typicalM().isSet()
                                                                && w.typicalM().value() < metres
                                                        ? Figure.chosen(metres)
                                                        : w.typicalM()))));
    }

    /** Let the craft drift over what is to be painted. */
    public static Stream<Change> drifting(Line line) {
        return line.rig().craft().kind().onIce()
                ? Stream.empty()
                : Stream.of(water(
                        line,
                        "drift",
                        Text.of("Drift over it"),
                        line.entered().outing().water().withMotion(Motion.DRIFTING)));
    }

    private static Change water(Line line, String id, Text label, Water after) {
        return new Change(
                "transducer.water." + id,
                label,
                Effort.SETTING,
                line.entered().withOuting(line.entered().outing().withWater(after)));
    }
}
