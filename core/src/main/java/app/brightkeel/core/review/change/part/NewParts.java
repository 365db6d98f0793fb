package app.brightkeel.core.review.change.part;

import static java.util.Map.entry;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Travel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** A rig with one blank part more, by what is asked for: {@code carry.new.box}, {@code carry.new.rib.BOX}. */
final class NewParts {

    /**
     * One kind of part that can be asked for.
     *
     * @param owner of it: the kind of part that an id behind it names; "" where it belongs to the rig
     * @param made  the rig with one more, of the rig and the owner's id; empty where there is nothing it could be part of
     */
    record New(String owner, BiFunction<Rig, String, Optional<Rig>> made) {}

    static final Map<String, New> ALL = Map.ofEntries(
            entry(
                    "battery.pack",
                    ofRig(rig -> some(harness(
                            rig, h -> h.withPacks(and(h.packs(), blank(rig).pack())))))),
            entry(
                    "battery.charger",
                    ofRig(rig -> blank(rig).charger().map(each -> rig.withChargers(and(rig.chargers(), each))))),
            entry(
                    "wire.wire",
                    ofRig(rig ->
                            blank(rig).wire().map(each -> harness(rig, h -> h.withSegments(and(h.segments(), each)))))),
            entry(
                    "wire.spare",
                    ofRig(rig ->
                            blank(rig).spare().map(each -> harness(rig, h -> h.withSpares(and(h.spares(), each)))))),
            entry(
                    "wire.junction",
                    ofRig(rig -> some(harness(
                            rig,
                            h -> h.withJunctions(and(h.junctions(), blank(rig).junction())))))),
            entry(
                    "wire.plug",
                    inWire((rig, fittings) -> and(fittings, blank(rig).joint()))),
            entry(
                    "wire.switch",
                    inWire((rig, fittings) -> and(fittings, blank(rig).power()))),
            // near the battery is where most fuses sit
            entry("fuse.fuse", inWire((rig, fittings) -> first(blank(rig).fuse(), fittings))),
            entry("screen.phase", ofRig(rig -> some(phase(rig)))),
            entry(
                    "transducer.transducer",
                    ofRig(rig -> some(rig.withTransducers(
                            and(rig.transducers(), blank(rig).transducer()))))),
            entry("transducer.beam", new New("transducer", NewParts::beam)),
            entry(
                    "cable.data-lead",
                    ofRig(rig -> blank(rig)
                            .dataLead()
                            .map(each -> rig.withNetwork(
                                    rig.network().withLeads(and(rig.network().leads(), each)))))),
            entry(
                    "cable.passage",
                    ofRig(rig -> blank(rig)
                            .passage()
                            .map(each -> craft(rig, c -> c.withPassages(and(c.passages(), each)))))),
            entry("cable.travel", new New("run", NewParts::travel)),
            entry(
                    "mount.obstruction",
                    ofRig(rig -> some(craft(
                            rig,
                            c -> c.withObstructions(
                                    and(c.obstructions(), blank(rig).obstruction())))))),
            entry(
                    "mount.kept-room",
                    ofRig(rig -> some(craft(
                            rig, c -> c.withKept(and(c.kept(), blank(rig).room())))))),
            entry(
                    "mount.station",
                    ofRig(rig -> some(craft(
                            rig,
                            c -> c.withStations(and(c.stations(), blank(rig).station())))))),
            entry(
                    "carry.weight",
                    ofRig(rig ->
                            blank(rig).weight().map(each -> fitOut(rig, f -> f.withBallast(and(f.ballast(), each)))))),
            entry(
                    "carry.extra",
                    ofRig(rig -> some(fitOut(
                            rig, f -> f.withExtras(and(f.extras(), blank(rig).extra())))))),
            entry(
                    "carry.fastener",
                    ofRig(rig -> some(fitOut(
                            rig,
                            f -> f.withFasteners(and(f.fasteners(), blank(rig).fastener())))))),
            entry(
                    "carry.closure",
                    ofRig(rig -> some(fitOut(
                            rig,
                            f -> f.withClosures(and(f.closures(), blank(rig).closure())))))),
            entry(
                    "carry.box",
                    ofRig(rig -> blank(rig).box().map(each -> fitOut(rig, f -> f.withBoxes(and(f.boxes(), each)))))),
            entry(
                    "carry.rib",
                    inBox((rig, box) -> box.withRibs(and(box.ribs(), blank(rig).rib(box))))),
            entry(
                    "carry.hole",
                    inBox((rig, box) ->
                            box.withExits(and(box.exits(), blank(rig).exit(box))))),
            entry(
                    "carry.pocket",
                    inBox((rig, box) ->
                            box.withPockets(and(box.pockets(), blank(rig).pocket(box))))),
            entry(
                    "carry.board-part",
                    ofRig(rig -> some(fitOut(
                            rig,
                            f -> f.withBoards(f.boards()
                                    .withParts(
                                            and(f.boards().parts(), blank(rig).boardPart()))))))));

