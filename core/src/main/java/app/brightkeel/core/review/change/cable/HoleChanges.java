package app.brightkeel.core.review.change.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.PassThroughStock;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleSchedule;
import app.brightkeel.core.route.HoleStage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Changes of single openings: what closes them, how wide they are, what lies at home for them. */
public final class HoleChanges {

    /** No smaller hole is drilled for a cable [m]. */
    private static final double LEAST_M = 0.002;

    private HoleChanges() {}

    /** The holes of a rig; what is missing for them otherwise. */
    public static Outcome<List<Hole>> schedule(Line line) {
        return line.get(HoleStage.STAGE);
    }

    private static Stream<Hole> holes(Line line) {
        return schedule(line).orElse(List.of()).stream();
    }

    /** Whatever may close each opening that is cut, all of them tried. */
    public static Stream<Change> closed(Line line) {
        return holes(line)
                .flatMap(hole -> Stream.of(PassThrough.values())
                        .filter(PassThrough::bought)
                        .filter(closing -> closing != hole.closedBy())
                        .map(closing -> closedBy(line.entered(), hole, closing)));
    }

    private static Change closedBy(Rig rig, Hole hole, PassThrough closing) {
        return new Change(
                "cable.close." + hole.id() + "." + Table.written(closing),
                Text.of("{}: {}", hole.name(), closing.words()),
                Effort.BUY,
                with(rig, hole, closing));
    }

    private static Rig with(Rig rig, Hole hole, PassThrough closing) {
        return opening(
                rig,
                hole,
                passage -> passage.withOpening(passage.opening().withClosedBy(closing)),
                exit -> exit.withClosedBy(closing));
    }

    /** The rig with an opening changed, be it of a passage or the exit of a box. */
    private static Rig opening(Rig rig, Hole hole, UnaryOperator<Passage> passage, UnaryOperator<Exit> exit) {
        Optional<Passage> its = rig.craft().passage(hole.id());
        if (its.isPresent()) {
            return rig.withCraft(rig.craft().with(passage.apply(its.get())));
        }
        FitOut after = rig.fitOut();
        for (Enclosure box : rig.fitOut().boxes()) {
            after = after.with(box.withExits(box.exits().stream()
                    .map(each -> each.id().equals(hole.id()) ? exit.apply(each) : each)
                    .toList()));
        }
        return rig.withFitOut(after);
    }

    /** Openings drilled as wide as what closes them wants, or closed by what fits as they are. */
    public static Stream<Change> wider(Line line) {
        Stream<Change> drilled = holes(line)
                .filter(hole -> hole.openingM() > 0 && hole.openingM() < hole.wantsM())
                .map(hole -> wide(line, hole, hole.wantsM()));
        return Stream.concat(drilled, closed(line));
    }

    /** Openings as narrow as what passes lets them be. */
    public static Stream<Change> smaller(Line line) {
        return holes(line).filter(hole -> hole.openingM() > hole.wantsM()).map(hole -> wide(line, hole, hole.wantsM()));
    }

    private static Change wide(Line line, Hole hole, double metres) {
        double rounded = Math.max(LEAST_M, Math.ceil(metres * 10_000 - 1e-6) / 10_000);
        return new Change(
                "cable.hole-of." + hole.id() + "." + Math.round(rounded * 10_000),
                Text.of("{}: a hole of {}", hole.name(), new Amount(rounded, Unit.FINE_MILLIMETRE)),
                Effort.DRILL,
                opening(
                        line.entered(),
                        hole,
                        passage -> passage.withOpeningM(Figure.chosen(rounded)),
                        exit -> exit.withOpeningM(Figure.chosen(rounded))));
    }

    /** What is wanted bought, all sorts together. */
    public static Stream<Change> bought(Line line) {
        FitOut fitOut = line.entered().fitOut();
        List<PassThroughStock> stock = new ArrayList<>(fitOut.passThroughs());
        HoleSchedule.needed(schedule(line).orElse(List.of())).forEach((sort, count) -> {
            if (HoleSchedule.onHand(fitOut, sort) < count) {
                stock.removeIf(each -> each.fitting() == sort);
                stock.add(new PassThroughStock(sort, count));
            }
        });
        return Stream.of(new Change(
                "cable.buy-pass-throughs",
                Text.of("Buy the pass-throughs that are wanted"),
                Effort.BUY,
                line.entered().withFitOut(fitOut.withPassThroughs(stock))));
    }
}
