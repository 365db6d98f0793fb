package app.brightkeel.core.review.change.wire;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Edits of the drawn harness by id: {@code wire.out.PART}, {@code wire.in.KIND.WIRE} with KIND fuse, switch, plug or
 * splitter, {@code wire.hang.WIRE.POINT} and {@code wire.move.FITTING.WIRE}.
 */
public final class HarnessEdits {

    /** Where a splitter lands in a wire that is cut for it. */
    private static final double CUT_AT = 0.6;

    private final Line line;
    private final Rig rig;
    private final Harness harness;

    private HarnessEdits(Line line) {
        this.line = line;
        rig = line.entered();
        harness = rig.harness();
    }

    /** One edit by its id; empty where the rig has none such. */
    public static Optional<Change> of(Line line, String id) {
        return Change.unlessFull(() -> asked(line, id)).flatMap(Function.identity());
    }

    private static Optional<Change> asked(Line line, String id) {
        String[] words = id.split("\\.", -1);
        if (words.length < 3 || !words[0].equals("wire")) {
            return Optional.empty();
        }
        HarnessEdits edits = new HarnessEdits(line);
        return switch (words[1]) {
            case "out" -> words.length == 3 ? edits.out(id, words[2]) : Optional.empty();
            case "in" -> words.length == 4 ? edits.in(id, words[2], words[3]) : Optional.empty();
            case "hang" -> words.length == 4 ? edits.hang(id, words[2], words[3]) : Optional.empty();
            case "move" -> words.length == 4 ? edits.move(id, words[2], words[3]) : Optional.empty();
            default -> Optional.empty();
        };
    }

    private Change change(String id, Effort effort, Harness changed, String words, Object... parts) {
        return new Change(id, Text.of(words, parts), effort, rig.withHarness(changed));
    }

    private Optional<Change> out(String id, String part) {
        Optional<Junction> junction = harness.junction(part);
        if (junction.isPresent()) {
            PointTakenOut gone = new PointTakenOut(rig, junction.get());
            if (gone.tooLong()) {
                return Optional.empty();
            }
            return Optional.of(change(
                    id,
                    Effort.SETTING,
                    gone.harness(),
                    "{} taken out",
                    junction.get().name()));
        }
        Optional<Segment> segment = segment(part);
        if (segment.isPresent()) {
            List<Segment> others = without(segment.get());
            return Optional.of(change(
                    id,
                    Effort.SETTING,
                    harness.withSegments(others),
                    "{} taken out",
                    segment.get().name()));
        }
        return holding(part).map(holder -> {
            Fitting fitting = fitting(holder, part);
            return change(id, Effort.SETTING, harness.with(without(holder, part)), "{} taken out", fitting.name());
        });
    }

    private Optional<Change> in(String id, String kind, String wire) {
        return segment(wire).flatMap(segment -> switch (kind) {
            case "fuse" -> Optional.of(change(id, Effort.BUY, fused(segment), "A fuse in {}", segment.name()));
            case "switch" ->
                Optional.of(change(
                        id,
                        Effort.BUY,
                        added(segment, new Fitting.Switch(FreshId.of(rig, "switch"), "switch", Figure.UNSET)),
                        "A switch in {}",
                        segment.name()));
            case "plug" ->
                Optional.of(change(
                        id,
                        Effort.BUY,
                        added(segment, new Fitting.Joint(FreshId.of(rig, "plug"), "plug", Figure.UNSET)),
                        "A plug in {}",
                        segment.name()));
            case "splitter" -> Optional.of(change(id, Effort.BUY, cut(segment), "A splitter in {}", segment.name()));
            default -> Optional.empty();
        });
    }

    private Harness added(Segment segment, Fitting fitting) {
        List<Fitting> fittings = new ArrayList<>(segment.fittings());
        fittings.add(fitting);
        return harness.with(segment.withFittings(fittings));
    }

    /** As large as what hangs behind it wants, as near to the battery as the wire lets it. */
    private Harness fused(Segment segment) {
        Set<String> behind = reached(harness.segments(), segment.to(), false);
        HarnessSizes sizes = new HarnessSizes(line, 0);
        List<Device> devices = line.rig().devices();
        double loadA = 0;
        for (int d = 0; d < devices.size(); d++) {
            loadA += behind.contains(devices.get(d).id()) ? sizes.loadA(d) : 0;
        }
        double atM = harness.fromPack(segment) ? Place.PUT_M : HarnessBuilt.AT_BLOCK_M;
        Fitting.Fuse fuse = new Fitting.Fuse(
                FreshId.of(rig, "fuse-" + segment.id()),
                Checks.fitted("fuse of " + segment.name()),
                Figure.chosen(FuseTables.smallestFor(loadA)),
                Fitting.Form.BLADE,
                Figure.chosen(segment.wire().lengthM().isSet() ? Math.min(atM, length(segment)) : atM),
                Figure.UNSET);
        List<Fitting> fittings = new ArrayList<>(List.of(fuse));
        fittings.addAll(segment.fittings());
        return harness.with(segment.withFittings(fittings));
    }

