package app.brightkeel.core.review.change.cable;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Zone;
import app.brightkeel.core.route.Cable;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.Objections;
import app.brightkeel.core.route.Planner;
import app.brightkeel.core.route.PlanningAim;
import app.brightkeel.core.route.Rerouting;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import app.brightkeel.core.route.Slack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Changes of cables. */
public final class CableChanges {

    /** Room round a plug in a hole that is drilled for it [m]; common practice, no source. */
    private static final double PLUG_ROOM_M = 0.001;

    /** So much of a data lead may be left over: they are sold by the metre; common practice, no source [m]. */
    public static final double SPARE_LEAD_M = 1.2;

    private CableChanges() {}

    /** Ways for every cable that is laid and every lead that is not, those nothing speaks against first. */
    public static Stream<Change> ways(Line line) {
        return runs(line.entered()).flatMap(run -> ways(line.entered(), run, false));
    }

    /** Those that nothing speaks against. */
    public static Stream<Change> soundWays(Line line) {
        return runs(line.entered()).flatMap(run -> ways(line.entered(), run, true));
    }

    /** Every cable whose way breaks off or ends elsewhere laid anew. */
    public static Stream<Change> mended(Line line) {
        Rig rig = line.entered();
        Rig after = rig;
        for (LaidCable laid : line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of())) {
            if (laid.astray().isPresent() || !laid.arrives()) {
                after = Rerouting.of(after, laid.carries());
            }
        }
        return after == rig
                ? Stream.empty()
                : Stream.of(new Change("cable.mend", Text.of("Lay anew what does not arrive"), Effort.MOVE, after));
    }

    /** Those of one cable. */
    public static Stream<Change> soundWays(Line line, String carried) {
        return ways(line.entered(), line.entered().runOf(carried).orElseThrow(), true);
    }

    /** What a way goes through that is opened least gladly. */
    public static Way leastPreferred(List<Passage> legs) {
        return legs.stream().map(Passage::way).max(Comparator.naturalOrder()).orElse(Way.OPEN_DECK);
    }

    /** A way for a laid cable through what is opened more gladly, long enough, across nothing that moves; else empty. */
    public static List<Passage> preferred(Rig rig, LaidCable laid) {
        Objections objections = Objections.of(rig, laid.carries());
        Way now = leastPreferred(laid.legs());
        return Rerouting.ways(rig, laid.carries()).stream()
                .filter(legs -> leastPreferred(legs).compareTo(now) < 0 && objections.to(legs) == 0)
                .map(laid::along)
                .filter(other -> other.crossing().isEmpty() && other.spareM() >= 0)
                .map(LaidCable::legs)
                .findFirst()
                .orElse(List.of());
    }

    private static Stream<Run> runs(Rig rig) {
        Stream<Run> open = rig.transducers().stream()
                .map(Transducer::id)
                .filter(id -> rig.runOf(id).isEmpty())
                .map(id -> Rerouting.run(rig, id));
        return Stream.concat(open, rig.runs().stream());
    }

    private static Stream<Change> ways(Rig rig, Run run, boolean unobjectedOnly) {
        Objections objections = Objections.of(rig, run.carries());
        return Rerouting.ways(rig, run.carries()).stream()
                .filter(legs -> !unobjectedOnly || objections.to(legs) == 0)
                .sorted(Comparator.comparingInt(objections::to))
                .map(legs -> way(rig, run, legs));
    }

    private static Change way(Rig rig, Run run, List<Passage> legs) {
        List<String> ids = legs.stream().map(Passage::id).toList();
        List<Passage> drilled = legs.stream().filter(leg -> leg.way().drills()).toList();
        return new Change(
                "cable.way." + run.id() + "." + joined(legs),
                Text.of(drilled.isEmpty() ? "{}: {}" : "{}: {}, one hole drilled", name(rig, run), by(legs)),
                drilled.isEmpty() ? Effort.MOVE : Effort.DRILL,
                rig.with(run.withLegs(ids)));
    }

    /** One of them, by its cable and its legs. */
    public static Optional<Change> way(Line line, String run, String legs) {
        Rig rig = line.entered();
        return runs(rig)
                .filter(each -> each.id().equals(run))
                .flatMap(each -> Rerouting.ways(rig, each.carries()).stream()
                        .filter(way -> joined(way).equals(legs))
                        .map(way -> way(rig, each, way)))
                .findFirst();
    }

    /** By what no id of a passage has in it. */
    private static String joined(List<Passage> legs) {
        return String.join("_", legs.stream().map(Passage::id).toList());
    }

    private static String name(Rig rig, Run run) {
        Cable cable = Cable.of(rig, run.carries()).orElseThrow();
        return cable.sonar() ? "Transducer's lead" : cable.name();
    }

    /** A way by its legs. */
    public static String by(List<Passage> legs) {
        String all = String.join(", ", legs.stream().map(Passage::name).toList());
        return all.isEmpty() ? "no way through the craft" : all;
    }

    /** Ways that cross nothing that moves; else a thing is moved. */
    public static Stream<Change> clear(Line line) {
        return Stream.concat(ways(line).filter(CableChanges::crossesNothing), CarryChanges.displays(line));
    }

    private static boolean crossesNothing(Change change) {
        Craft craft = change.after().craft();
        return change.after().runs().stream()
                .flatMap(run -> run.legs().stream())
                .allMatch(leg -> craft.passage(leg).orElseThrow().crosses() == Zone.NONE);
    }

    /** Move the face or the display, take another way, lengthen the lead: the cheapest first. */
    public static Stream<Change> longEnough(Line line) {
        List<LaidCable> tooShort = line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .filter(laid -> laid.spareM() < 0)
                .toList();
        boolean lead = tooShort.stream().anyMatch(LaidCable::sonar);
        return Stream.of(
                        lead ? MountChanges.moved(line) : Stream.<Change>empty(),
                        tooShort.stream().flatMap(laid -> soundWays(line, laid.carries())),
                        tooShort.stream()
                                .filter(laid -> laid.cable().sort() == Cable.Kind.POWER)
                                .map(laid -> cut(line, laid)),
                        tooShort.stream()
                                .filter(laid -> laid.cable().sort() == Cable.Kind.DATA)
                                .map(laid -> bought(line, laid)),
                        lead ? extended(line) : Stream.<Change>empty(),
                        CarryChanges.displays(line))
                .flatMap(changes -> changes);
    }

    /** A wire that is too short is bought longer: it is cut to length. */
    private static Change cut(Line line, LaidCable laid) {
        return cut(line, line.entered().harness().segment(laid.carries()), laid.neededM());
    }

    /** The same of one that is not laid. */
    public static Change cut(Line line, Segment segment, double neededM) {
        double metres = Math.ceil(neededM * 10 - 1e-9) / 10;
        return new Change(
                "cable.cut." + segment.id() + "." + Math.round(metres * 10),
                Text.of("Cut the {} {} long", segment.name(), new Amount(metres, Unit.METRE)),
                Effort.BUY,
                line.entered().with(segment.withWire(segment.wire().withLengthM(Figure.chosen(metres)))));
    }

    /** So is a data lead, in the lengths it is sold in. */
    private static Change bought(Line line, LaidCable laid) {
        return bought(line, laid, "cable.longer." + laid.carries() + "." + Math.round(Math.ceil(laid.neededM())));
    }

    private static Change bought(Line line, LaidCable laid, String id) {
        double metres = Math.ceil(laid.neededM());
        NetworkPlan network = line.entered().network();
        return new Change(
                id,
                Text.of("Buy the {} {} long", laid.name(), new Amount(metres, Unit.METRE)),
                Effort.BUY,
                line.entered()
                        .withNetwork(network.with(
                                network.lead(laid.carries()).orElseThrow().withLengthM(Figure.chosen(metres)))));
    }

    /** Data leads of which much is left over, as long as their way. */
    public static Stream<Change> fitted(Line line) {
        NetworkPlan network = line.entered().network();
        return line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .filter(laid -> network.lead(laid.carries()).isPresent() && laid.spareM() > SPARE_LEAD_M)
                .map(laid -> bought(line, laid, "cable.fitted." + laid.carries()));
    }

    /** The hole that is still to be drilled and that stops a plug, wide enough for that. */
    public static Stream<Change> drilledWider(Line line) {
        Rig rig = line.entered();
        return line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .filter(laid -> laid.tightestM().filter(gap -> gap < 0).isPresent()
                        && laid.tightest().filter(each -> each.way().drills()).isPresent())
                .map(laid -> {
                    Passage hole = laid.tightest().orElseThrow();
                    double wide = Math.ceil((laid.plugM().orElseThrow() + PLUG_ROOM_M) * 1000) / 1000;
                    Craft craft = rig.craft();
                    List<Passage> passages = craft.passages().stream()
                            .map(each -> each.id().equals(hole.id()) ? each.withOpeningM(Figure.chosen(wide)) : each)
                            .toList();
                    return new Change(
                            "cable.drill." + hole.id() + "." + Math.round(wide * 1000),
                            Text.of(
                                    "Drill the {} {} wide: its plug passes, then a split grommet closes it",
                                    hole.name(),
                                    new Amount(wide, Unit.MILLIMETRE)),
                            Effort.DRILL,
                            rig.withCraft(craft.withPassages(passages)));
                });
    }

    /** Each extension of the catalogue on each transducer. */
    public static Stream<Change> extended(Line line) {
        return line.entered().transducers().stream()
                .flatMap(transducer -> Catalogue.extensions().stream()
                        .map(item -> extended(
                                line, transducer, item.id(), Text.of("Add a {}", item.name()), item.lengthM())));
    }

    /** Extensions that are shorter, or none: less is left over. */
    public static Stream<Change> shorter(Line line) {
        return line.entered().transducers().stream()
                .filter(transducer -> transducer.lead().extensionM().isSet()
                        && transducer.lead().extensionM().value() > 0)
                .flatMap(transducer -> Stream.concat(
                        Stream.of(extended(line, transducer, "none", Text.of("Without the extension"), 0)),
                        Catalogue.extensions().stream()
                                .filter(item -> item.lengthM()
                                        < transducer.lead().extensionM().value())
                                .map(item -> extended(
                                        line,
                                        transducer,
                                        item.id(),
                                        Text.of("A {} instead", item.name()),
                                        item.lengthM()))));
    }

    private static Change extended(Line line, Transducer transducer, String id, Text label, double metres) {
        return new Change(
                "cable.extend." + transducer.id() + "." + id,
                "cable.extend." + transducer.id(),
                line.entered().transducers().size() == 1 ? label : Text.of("{}, for the {}", label, transducer.name()),
                metres > 0 ? Effort.BUY : Effort.MOVE,
                line.entered()
                        .with(transducer.withLead(
                                transducer.lead().withExtensionM(metres > 0 ? Figure.rated(metres) : Figure.UNSET))));
    }

    /** A loop of the usual size in every cable that has a smaller one. */
    public static Stream<Change> loops(Line line) {
        Rig rig = line.entered();
        Rig after = rig;
        for (Run run : rig.runs()) {
            if (run.loopM().isSet() && run.loopM().value() < Slack.SERVICE_LOOP_M) {
                after = after.with(run.withLoopM(Figure.chosen(Slack.SERVICE_LOOP_M)));
            }
        }
        return Stream.of(new Change(
                "cable.loops",
                Text.of("Leave a service loop of {}", new Amount(Slack.SERVICE_LOOP_M, Unit.METRE)),
                Effort.SETTING,
                after));
    }

    /** All cables planned together for each aim; aims that come to the same are one plan. */
    public static Stream<Change> plans(Line line) {
        Map<Rig, List<PlanningAim>> plans = new LinkedHashMap<>();
        for (PlanningAim aim : PlanningAim.values()) {
            plans.computeIfAbsent(Planner.planned(line.entered(), aim), rig -> new ArrayList<>())
                    .add(aim);
        }
        return plans.entrySet().stream().map(plan -> plan(plan.getKey(), plan.getValue()));
    }

    private static Change plan(Rig after, List<PlanningAim> aims) {
        boolean drills = after.runs().stream()
                .flatMap(run -> run.legs().stream())
                .anyMatch(leg -> after.craft().passage(leg).orElseThrow().way().drills());
        return new Change(
                "cable.plan." + aims.get(0).id(),
                Text.of(
                        "All cables anew: {}",
                        String.join("; ", aims.stream().map(PlanningAim::words).toList())),
                drills ? Effort.DRILL : Effort.MOVE,
                after);
    }

    /** Plans of all cables, ways of each, extensions and other places for the face, to compare. */
    public static List<Change> all(Line line) {
        return Stream.of(plans(line), ways(line), MountChanges.moved(line), extended(line))
                .flatMap(changes -> changes)
                .toList();
    }
}