    private NewParts() {}

    private static BlankParts blank(Rig rig) {
        return new BlankParts(rig);
    }

    private static New ofRig(Function<Rig, Optional<Rig>> made) {
        return new New("", (rig, none) -> made.apply(rig));
    }

    private static New inBox(BiFunction<Rig, Enclosure, Enclosure> made) {
        return new New(
                "box",
                (rig, id) -> rig.fitOut().boxes().stream()
                        .filter(box -> box.id().equals(id))
                        .findFirst()
                        .map(box -> fitOut(rig, f -> f.with(made.apply(rig, box)))));
    }

    private static New inWire(BiFunction<Rig, List<Fitting>, List<Fitting>> made) {
        return new New(
                "wire",
                (rig, id) -> rig.harness().segments().stream()
                        .filter(segment -> segment.id().equals(id))
                        .findFirst()
                        .map((Segment segment) -> rig.with(segment.withFittings(made.apply(rig, segment.fittings())))));
    }

    private static Rig phase(Rig rig) {
        Outing outing = rig.outing();
        return rig.withOuting(outing.withPhases(and(outing.phases(), blank(rig).phase())));
    }

    private static Optional<Rig> beam(Rig rig, String transducer) {
        return rig.transducers().stream()
                .filter(each -> each.id().equals(transducer))
                .findFirst()
                .map((Transducer each) ->
                        rig.with(each.withBeams(and(each.beams(), blank(rig).beam(each)))));
    }

    /** The first thing that moves and is not said to yet; none where all are. */
    private static Optional<Rig> travel(Rig rig, String run) {
        return rig.runs().stream()
                .filter(each -> each.id().equals(run))
                .findFirst()
                .flatMap((Run each) -> Stream.of(Moves.values())
                        .filter(what -> each.travels().stream().noneMatch(known -> known.what() == what))
                        .findFirst()
                        .map(what -> rig.with(each.withTravels(
                                and(each.travels(), new Travel(what, Figure.UNSET, Figure.UNSET, false))))));
    }

    private static Rig harness(Rig rig, UnaryOperator<Harness> change) {
        return rig.withHarness(change.apply(rig.harness()));
    }

    private static Rig craft(Rig rig, UnaryOperator<Craft> change) {
        return rig.withCraft(change.apply(rig.craft()));
    }

    private static Rig fitOut(Rig rig, UnaryOperator<FitOut> change) {
        return rig.withFitOut(change.apply(rig.fitOut()));
    }

    private static Optional<Rig> some(Rig rig) {
        return Optional.of(rig);
    }

    /** A list with one more at its end. */
    static <T> List<T> and(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    private static <T> List<T> first(T one, List<T> all) {
        List<T> more = new ArrayList<>(all);
        more.add(0, one);
        return more;
    }
}