    /** The wire cut in two, what sat in it on the battery's side; further branches can hang at the cut. */
    private Harness cut(Segment segment) {
        String point = FreshId.of(rig, "splitter");
        double cutM = rounded(CUT_AT * length(segment));
        boolean measured = segment.wire().lengthM().isSet();
        Segment trunk = segment.with(s -> s.id(FreshId.of(rig, "trunk"))
                .name("trunk")
                .to(point)
                .end(Ending.UNKNOWN)
                .wire(measured ? segment.wire().withLengthM(Figure.chosen(cutM)) : segment.wire()));
        Segment branch = segment.with(s -> s.from(point)
                .start(Ending.UNKNOWN)
                .fittings(List.of())
                .wire(
                        measured
                                ? segment.wire().withLengthM(Figure.chosen(rounded(length(segment) - cutM)))
                                : segment.wire()));
        List<Segment> all = new ArrayList<>();
        for (Segment each : harness.segments()) {
            all.addAll(each == segment ? List.of(trunk, branch) : List.of(each));
        }
        List<Junction> points = new ArrayList<>(harness.junctions());
        points.add(new Junction(point, "splitter", Junction.Meeting.SPLITTER, Figure.UNSET, false));
        return harness.with(h -> h.segments(all).junctions(points));
    }

    /** The wire starts elsewhere; not behind itself, and not where it starts already. */
    private Optional<Change> hang(String id, String wire, String point) {
        boolean there =
                harness.junction(point).isPresent() || harness.packs().stream().anyMatch(p -> p.id().equals(point));
        return segment(wire)
                .filter(s -> there && !s.from().equals(point))
                // what hangs together with its end once it is gone: to hang it there would close a circle
                .filter(s -> !reached(without(s), s.to(), true).contains(point))
                .map(s -> change(
                        id,
                        Effort.MOVE,
                        harness.with(s.with(moved -> moved.from(point).start(Ending.UNKNOWN))),
                        "{} from the {}",
                        s.name(),
                        rig.nameOfPoint(point)));
    }

    private Optional<Change> move(String id, String part, String wire) {
        Optional<Segment> to = segment(wire);
        return holding(part)
                .filter(holder -> to.isPresent() && !holder.id().equals(wire))
                .map(holder -> {
                    Fitting fitting = fitting(holder, part);
                    Fitting there = fitting instanceof Fitting.Fuse fuse ? within(fuse, to.get()) : fitting;
                    List<Fitting> fittings = new ArrayList<>(to.get().fittings());
                    fittings.add(fitting instanceof Fitting.Fuse ? 0 : fittings.size(), there);
                    Harness changed =
                            harness.with(without(holder, part)).with(to.get().withFittings(fittings));
                    return change(
                            id,
                            Effort.MOVE,
                            changed,
                            "{} in {}",
                            fitting.name(),
                            to.get().name());
                });
    }

    private static Fitting within(Fitting.Fuse fuse, Segment wire) {
        boolean beyond = fuse.atM().isSet()
                && wire.wire().lengthM().isSet()
                && fuse.atM().value() > wire.wire().lengthM().value();
        return beyond ? fuse.withAtM(wire.wire().lengthM()) : fuse;
    }

    /**
     * Everything that wires lead to from a point, itself included.
     *
     * @param bothWays whether a wire is followed back to where it starts as well
     */
    private static Set<String> reached(List<Segment> wires, String point, boolean bothWays) {
        Set<String> all = new HashSet<>(Set.of(point));
        boolean more = true;
        while (more) {
            more = false;
            for (Segment wire : wires) {
                more |= all.contains(wire.from()) && all.add(wire.to());
                more |= bothWays && all.contains(wire.to()) && all.add(wire.from());
            }
        }
        return all;
    }

    private Optional<Segment> segment(String id) {
        return harness.segments().stream().filter(s -> s.id().equals(id)).findFirst();
    }

    private List<Segment> without(Segment segment) {
        return harness.segments().stream().filter(s -> s != segment).toList();
    }

    private static Segment without(Segment holder, String fitting) {
        return holder.withFittings(
                holder.fittings().stream().filter(f -> !f.id().equals(fitting)).toList());
    }

    private Optional<Segment> holding(String fitting) {
        return harness.segments().stream()
                .filter(s -> s.fittings().stream().anyMatch(f -> f.id().equals(fitting)))
                .findFirst();
    }

    private static Fitting fitting(Segment holder, String id) {
        return holder.fittings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static double length(Segment segment) {
        return segment.wire().lengthM().isSet() ? segment.wire().lengthM().value() : 0;
    }

    static double rounded(double metres) {
        return Math.round(metres * 100) / 100.0;
    }
}
