package app.brightkeel.core.review.change.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.protection.Ampacity;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Fuses where there is none yet: at the battery, and in a lead of its own. */
public final class FuseFits {

    /** From the smallest that carries the load so many sizes up are tried. */
    private static final int SIZES = 3;

    /** Part of what a form breaks that a short may draw, to hold with something to spare. */
    private static final double OF_WHAT_IT_BREAKS = 0.85;

    private final Line line;
    private final Rig rig;
    private final Harness harness;

    private FuseFits(Line line) {
        this.line = line;
        rig = line.entered();
        harness = rig.harness();
    }

    /** A fuse in every wire that leaves a battery without one: in all of them at once, and in each alone. */
    public static Stream<Change> atBatteries(Line line) {
        return new FuseFits(line).bare();
    }

    /** A fuse in the lead of each device whose nearest one is larger than its maker allows. */
    public static Stream<Change> ofTheirOwn(Line line) {
        return new FuseFits(line).own();
    }

    /** Every fuse that has no rating in the smallest that carries what is behind it, and the next ones. */
    public static Stream<Change> rated(Line line) {
        FuseFits fits = new FuseFits(line);
        return IntStream.range(0, SIZES).mapToObj(fits::ratings);
    }

    private Change ratings(int step) {
        Rig after = rig;
        List<Text> told = new ArrayList<>();
        for (Segment segment : harness.segments()) {
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse && !fuse.ratingA().isSet()) {
                    double rating = larger(smallest(segment), step);
                    after = after.with(after.harness()
                            .segment(segment.id())
                            .with(fuse.withRatingA(Figure.chosen(rating)).withForm(form(segment))));
                    told.add(Text.of("{} of {}", fuse.name(), new Amount(rating, Unit.RATING)));
                }
            }
        }
        return new Change("fuse.ratings." + step, "fuse.ratings", Text.joined(told), Effort.BUY, after);
    }

    private Stream<Change> bare() {
        List<Segment> bare = harness.segments().stream()
                .filter(s -> harness.fromPack(s) && !s.fused() && !behind(s).isEmpty())
                .toList();
        Stream<Change> together = IntStream.range(0, bare.isEmpty() ? 0 : SIZES)
                .boxed()
                .flatMap(step -> {
                    Map<Segment, Double> ratings = new LinkedHashMap<>();
                    bare.forEach(segment -> ratings.put(segment, larger(smallest(segment), step)));
                    return Change.possible(() -> fitted(ratings));
                });
        Stream<Change> single = bare.size() < 2
                ? Stream.empty()
                : bare.stream().flatMap(segment -> Change.possible(() -> fitted(Map.of(segment, smallest(segment)))));
        return Stream.concat(together, single);
    }

    private Stream<Change> own() {
        List<Double> guardA =
                line.get(Protection.STAGE).map(ProtectionState::guardA).orElse(List.of());
        List<Segment> leads = IntStream.range(0, guardA.size())
                .filter(d -> {
                    Figure most = line.rig().devices().get(d).limits().maxFuseA();
                    return most.isSet() && guardA.get(d) > most.value();
                })
                .boxed()
                .flatMap(d -> harness.segments().stream()
                        .filter(s -> s.to().equals(rig.devices().get(d).id()) && !s.fused()))
                .toList();
        Map<Segment, Double> ratings = new LinkedHashMap<>();
        leads.forEach(lead -> ratings.put(lead, smallest(lead)));
        Stream<Change> together = leads.size() < 2 ? Stream.empty() : Change.possible(() -> fitted(ratings));
        return Stream.concat(
                together, leads.stream().flatMap(lead -> Change.possible(() -> fitted(Map.of(lead, smallest(lead))))));
    }

    private double nearM(Segment segment) {
        return harness.fromPack(segment) ? Place.PUT_M : 0;
    }

    /** @param ratings in the order in which they are told */
    private Change fitted(Map<Segment, Double> ratings) {
        Rig after = rig;
        List<Text> told = new ArrayList<>();
        for (Map.Entry<Segment, Double> each : ratings.entrySet()) {
            Segment segment = each.getKey();
            List<Fitting> fittings = new ArrayList<>(segment.fittings());
            fittings.add(
                    0,
                    new Fitting.Fuse(
                            FreshId.of(after, "fuse-" + segment.id()),
                            Checks.fitted("fuse of " + segment.name()),
                            Figure.chosen(each.getValue()),
                            form(segment),
                            Figure.chosen(nearM(segment)),
                            Figure.UNSET));
            after = after.with(segment.withFittings(fittings));
            told.add(Text.of("{} in {}", new Amount(each.getValue(), Unit.RATING), segment.name()));
        }
        String id = ratings.entrySet().stream()
                .map(each -> each.getKey().id() + "." + FuseChanges.slug(each.getValue()))
                .collect(Collectors.joining("."));
        String where = ratings.keySet().stream().map(Segment::id).collect(Collectors.joining("."));
        Text all = Text.joined(told);
        Text label = ratings.size() > 1
                ? Text.of("A fuse in each: {}", all)
                : Text.of(harness.fromPack(ratings.keySet().iterator().next()) ? "A main fuse, {}" : "A fuse, {}", all);
        return new Change("fuse.fit." + id, "fuse.fit." + where, label, Effort.BUY, after);
    }

    /** The smallest that carries what is behind it; where that is not known, the largest its wire and makers allow. */
    private double smallest(Segment segment) {
        List<Integer> behind = behind(segment);
        return line.get(Load.STAGE)
                .map(load -> FuseTables.smallestFor(behind.stream()
                        .mapToDouble(d -> load.mostAmps(d, lowV(d), Math.max(lowV(d), fullV(segment))))
                        .sum()))
                .orElse(largest(segment, behind));
    }

    private double largest(Segment segment, List<Integer> behind) {
        Segment filled = line.rig().harness().segment(segment.id());
        double wire = filled.wire().gauge().decided()
                ? new Ampacity(filled.wire(), line.rig().outing().airC().value()).amps()
                : Double.POSITIVE_INFINITY;
        double most = behind.stream()
                .map(d -> rig.devices().get(d).limits().maxFuseA())
                .filter(Figure::isSet)
                .mapToDouble(Figure::value)
                .min()
                .orElse(wire);
        List<Double> sizes = FuseTables.STANDARD_A.stream()
                .filter(size -> size <= Math.min(most, wire))
                .toList();
        return sizes.isEmpty() ? FuseTables.STANDARD_A.get(0) : sizes.get(sizes.size() - 1);
    }

    private static double larger(double ratingA, int steps) {
        List<Double> sizes = FuseTables.STANDARD_A;
        return sizes.get(Math.min(sizes.size() - 1, sizes.indexOf(ratingA) + steps));
    }

    private double lowV(int device) {
        return line.rig().devices().get(device).limits().minV().value();
    }

    /** Places of the devices that a wire leads to. */
    private List<Integer> behind(Segment segment) {
        List<Integer> all = new ArrayList<>();
        List<Device> devices = rig.devices();
        for (int d = 0; d < devices.size(); d++) {
            if (devices.get(d).id().equals(segment.to())) {
                all.add(d);
            }
        }
        harness.segments().stream().filter(s -> s.from().equals(segment.to())).forEach(s -> all.addAll(behind(s)));
        return all;
    }

    /** The first form that breaks what the battery gives into a short, at its volts. */
    private Fitting.Form form(Segment segment) {
        double shortA = source(segment).map(string -> string.fullShortA(0)).orElse(0.0);
        return Stream.of(Fitting.Form.values())
                .filter(form -> form.breakingA() * OF_WHAT_IT_BREAKS >= shortA && form.breakingV() >= fullV(segment))
                .findFirst()
                .orElse(Fitting.Form.TERMINAL_CUBE);
    }

    private double fullV(Segment segment) {
        return source(segment)
                .map(string -> string.sum(pack -> pack.restVolts(1)))
                .orElse(0.0);
    }

    private Optional<PackString> source(Segment segment) {
        return line.get(Packs.STAGE)
                .map(bank -> Stream.concat(bank.sources().stream(), bank.instead().stream())
                        .filter(string -> string.members().stream()
                                .anyMatch(member -> member.id().equals(segment.from())))
                        .findFirst())
                .orElse(Optional.empty());
    }
}
