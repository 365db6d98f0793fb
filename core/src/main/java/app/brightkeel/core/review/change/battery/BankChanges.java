package app.brightkeel.core.review.change.battery;

import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Changes of how several packs stand together. */
public final class BankChanges {

    /** Packs of a bank that somebody still carries; common practice, no source. */
    private static final int MOST_JOINED = 4;

    /** Packs to change between that somebody still carries; common practice, no source. */
    private static final int MOST_CHANGED = 3;

    private BankChanges() {}

    /** Packs in series all like the one under them. */
    public static Stream<Change> matchSeries(Line line) {
        Harness harness = line.entered().harness();
        return harness.packs().stream()
                .filter(upper -> !upper.onTopOf().isEmpty())
                .map(upper -> {
                    Pack lower = harness.pack(upper.onTopOf());
                    Pack alike = lower.with(other -> other.id(upper.id()).onTopOf(upper.onTopOf()));
                    return new Change(
                            "battery.series-alike." + upper.id(),
                            Text.of("In place of {} one like {}", upper.name(), lower.name()),
                            Effort.BUY,
                            line.entered().with(alike));
                });
    }

    /** What stands in series carried as a spare instead: changed over when the first has ended. */
    public static Stream<Change> spares(Line line) {
        return line.entered().harness().packs().stream()
                .filter(upper -> !upper.onTopOf().isEmpty())
                .map(upper -> new Change(
                        "battery.spare-instead." + upper.id(),
                        Text.of("{} as a spare to change to, not in series", upper.name()),
                        Effort.MOVE,
                        line.entered()
                                .with(upper.with(alone -> alone.onTopOf("").role(PackRole.SPARE)))));
    }

    /** Every catalogue pack in place of each that is joined. */
    public static Stream<Change> others(Line line) {
        return BatteryChanges.take(line);
    }

    /** A lead of its own for each alternative source that has none: like that of the one in use. */
    public static Stream<Change> leads(Line line) {
        Rig rig = line.entered();
        Harness harness = rig.harness();
        List<List<Pack>> banks = Banks.inUse(rig);
        return harness.packs().stream()
                .filter(pack ->
                        pack.role() == PackRole.INSTEAD && pack.onTopOf().isEmpty() && !leads(harness, pack))
                .flatMap(pack -> banks.stream()
                        .filter(bank -> leads(harness, bank.get(0)))
                        .flatMap(bank -> Change.possible(() -> lead(rig, pack, bank.get(0)))));
    }

    /** Whether a wire leaves from a pack. */
    public static boolean leads(Harness harness, Pack pack) {
        return harness.segments().stream().anyMatch(s -> s.from().equals(pack.id()));
    }

    private static Change lead(Rig rig, Pack pack, Pack like) {
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        Rig after = rig;
        for (Segment segment : rig.harness().segments()) {
            if (segment.from().equals(like.id())) {
                String id = FreshId.of(after, segment.id() + "-" + pack.id());
                List<Fitting> fuses = fusesOf(after, segment, id);
                segments.add(segment.with(s -> s.id(id)
                        .name(Checks.fitted(segment.name() + " of " + pack.name()))
                        .from(pack.id())
                        .fittings(fuses)));
                after = rig.withHarness(rig.harness().withSegments(List.copyOf(segments)));
            }
        }
        return new Change(
                "battery.lead." + pack.id() + "." + like.id(),
                Text.of("A fused lead of its own from {}, like that of {}", pack.name(), like.name()),
                Effort.BUY,
                after);
    }

    private static List<Fitting> fusesOf(Rig rig, Segment like, String id) {
        List<Fitting> all = new ArrayList<>();
        for (Fitting fitting : like.fittings()) {
            if (fitting instanceof Fitting.Fuse fuse) {
                String own = FreshId.of(rig, "fuse-" + all.size() + "-" + id);
                all.add(fuse.with(copy -> copy.id(own)));
            }
        }
        return all;
    }

    /** Every pack full before they are joined. */
    public static Stream<Change> chargedAlike(Line line) {
        List<Pack> full = line.entered().harness().packs().stream()
                .map(pack -> pack.withCharge(Figure.chosen(1)))
                .toList();
        Change charged = new Change(
                "battery.charge-all",
                Text.of("Charge every battery full before they are joined"),
                Effort.SETTING,
                line.entered().withHarness(line.entered().harness().withPacks(full)));
        return Stream.concat(Stream.of(charged), BatteryChanges.match(line));
    }

    /** One more beside those that are joined, on a fused lead like that of the first. */
    public static Stream<Change> third(Line line) {
        Rig rig = line.entered();
        return Banks.inUse(rig).stream()
                .filter(bank -> bank.size() > 1
                        && bank.size() < MOST_JOINED
                        && bank.stream().allMatch(pack -> pack.onTopOf().isEmpty())
                        && leads(rig.harness(), bank.get(0)))
                .flatMap(bank -> {
                    Pack first = bank.get(0);
                    String id = FreshId.of(rig, first.id() + "-more");
                    List<Pack> more = new ArrayList<>(rig.harness().packs());
                    more.add(first.with(pack -> pack.id(id).name(Checks.fitted("one more: " + first.name()))));
                    return Change.possible(() -> {
                        Rig with = beside(rig.withHarness(rig.harness().withPacks(more)), first, id);
                        Rig after = lead(with, with.harness().pack(id), first).after();
                        return new Change(
                                "battery.third." + first.id(),
                                Text.of("One more {} beside them, on its own fused lead", first.name()),
                                Effort.BUY,
                                after);
                    });
                });
    }

    /** One more like the only one in use, carried along and changed to when the first has ended. */
    public static Stream<Change> second(Line line) {
        Rig rig = line.entered();
        List<List<Pack>> banks = Banks.inUse(rig);
        long spares = rig.harness().packs().stream()
                .filter(pack -> pack.role() == PackRole.SPARE)
                .count();
        if (banks.size() != 1 || banks.get(0).size() != 1 || spares + 1 >= MOST_CHANGED) {
            return Stream.empty();
        }
        Pack first = banks.get(0).get(0);
        String id = FreshId.of(rig, first.id() + "-spare");
        List<Pack> both = new ArrayList<>(rig.harness().packs());
        both.add(first.with(spare ->
                spare.id(id).name(Checks.fitted("spare: " + first.name())).role(PackRole.SPARE)));
        return Change.possible(() -> new Change(
                "battery.second." + first.id(),
                Text.of("Another {}: change to it when the one before is empty", first.name()),
                Effort.BUY,
                beside(rig.withHarness(rig.harness().withPacks(both)), first, id)));
    }

    private static Rig beside(Rig rig, Pack first, String second) {
        return rig.placeOf(first.id())
                .map(place -> rig.with(new Placement(second, place.station(), true)))
                .orElse(rig);
    }
}
