package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.circuit.Starved;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** The whole harness built anew by one of the usual ways of handing power on. */
public final class Distribution {

    /** A school of distribution. */
    enum School {
        IN_LINE("A fused lead of its own to each device"),
        SPLITTER("One fused trunk and a splitter"),
        BLOCK("A trunk to a labelled fuse block with spares"),
        SWITCHED("A switched accessory harness with a lamp"),
        BOAT("Rings on the boat's own battery, a fused pair to each device"),
        QUICK_PLUGS("Quick plugs that the charger uses too");

        private final String words;

        School(String words) {
            this.words = words;
        }
    }

    /** Sizes thicker than the formula's that are tried until no device goes short. */
    private static final int MOST_THICKER = 5;

    private Distribution() {}

    /** Every school that this rig can be built by: one battery in use and something to feed. */
    public static List<Change> all(Line line) {
        return those(line, school -> true).toList();
    }

    /** One of them, by its school as ids write it. */
    public static Optional<Change> of(Line line, String written) {
        return those(line, school -> Table.written(school).equals(written)).findFirst();
    }

    private static Stream<Change> those(Line line, Predicate<School> wanted) {
        Harness harness = line.entered().harness();
        List<Device> devices = line.rig().devices();
        if (harness.sources().size() != 1
                || devices.isEmpty()
                || new HarnessBuilt(line, School.IN_LINE, 0).longestM() > Wire.LONGEST_M) {
            return Stream.empty();
        }
        return Stream.of(School.values())
                .filter(school -> devices.size() > 1 || school != School.SPLITTER)
                .filter(wanted)
                .flatMap(school -> Change.possible(() -> built(line, school)));
    }

    private static Change built(Line line, School school) {
        Change last = change(line, school, 0);
        for (int thicker = 1; thicker <= MOST_THICKER && Starved.any(line.with(last.after())); thicker++) {
            last = change(line, school, thicker);
        }
        return last;
    }

    private static Change change(Line line, School school, int thicker) {
        return new Change(
                "wire.school." + Table.written(school),
                Text.of(school.words),
                Effort.BUY,
                new HarnessBuilt(line, school, thicker).rig());
    }
}
