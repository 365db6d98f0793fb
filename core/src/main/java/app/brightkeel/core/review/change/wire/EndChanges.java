package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.harness.Colours;
import app.brightkeel.core.harness.Ends;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Changes of what leads, packs and chargers end in. */
public final class EndChanges {

    private EndChanges() {}

    /** Of each pair that does not go together, the part away from the battery with the end that does. */
    public static Stream<Change> mating(Line line, List<Ends.Pair> pairs) {
        Rig rig = line.entered();
        return pairs.stream()
                .filter(pair -> pair.known() && !pair.mates())
                .map(pair -> fitted(rig, pair.changed(), pair.kept().mate()));
    }

    private static Change fitted(Rig rig, Ends.One one, Ending ending) {
        return new Change(
                "wire.end." + one.part(),
                Text.of("{} with a {}", one.name(), ending.words()),
                Effort.BUY,
                Ends.with(rig, one, ending.withAcrossM(one.ending().acrossM())));
    }

    /** Every plug of the chain turned round: the shrouded half towards the battery. */
    public static Stream<Change> shrouded(Line line) {
        Rig rig = line.entered();
        Rig after = rig;
        List<Ends.Pair> pairs = new ArrayList<>(Ends.joined(rig));
        pairs.addAll(Ends.spare(rig));
        for (Ends.Pair pair : pairs) {
            if (pair.live().ending().terminal().plug() && pair.changed() == pair.other()) {
                after = turned(after, pair.live(), Ending.Half.SHROUDED);
                after = pair.other().ending().terminal().plug()
                        ? turned(after, pair.other(), Ending.Half.OPEN_PINS)
                        : after;
            }
        }
        return Stream.of(new Change(
                "wire.shrouded-at-battery",
                Text.of("The shrouded half at the battery, everywhere"),
                Effort.BUY,
                after));
    }

    /** Every pair that meets another of unlike colours in the colours of that one, from the battery on. */
    public static Stream<Change> sameColours(Line line) {
        Rig rig = line.entered();
        Rig after = rig;
        // once more for each pair: what is coloured alike may meet a further one
        for (int pass = 0; pass < rig.harness().segments().size(); pass++) {
            for (Colours.Meeting meeting : Colours.all(after)) {
                if (!meeting.alike()) {
                    Segment to = after.harness().segment(meeting.to().id());
                    after = after.with(to.withWire(
                            to.wire().withColours(meeting.from().wire().colours())));
                }
            }
        }
        return after.equals(rig)
                ? Stream.empty()
                : Stream.of(new Change(
                        "wire.same-colours", Text.of("The same two colours from the battery on"), Effort.BUY, after));
    }

    private static Rig turned(Rig rig, Ends.One one, Ending.Half half) {
        return Ends.with(rig, one, one.ending().withHalf(half));
    }
}
