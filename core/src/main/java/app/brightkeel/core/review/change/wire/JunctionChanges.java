package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.harness.Labels;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.Stream;

/** Changes of where wires meet. */
public final class JunctionChanges {

    /** Sizes that blocks are sold in; common practice, no source. */
    private static final List<Integer> WAYS = List.of(2, 4, 6, 8, 10, 12, 16, 20, 24, 32, 40);

    private JunctionChanges() {}

    /** The smallest size with room, for each point that has none. */
    public static Stream<Change> moreWays(Line line) {
        Rig rig = line.entered();
        Harness harness = rig.harness();
        return harness.junctions().stream().flatMap(junction -> {
            int branches = harness.from(junction.id()).size();
            return WAYS.stream()
                    .filter(ways -> ways >= branches)
                    .filter(ways -> junction.ways().isSet() && junction.ways().value() < branches)
                    .limit(1)
                    .map(ways -> new Change(
                            "wire.ways." + junction.id() + "." + ways,
                            Text.of("A {} of {} ways", junction.name(), new Amount(ways, Unit.COUNT)),
                            Effort.BUY,
                            rig.withHarness(harness.with(junction.withWays(Figure.chosen(ways))))));
        });
    }

    /** Labels on every block. */
    public static Stream<Change> labels(Line line) {
        Rig rig = line.entered();
        List<Junction> labelled = rig.harness().junctions().stream()
                .map(j -> Labels.wanted(rig, j) ? j.withLabelled(true) : j)
                .toList();
        return Stream.of(new Change(
                "wire.labels",
                Text.of("Labels on every way"),
                Effort.SETTING,
                rig.withHarness(rig.harness().withJunctions(labelled))));
    }
}
