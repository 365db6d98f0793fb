package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Run;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.screen.ScreenChanges;
import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Changes of batteries. */
final class BatteryChanges {

    /** What a pack in a lined box or inside the clothing keeps [°C]; common practice, no source. */
    private static final double KEPT_WARM_C = 5;

    /** Lithium packs that are tried; of lead, the smallest: each try is a whole simulation. */
    private static final int FEW = 2;

    private BatteryChanges() {}

    /** What may make it last: dim, use it deeper, take a larger one; each chemistry's smallest first. */
    static List<Change> longer(Line line) {
        List<Change> all = new ArrayList<>();
        for (double brightness : new double[] {0.7, 0.4}) {
            if (mayReach(line, brightness)) {
                all.add(ScreenChanges.dim(line, brightness));
            }
        }
        all.addAll(deeper(line));
        if (line.rig().harness().packs().size() == 1) {
            Pack old = line.entered().harness().packs().get(0);
            line.entered().onHand().forEach(item -> all.add(owned(line, old, item)));
            all.addAll(likely(line));
            BankChanges.second(line).forEach(all::add);
        }
        return all;
    }

    /** Whether dimming could be enough at all: hours grow no faster than half again what the watts fall by. */
    private static boolean mayReach(Line line, double brightness) {
        if (line.rig().devices().stream().noneMatch(d -> d.kind().dimmable())) {
            return false;
        }
        Outcome<DayLoad> dimmed =
                line.with(ScreenChanges.dim(line, brightness).after()).get(Load.STAGE);
        Outcome<Run> now = line.get(Runtime.STAGE);
        if (!dimmed.isKnown() || !now.isKnown()) {
            return false;
        }
        DayLoad load = line.get(Load.STAGE).value();
        double gain = load.meanW() / dimmed.value().meanW();
        return now.value().hours() * (1 + 1.5 * (gain - 1)) >= load.hours();
    }

    /** A lead pack kept for a long life, used to its depth for once in a while. */
    private static List<Change> deeper(Line line) {
        List<Change> all = new ArrayList<>();
        for (Pack pack : line.entered().harness().packs()) {
            double once = pack.chemistry() == Chemistry.UNDECIDED
                    ? 0
                    : pack.chemistry().data().depth();
            if (pack.chemistry().lead() && pack.depth() instanceof Figure.Given given && given.value() < once) {
                all.add(depth(line, pack, once));
            }
        }
        return all;
    }

    static Change depth(Line line, Pack pack, double depth) {
        return new Change(
                "battery.depth." + pack.id() + "." + Math.round(depth * 100),
                Text.of("Use {} to {}, once in a while", pack.name(), new Amount(depth, Unit.PERCENT)),
                Effort.SETTING,
                line.entered().with(pack.withDepth(Figure.chosen(depth))));
    }

    /** The few smallest of each chemistry that a division says might do: the simulation then decides. */
    private static List<Change> likely(Line line) {
        Pack old = line.entered().harness().packs().get(0);
        double wantedAh = wantedAh(line);
        List<Change> all = new ArrayList<>();
        for (Chemistry chemistry : List.of(Chemistry.LIFEPO4, Chemistry.AGM)) {
            Catalogue.packs().stream()
                    .filter(p -> p.chemistry() == chemistry && usableAh(line, old, p) > wantedAh)
                    .sorted(Comparator.comparingDouble(p -> p.capacityAh().value()))
                    .limit(chemistry.lithium() ? FEW : 1)
                    .forEach(p -> all.add(take(line, old, p)));
        }
        return all;
    }

    private static double wantedAh(Line line) {
        return line.get(Load.STAGE)
                .map(load -> load.meanW() * load.hours() / 12.8)
                .orElse(0.0);
    }

    private static double usableAh(Line line, Pack old, Pack item) {
        Pack placed = Catalogue.inPlaceOf(old, item);
        PackModel model = Packs.model(
                Assumptions.filled(placed, line.rig().outing().airC().value()));
        return model.availableAh() * model.depth();
    }

