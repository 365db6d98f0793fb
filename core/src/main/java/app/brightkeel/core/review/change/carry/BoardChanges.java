package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.enclosure.BoxOfParts;
import app.brightkeel.core.enclosure.BoxOfParts.Misfit;
import app.brightkeel.core.enclosure.CutList;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Changes of parts that come out of no board. */
public final class BoardChanges {

    /** Lengths and widths boards are sold in [m]; common practice, no source. */
    private static final double[] LENGTHS_M = {0.6, 0.9, 1.2, 1.8, 2.0, 2.4, 3.0};

    private static final double[] WIDTHS_M = {0.10, 0.15, 0.20, 0.25, 0.30, 0.40, 0.60};

    /** By how much two halves lie over each other [m]; common practice, no source. */
    private static final double LAP_M = 0.10;

    /** A part stands at most so often in a list. */
    private static final int MOST_ALIKE = 12;

    private BoardChanges() {}

    /** Turned, spliced, of two beside each other, a lid left out, or all out of a larger board. */
    public static Stream<Change> fitting(Line line) {
        Rig rig = line.entered();
        Boards boards = rig.fitOut().boards();
        return Stream.of(
                        boards.parts().stream().map(part -> turned(rig, part)),
                        boards.parts().stream()
                                .filter(part -> tooLong(boards, part) && 2 * part.count() <= MOST_ALIKE)
                                .map(part -> spliced(rig, part)),
                        boards.parts().stream()
                                .filter(part -> tooWide(boards, part) && 2 * part.count() <= MOST_ALIKE)
                                .map(part -> split(rig, part)),
                        boards.parts().stream()
                                .filter(part -> BoxOfParts.isLid(part) && !CutList.comesOut(boards, part))
                                .map(part -> open(rig, part)),
                        larger(rig))
                .flatMap(changes -> changes);
    }

    /** Parts cut as the others want them: all at once, and each alone where there are several. */
    public static Stream<Change> matching(Line line, List<Misfit> misfits) {
        Rig rig = line.entered();
        Stream<Change> single = misfits.size() < 2
                ? Stream.empty()
                : misfits.stream().flatMap(misfit -> Change.possible(() -> matching(rig, List.of(misfit))));
        return misfits.isEmpty()
                ? Stream.empty()
                : Stream.concat(Change.possible(() -> matching(rig, misfits)), single);
    }

    private static Change matching(Rig rig, List<Misfit> misfits) {
        Boards boards = rig.fitOut().boards();
        List<Text> told = new ArrayList<>();
        for (Misfit misfit : misfits) {
            boards = boards.withParts(boards.parts().stream()
                    .map(part -> sameMeasures(part, misfit.part())
                            ? part.with(p ->
                                    p.lengthM(Figure.chosen(misfit.lengthM())).wideM(Figure.chosen(misfit.wideM())))
                            : part)
                    .toList());
            told.add(Text.of(
                    "{} {} × {}",
                    misfit.part().name(),
                    new Amount(misfit.lengthM(), Unit.MILLIMETRE),
                    new Amount(misfit.wideM(), Unit.MILLIMETRE)));
        }
        String which = String.join(
                "-", misfits.stream().map(misfit -> misfit.part().id()).toList());
        return change(
                rig,
                "carry.cut-to-match." + which,
                Text.of("Cut to match: {}", Text.joined(told)),
                Effort.SETTING,
                boards);
    }

    /** The part itself, or its twin on the other side. */
    private static boolean sameMeasures(BoardPart part, BoardPart as) {
        return part.id().equals(as.id())
                || BoxOfParts.twins(part, as)
                        && part.lengthM().equals(as.lengthM())
                        && part.wideM().equals(as.wideM());
    }

    private static boolean tooLong(Boards boards, BoardPart part) {
        return part.lengthM().isSet()
                && boards.stockLengthM().isSet()
                && part.lengthM().value() > boards.stockLengthM().value();
    }

    private static boolean tooWide(Boards boards, BoardPart part) {
        return part.wideM().isSet()
                && boards.stockWideM().isSet()
                && part.wideM().value() > boards.stockWideM().value();
    }

    private static Change split(Rig rig, BoardPart part) {
        BoardPart one =
                part.with(p -> p.wideM(Figure.chosen(Math.ceil(part.wideM().value() * 500 - 1e-6) / 1000))
                        .count(2 * part.count())
                        .name(Checks.fitted("half of the " + part.name())));
        return change(
                rig,
                "carry.split-part." + part.id(),
                Text.of("The {} of two, side by side on battens", part.name()),
                Effort.MOVE,
                with(rig.fitOut().boards(), part, List.of(one)));
    }

    private static Change open(Rig rig, BoardPart part) {
        return change(
                rig,
                "carry.no-lid." + part.id(),
                Text.of("Do without the {}: a cloth or a bag over what is inside", part.name()),
                Effort.SETTING,
                with(rig.fitOut().boards(), part, List.of()));
    }

    private static Change turned(Rig rig, BoardPart part) {
        return change(
                rig,
                "carry.turn-part." + part.id(),
                Text.of("Turn the {}: its grain runs the other way", part.name()),
                Effort.SETTING,
                with(rig.fitOut().boards(), part, List.of(part.withTurns(true))));
    }

    private static Change spliced(Rig rig, BoardPart part) {
        double half = (part.lengthM().value() + LAP_M) / 2;
        BoardPart one = part.with(p -> p.lengthM(Figure.chosen(Math.round(half * 1000) / 1000.0))
                .count(2 * part.count())
                .name(Checks.fitted("half of the " + part.name())));
        return change(
                rig,
                "carry.splice-part." + part.id(),
                Text.of("Splice the {} of two, {} over each other", part.name(), new Amount(LAP_M, Unit.MILLIMETRE)),
                Effort.MOVE,
                with(rig.fitOut().boards(), part, List.of(one)));
    }

    private static Boards with(Boards boards, BoardPart part, List<BoardPart> instead) {
        return boards.withParts(boards.parts().stream()
                .flatMap(each -> each.id().equals(part.id()) ? instead.stream() : Stream.of(each))
                .toList());
    }

    private static Stream<Change> larger(Rig rig) {
        Boards boards = rig.fitOut().boards();
        List<Change> all = new ArrayList<>();
        for (double length : LENGTHS_M) {
            for (double wide : WIDTHS_M) {
                boolean more = boards.stockLengthM().isSet()
                        && boards.stockWideM().isSet()
                        && length >= boards.stockLengthM().value()
                        && wide >= boards.stockWideM().value();
                if (more) {
                    all.add(change(
                            rig,
                            "carry.board-of." + Math.round(length * 1000) + "x" + Math.round(wide * 1000),
                            Text.of(
                                    "Boards of {} × {}",
                                    new Amount(length, Unit.METRE),
                                    new Amount(wide, Unit.MILLIMETRE)),
                            Effort.BUY,
                            boards.with(
                                    b -> b.stockLengthM(Figure.chosen(length)).stockWideM(Figure.chosen(wide)))));
                }
            }
        }
        return all.stream();
    }

    private static Change change(Rig rig, String id, Text label, Effort effort, Boards boards) {
        return new Change(id, label, effort, rig.withFitOut(rig.fitOut().withBoards(boards)));
    }
}
