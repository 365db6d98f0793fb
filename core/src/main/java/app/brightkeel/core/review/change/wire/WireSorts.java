package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Changes of what a wire is, its size left as it is. */
public final class WireSorts {

    private WireSorts() {}

    /** Tinned strands in every wire. */
    public static Stream<Change> tinned(Line line) {
        Rig rig = line.entered();
        return Stream.of(new Change(
                "wire.tinned",
                Text.of("Tinned wire throughout"),
                Effort.BUY,
                rig.withHarness(rig.harness()
                        .withSegments(rig.harness().segments().stream()
                                .map(s -> s.withWire(s.wire().withTinned(true)))
                                .toList()))));
    }

    /** Plus and minus twisted about each other, lead by lead. */
    public static Stream<Change> twisted(Line line, List<Segment> leads) {
        return leads.stream()
                .filter(lead -> !lead.wire().twisted())
                .map(lead ->
                        changed(line, "wire.twist.", lead, "Plus and minus of {} twisted", w -> w.withTwisted(true)));
    }

    /** As long as it is planned where nobody measured. */
    public static Stream<Change> measured(Line line, double metres) {
        return line.entered().harness().segments().stream()
                .filter(s -> s.wire().lengthM().isSet() && s.wire().lengthM().value() == 0)
                .map(s -> changed(
                        line,
                        "wire.length.",
                        s,
                        "{} measured again, half a metre until then",
                        wire -> wire.withLengthM(Figure.chosen(metres))));
    }

    private static Change changed(Line line, String id, Segment segment, String words, UnaryOperator<Wire> change) {
        return new Change(
                id + segment.id(),
                Text.of(words, segment.name()),
                Effort.SETTING,
                line.entered().with(segment.withWire(change.apply(segment.wire()))));
    }

    /** A main switch behind the first fuse of every wire that leaves a pack. */
    public static Stream<Change> mainSwitch(Line line, List<Segment> leaving) {
        Rig rig = line.entered();
        return leaving.stream()
                .flatMap(segment -> Change.possible(() -> {
                    List<Fitting> fittings = new ArrayList<>(segment.fittings());
                    int after = 0;
                    while (after < fittings.size() && fittings.get(after) instanceof Fitting.Fuse) {
                        after++;
                    }
                    fittings.add(
                            after, new Fitting.Switch(FreshId.of(rig, "main-switch"), "main switch", Figure.UNSET));
                    return new Change(
                            "wire.main-switch." + segment.id(),
                            Text.of("A main switch in {}", segment.name()),
                            Effort.BUY,
                            rig.with(segment.withFittings(fittings)));
                }));
    }
}
