package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.route.Coil;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Changes of what hangs and lies loose of cables: ties, drip loops, coils, pins. */
final class LooseEnds {

    private static final double RELIEF_M = 0.04;

    private LooseEnds() {}

    static Stream<Change> relieved(Line line) {
        return Stream.of(all(
                line,
                "cable.relief",
                Text.of("Tie it {} behind the transducer", new Amount(RELIEF_M, Unit.MILLIMETRE)),
                run -> run.reliefM().isSet() ? run.withReliefM(Figure.chosen(RELIEF_M)) : run));
    }

    static Stream<Change> drips(Line line) {
        return Stream.of(all(
                line,
                "cable.drips",
                Text.of("Let it hang {} before it goes in", new Amount(NoDripLoop.LEAST_M, Unit.METRE)),
                run -> run.dripM().isSet() && run.dripM().value() < NoDripLoop.LEAST_M
                        ? run.withDripM(Figure.chosen(NoDripLoop.LEAST_M))
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
    static Stream<Change> coiled(Line line) {
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

    static Stream<Change> unpinned(Line line) {
        return line.entered().runs().stream()
                .filter(run -> !run.through().isEmpty())
                .map(run -> new Change(
                        "cable.unpin." + run.id(),
                        Text.of("Take its pins out"),
                        Effort.SETTING,
                        line.entered().with(run.withThrough(List.of()))));
    }
}
