package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What is built round the rig so that it sits, stays level and lets its cables through.
 *
 * @param ballast      weights for the balance, each id once
 * @param passThroughs that lie at home, each sort once
 * @param boxes        what things travel in, at most one at a station
 * @param boards       what is built of boards
 * @param fasteners screws, bolts and rivets
 * @param extras       tethers, hoods, caps and the like
 * @param closures     covers, seats and the like that shut places and parts away; none over itself
 */
@RecordBuilder
public record FitOut(
        @PartList(PartKind.BALLAST) List<Ballast> ballast,
        List<PassThroughStock> passThroughs,
        @PartList(PartKind.BOX) List<Enclosure> boxes,
        Boards boards,
        @PartList(PartKind.EXTRA) List<Extra> extras,
        @PartList(PartKind.FASTENER) List<Fastener> fasteners,
        @PartList(PartKind.CLOSURE) List<Closure> closures)
        implements FitOutBuilder.With {

    public static final FitOut NONE =
            new FitOut(List.of(), List.of(), List.of(), Boards.NONE, List.of(), List.of(), List.of());

    private static final int MOST_BALLAST = 12;
    private static final int MOST_BOXES = 12;
    static final int MOST_EXTRAS = 60;
    private static final int MOST_FASTENERS = 60;
    private static final int MOST_CLOSURES = 24;

    public FitOut {
        ballast = Checks.atMost("ballast", MOST_BALLAST, ballast);
        passThroughs = Checks.atMost("passThroughs", PassThrough.values().length, passThroughs);
        boxes = Checks.atMost("boxes", MOST_BOXES, boxes);
        fasteners = Checks.atMost("fasteners", MOST_FASTENERS, fasteners);
        extras = Checks.atMost("extras", MOST_EXTRAS, extras);
        closures = Checks.atMost("closures", MOST_CLOSURES, closures);
        Closures.check(closures);
        Checks.distinct(
                "passThroughs",
                passThroughs.stream().map(stock -> stock.fitting().name()).toList());
        Checks.distinct("boxes", boxes.stream().map(Enclosure::station).toList());
    }

    /** The box that stands at a station, if there is one. */
    public Optional<Enclosure> boxAt(String station) {
        for (Enclosure box : boxes) {
            if (box.station().equals(station)) {
                return Optional.of(box);
            }
        }
        return Optional.empty();
    }

    /** Whether a part has such an extra. */
    public boolean has(ExtraKind kind, String part) {
        return extras.stream()
                .anyMatch(extra -> extra.kind() == kind && extra.of().equals(part));
    }

    /** Whether a part is one that shuts, is on the craft already, and only comes off and goes back. */
    public boolean opens(String part) {
        return closures.stream().anyMatch(each -> each.there() && each.id().equals(part));
    }

    /** With one box replaced by the one of the same id. */
    public FitOut with(Enclosure box) {
        return withBoxes(boxes.stream()
                .map(each -> each.id().equals(box.id()) ? box : each)
                .toList());
    }

    /** With one fastener replaced by the one of the same id. */
    public FitOut with(Fastener fastener) {
        return withFasteners(fasteners.stream()
                .map(each -> each.id().equals(fastener.id()) ? fastener : each)
                .toList());
    }

    /** With one weight replaced by the one of the same id. */
    public FitOut with(Ballast weight) {
        return withBallast(ballast.stream()
                .map(each -> each.id().equals(weight.id()) ? weight : each)
                .toList());
    }
}
