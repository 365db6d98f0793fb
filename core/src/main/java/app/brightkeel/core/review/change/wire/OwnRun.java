package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.harness.Motors;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;
import app.brightkeel.core.route.Rerouting;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What shares a trunk, run to the battery on its own: as long as trunk and branch together. */
public final class OwnRun {

    private OwnRun() {}

    /** For what starts with the largest peak. */
    public static Stream<Change> of(Line line) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        return !feed.isKnown() || feed.value().starter() < 0
                ? Stream.empty()
                : of(line, feed.value().starter());
    }

    /** The same for each device of a sort. */
    public static Stream<Change> of(Line line, Predicate<Device> wanted) {
        List<Device> devices = line.rig().devices();
        return IntStream.range(0, devices.size())
                .filter(d -> wanted.test(devices.get(d)))
                .boxed()
                .flatMap(d -> of(line, d));
    }

    /** The same for one device, by its place. */
    public static Stream<Change> of(Line line, int device) {
        Outcome<FeedState> feed = line.get(Feed.STAGE);
        if (!feed.isKnown() || !feed.value().feeds(device)) {
            return Stream.empty();
        }
        Topology tree = feed.value().topology();
        int node = tree.nodeOfDevice(device);
        double lengthM = Motors.way(line.rig(), tree, device).stream()
                .mapToDouble(s -> s.wire().lengthM().value())
                .sum();
        Segment branch = line.entered().harness().segments().get(tree.segments().get(node));
        String source = tree.ids().get(tree.root(node));
        if (branch.from().equals(source) || lengthM > Wire.LONGEST_M) {
            return Stream.empty();
        }
        HarnessSizes sizes = new HarnessSizes(line, 0);
        List<Fitting> fittings = branch.fittings().stream()
                .map(fitting -> fitting instanceof Fitting.Fuse fuse
                        ? fuse.with(f -> f.atM(Figure.chosen(Place.PUT_M)).form(sizes.stronger(fuse.form())))
                        : fitting)
                .toList();
        double whole = Math.round(lengthM * 100) / 100.0;
        Segment own = branch.with(run -> run.from(source)
                .wire(branch.wire().withLengthM(Figure.chosen(whole)))
                .fittings(fittings));
        String name = line.rig().devices().get(device).name();
        return Stream.of(new Change(
                "wire.own-run." + branch.id(),
                Text.of("A run of its own for the {}", name),
                Effort.BUY,
                laid(line.entered().with(own), branch.id())));
    }

    /** One that goes a way through the craft goes there from its new end. */
    private static Rig laid(Rig rig, String segment) {
        return rig.runOf(segment).isPresent() ? Rerouting.of(rig, segment) : rig;
    }
}