    /** What is on hand and every catalogue pack in place of the first, and a second one beside it. */
    static List<Change> candidates(Line line) {
        if (line.entered().harness().packs().isEmpty()) {
            return List.of();
        }
        Pack old = line.entered().harness().packs().get(0);
        Stream<Change> owned = line.entered().onHand().stream().map(item -> owned(line, old, item));
        return Stream.of(owned, take(line).stream(), BankChanges.second(line))
                .flatMap(each -> each)
                .toList();
    }

    /** Larger ones in the place of each alternative source. */
    static Stream<Change> largerInstead(Line line) {
        return line.entered().harness().packs().stream()
                .filter(pack ->
                        pack.role() == PackRole.INSTEAD && pack.capacityAh().isSet())
                .flatMap(pack -> Catalogue.packs().stream()
                        .filter(item -> item.chemistry() == pack.chemistry()
                                && item.capacityAh().value() > pack.capacityAh().value())
                        .map(item -> take(line, pack, item)));
    }

    /** Every catalogue pack in place of the first. */
    static List<Change> take(Line line) {
        if (line.entered().harness().packs().isEmpty()) {
            return List.of();
        }
        Pack old = line.entered().harness().packs().get(0);
        return Catalogue.packs().stream().map(p -> take(line, old, p)).toList();
    }

    private static Change take(Line line, Pack old, Pack item) {
        return new Change(
                "battery.take." + old.id() + "." + item.id(),
                Text.of("{}, {}", item.name(), new Amount(item.massKg().value(), Unit.KILOGRAM)),
                Effort.BUY,
                ChargerChanges.with(line.entered(), Catalogue.inPlaceOf(old, item)));
    }

    /** One the person has already: the two change places. */
    private static Change owned(Line line, Pack old, Pack item) {
        Rig rig = line.entered();
        List<Pack> others = rig.onHand().stream()
                .map(pack -> pack.id().equals(item.id()) ? old.withId(item.id()).withRole(PackRole.IN_USE) : pack)
                .toList();
        return new Change(
                "battery.on-hand." + old.id() + "." + item.id(),
                Text.of("{}, on hand", item.name()),
                Effort.MOVE,
                ChargerChanges.with(rig, Catalogue.inPlaceOf(old, item).withOrigin(item.origin()))
                        .withOnHand(others));
    }

    /** Packs in the air's cold, kept warm instead. */
    static List<Change> warm(Line line) {
        return line.entered().harness().packs().stream()
                .map(pack -> new Change(
                        "battery.warm." + pack.id(),
                        Text.of(
                                "Keep {} warm, at {}, in a lined box",
                                pack.name(),
                                new Amount(KEPT_WARM_C, Unit.CELSIUS)),
                        Effort.MOVE,
                        line.entered().with(pack.withTempC(Figure.chosen(KEPT_WARM_C)))))
                .toList();
    }

    /** The capacity that a pack of this mass and chemistry usually has. */
    static List<Change> plausible(Line line) {
        List<Change> all = new ArrayList<>();
        for (Pack pack : line.entered().harness().packs()) {
            if (pack.massKg().isSet() && pack.chemistry() != Chemistry.UNDECIDED) {
                Chemistry.Data data = pack.chemistry().data();
                double ah = Math.max(
                        0.1,
                        Math.min(
                                1000,
                                pack.massKg().value() * data.whPerKg().middle() / data.nominalV() / pack.blocks()));
                double whole = ah > 2 ? Math.rint(ah) : ah;
                all.add(new Change(
                        "battery.plan-with." + pack.id() + "."
                                + String.format(Locale.ROOT, "%.1f", whole).replace('.', '-'),
                        Text.of("Plan {} with {}", pack.name(), new Amount(whole, Unit.AMPERE_HOUR)),
                        Effort.SETTING,
                        line.entered().with(pack.withCapacityAh(Figure.chosen(whole)))));
            }
        }
        return all;
    }

    /** All packs like the first. */
    static List<Change> match(Line line) {
        List<Pack> packs = line.entered().harness().packs();
        Pack first = packs.get(0);
        List<Pack> alike = packs.stream()
                .map(p -> first.with(other -> other.id(p.id()).role(p.role()).onTopOf(p.onTopOf())))
                .toList();
        return List.of(new Change(
                "battery.match." + first.id(),
                Text.of("All packs like {}", first.name()),
                Effort.BUY,
                line.entered().withHarness(line.entered().harness().withPacks(alike))));
    }
}
