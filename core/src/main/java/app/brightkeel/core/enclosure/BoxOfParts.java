package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Parts that are meant to make one box, known by their names: a floor, two sides, two ends, perhaps a lid. Either pair of
 * walls may stand between the other, on the floor or round it.
 */
public final class BoxOfParts {

    /** What a saw, a plane and glue make up for [m]; common practice, no source. */
    private static final double PLAY_M = 0.0015;

    private static final Set<String> FLOOR = Set.of("floor", "bottom", "base");
    private static final Set<String> SIDE = Set.of("side");
    private static final Set<String> END = Set.of("end", "front", "back");
    private static final Set<String> SPACER = Set.of("spacer");
    private static final Set<String> LID = Set.of("lid", "top", "cover");

    private final double thickM;
    private final BoardPart floor;
    private final BoardPart side;
    private final BoardPart end;
    private final Optional<BoardPart> lid;

    private BoxOfParts(double thickM, BoardPart floor, BoardPart side, BoardPart end, Optional<BoardPart> lid) {
        this.thickM = thickM;
        this.floor = floor;
        this.side = side;
        this.end = end;
        this.lid = lid;
    }

    /**
     * A part as the others want it.
     *
     * @param part    as it is
     * @param lengthM as it ought to be cut, and {@code wideM}: it may be more than any board [m]
     * @param offM    by how much it is off
     */
    public record Misfit(BoardPart part, double lengthM, double wideM, double offM) {}

    /** What a part may measure. */
    private record Wants(double lengthM, double wideM) {
        double offM(BoardPart part) {
            return Math.max(
                    Math.abs(part.lengthM().value() - lengthM),
                    Math.abs(part.wideM().value() - wideM));
        }
    }

    /** Empty where the names tell no box, several, or where measures are open. */
    public static Optional<BoxOfParts> of(Boards boards) {
        if (!boards.thickM().isSet()
                || boards.parts().stream()
                        .anyMatch(
                                part -> !part.lengthM().isSet() || !part.wideM().isSet())) {
            return Optional.empty();
        }
        Optional<BoardPart> floor = only(boards, 1, FLOOR);
        Optional<BoardPart> side = only(boards, 2, SIDE);
        Optional<BoardPart> end = only(boards, 2, END);
        if (floor.isEmpty() || side.isEmpty() || end.isEmpty()) {
            return Optional.empty();
        }
        Optional<BoardPart> lid = only(boards, 1, LID);
        return Optional.of(new BoxOfParts(boards.thickM().value(), floor.get(), side.get(), end.get(), lid));
    }

    /** The one part of that name, or the first of two alike, where there are so many of them. */
    private static Optional<BoardPart> only(Boards boards, int count, Set<String> names) {
        List<BoardPart> named =
                boards.parts().stream().filter(part -> named(part, names)).toList();
        int all = named.stream().mapToInt(BoardPart::count).sum();
        boolean alike = named.stream()
                        .map(part -> List.of(metres(part.lengthM()), metres(part.wideM())))
                        .distinct()
                        .count()
                == 1;
        return all == count && alike ? Optional.of(named.get(0)) : Optional.empty();
    }

    private static double metres(Figure figure) {
        return figure.isSet() ? figure.value() : 0;
    }

    /**
     * The spacer of a hook that does not go over the wall the pod hangs on; nothing where there is none, or it does. It is
     * as wide as the wall and a little play.
     */
    public static Optional<Misfit> spacer(Boards boards) {
        Optional<BoardPart> spacer = only(boards, 1, SPACER)
                .filter(part -> part.lengthM().isSet() && part.wideM().isSet());
        if (spacer.isEmpty() || !boards.hangsOverM().isSet()) {
            return Optional.empty();
        }
        double wants = boards.hangsOverM().value() + Pod.PLAY_M;
        BoardPart part = spacer.get();
        double off = Math.min(
                Math.abs(part.wideM().value() - wants), Math.abs(part.lengthM().value() - wants));
        return off > PLAY_M
                ? Optional.of(new Misfit(part, part.lengthM().value(), rounded(wants), off))
                : Optional.empty();
    }

    /** Whether a part is a lid by its name. */
    public static boolean isLid(BoardPart part) {
        return named(part, LID);
    }

    /** Whether two parts are the same pair of walls. */
    public static boolean twins(BoardPart part, BoardPart other) {
        return Stream.of(SIDE, END).anyMatch(names -> named(part, names) && named(other, names));
    }

    private static boolean named(BoardPart part, Set<String> names) {
        return Arrays.stream(words(part)).anyMatch(names::contains);
    }

    private static String[] words(BoardPart part) {
        return part.name()
                .toLowerCase(Locale.ROOT)
                .replace("sides", "side")
                .replace("ends", "end")
                .split("[^a-z]+");
    }

    /** Every part that does not go with the others; none where they make a box. */
    public List<Misfit> misfits() {
        List<Misfit> all = new ArrayList<>();
        add(all, floor, floors());
        add(all, end, heights());
        lid.ifPresent(top -> add(all, top, covering(top)));
        return all;
    }

    private static void add(List<Misfit> all, BoardPart part, Stream<Wants> ways) {
        ways.min(Comparator.comparingDouble(each -> each.offM(part)))
                .filter(wants -> wants.offM(part) > PLAY_M)
                .ifPresent(wants -> all.add(new Misfit(part, wants.lengthM(), wants.wideM(), wants.offM(part))));
    }

    /** Inside both pairs of walls, under one, under the other; what lies along the sides is its length, or its width. */
    private Stream<Wants> floors() {
        double along = side.lengthM().value();
        double across = end.lengthM().value();
        return Stream.of(
                        new double[] {along - 2 * thickM, across},
                        new double[] {along, across},
                        new double[] {along, across - 2 * thickM},
                        new double[] {along, across + 2 * thickM},
                        new double[] {along + 2 * thickM, across})
                .filter(size -> size[0] > 0.01 && size[1] > 0.01)
                .flatMap(size -> Stream.of(wants(size[0], size[1]), wants(size[1], size[0])));
    }

    /** As tall as the sides, or less or more by a board where one of them stands on the floor. */
    private Stream<Wants> heights() {
        double tall = side.wideM().value();
        return Stream.of(tall, tall - thickM, tall + thickM)
                .filter(each -> each > 0.01)
                .map(each -> wants(end.lengthM().value(), each));
    }

    /** A lid reaches over the walls, whichever stand outside; by how much it hangs over is free. */
    private Stream<Wants> covering(BoardPart top) {
        double along = side.lengthM().value();
        double across = end.lengthM().value();
        return Stream.of(new double[] {along, across + 2 * thickM}, new double[] {along + 2 * thickM, across})
                .flatMap(size -> Stream.of(
                        wants(
                                Math.max(top.lengthM().value(), size[0]),
                                Math.max(top.wideM().value(), size[1])),
                        wants(
                                Math.max(top.lengthM().value(), size[1]),
                                Math.max(top.wideM().value(), size[0]))));
    }

    private static Wants wants(double lengthM, double wideM) {
        return new Wants(rounded(lengthM), rounded(wideM));
    }

    private static double rounded(double metres) {
        return Math.round(metres * 1e4) / 1e4;
    }
}
