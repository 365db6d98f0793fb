package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Changes of boxes. */
final class BoxChanges {

    /** Bolts and outlets under a lid where nobody measured them; common practice, no source [m]. */
    private static final double LID_M = 0.03;

    private BoxChanges() {}

    static Stream<Change> underLid(Line line) {
        return each(
                line,
                "carry.under-lid.",
                box -> Text.of("Count {} under the lid of the {}", new Amount(LID_M, Unit.MILLIMETRE), box.name()),
                box -> box.exits().stream().anyMatch(exit -> exit.wall() == BaseEdge.NONE),
                box -> box.withLidM(Figure.chosen(LID_M)));
    }

    static Stream<Change> sealed(Line line) {
        return each(
                line,
                "carry.seal.",
                box -> Text.of("Seal every hole of the {}", box.name()),
                box -> box.exits().stream().anyMatch(exit -> !exit.sealed()),
                box -> box.withExits(
                        box.exits().stream().map(exit -> exit.withSealed(true)).toList()));
    }

    static Stream<Change> vented(Line line) {
        return each(
                line,
                "carry.vent.",
                box -> Text.of("A vent in the {}, or charged with its lid open", box.name()),
                box -> box.tight() && !box.vented(),
                box -> box.withVented(true));
    }

    /** Ribs and bosses cut away where they take room. */
    static Stream<Change> relieved(Line line) {
        return each(
                line,
                "carry.relieve.",
                box -> Text.of("Cut away what stands into the {}", box.name()),
                box -> !box.ribs().isEmpty(),
                box -> box.withRibs(List.of()));
    }

    /** Pockets without what they were meant for: it travels elsewhere. */
    static Stream<Change> emptied(Line line) {
        return each(
                line,
                "carry.pockets.",
                box -> Text.of("What is in the pockets of the {} travels elsewhere", box.name()),
                box -> box.pockets().stream().anyMatch(pocket -> !pocket.holds().isEmpty()),
                box -> box.withPockets(box.pockets().stream()
                        .map(pocket -> pocket.withHolds(""))
                        .toList()));
    }

    private static Stream<Change> each(
            Line line,
            String id,
            Function<Enclosure, Text> label,
            Predicate<Enclosure> wants,
            UnaryOperator<Enclosure> change) {
        Rig rig = line.entered();
        return rig.fitOut().boxes().stream()
                .filter(wants)
                .map(box -> new Change(
                        id + box.id(),
                        label.apply(box),
                        Effort.MOVE,
                        rig.withFitOut(rig.fitOut().with(change.apply(box)))));
    }
}
