package app.brightkeel.core.review.change.battery;

import app.brightkeel.core.battery.Circuits;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackMass;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Changes of batteries. */
public final class BatteryChanges {

    /** What a pack in a lined box or inside the clothing keeps [°C]; common practice, no source. */
    private static final double KEPT_WARM_C = 5;

    private BatteryChanges() {}

    /** What may make it last: charge, dim, use it deeper, take a larger one; each chemistry's smallest first. */
    public static Stream<Change> longer(Line line) {
        Rig rig = line.entered();
        List<Change> all = new ArrayList<>(charged(line));
        for (double brightness : new double[] {0.7, 0.4}) {
            if (mayReach(line, brightness)) {
                all.add(ScreenChanges.dim(line, brightness));
            }
        }
        all.addAll(deeper(line));
        owned(line).forEach(all::add);
        List<List<Pack>> banks = Banks.inUse(rig);
        return Stream.of(all.stream(), banks.stream().flatMap(bank -> likely(line, bank)), BankChanges.second(line))
                .flatMap(each -> each);
    }

    /** What is on hand in place of each battery in use that is joined to none. */
    public static Stream<Change> owned(Line line) {
        return Banks.inUse(line.entered()).stream()
                .filter(bank -> bank.size() == 1)
                .flatMap(bank -> owned(line, bank));
    }

    private static Stream<Change> owned(Line line, List<Pack> bank) {
        return line.entered().onHand().stream()
                .filter(item -> mayReplace(bank, item))
                .map(item -> owned(line, bank.get(0), item));
    }

    /** Each pack that does not start the day full. */
    public static List<Change> charged(Line line) {
        return line.entered().harness().packs().stream()
                .filter(pack -> pack.chemistry().rechargeable()
                        && pack.charge().isSet()
                        && pack.charge().value() < 1)
                .map(pack -> new Change(
                        "battery.charge." + pack.id(),
                        Text.of("Charge {} full before the day", pack.name()),
                        Effort.SETTING,
                        line.entered().with(pack.withCharge(Figure.chosen(1)))))
                .toList();
    }

    /** Whether dimming could be enough at all: hours grow no faster than half again what the watts fall by. */
    private static boolean mayReach(Line line, double brightness) {
        if (line.rig().devices().stream().noneMatch(d -> d.kind().dimmable())) {
            return false;
        }
        Outcome<DayLoad> dimmed =
                line.with(ScreenChanges.dim(line, brightness).after()).get(Load.STAGE);
        Outcome<DayRun> now = line.get(Runtime.STAGE);
        if (!dimmed.isKnown() || !now.isKnown()) {
            return false;
        }
        DayLoad load = line.get(Load.STAGE).value();
        double gain = load.meanW() / dimmed.value().meanW();
        return now.value().hours() * (1 + 1.5 * (gain - 1)) >= load.hours();
    }

    /** A lead pack kept for a long life, used to its depth for once in a while. */
    public static List<Change> deeper(Line line) {
        List<Change> all = new ArrayList<>();
        for (Pack pack : line.entered().harness().packs()) {
            double once = pack.chemistry() == Chemistry.UNDECIDED
                    ? 0
                    : pack.chemistry().data().depth();
            if (pack.chemistry().lead()
                    && !pack.cranking().engine()
                    && pack.depth() instanceof Figure.Given given
                    && given.value() < once) {
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

    /** Of each chemistry those that a division says might do, smallest first: the simulation then decides. */
    private static Stream<Change> likely(Line line, List<Pack> bank) {
        Chemistry now = bank.get(0).chemistry();
        double wantedWh = wantedWh(line, bank);
        return Stream.concat(Stream.of(Chemistry.LIFEPO4, Chemistry.AGM), Stream.of(now))
                .distinct()
                .flatMap(chemistry -> Catalogue.packs().stream()
                        .filter(item -> item.chemistry() == chemistry
                                && mayReplace(bank, item)
                                && usableWh(line, bank, item) > wantedWh)
                        .sorted(Comparator.comparingDouble(
                                item -> item.capacityAh().value())))
                .map(item -> take(line, bank, item));
    }

    /** Lithium is never offered for what starts an engine. */
    private static boolean mayReplace(List<Pack> bank, Pack item) {
        return item.chemistry().lead()
                || bank.stream().noneMatch(pack -> pack.cranking().engine());
    }

    /** What hangs on a bank draws so much in a day; its share of everything where that is not known yet. */
    private static double wantedWh(Line line, List<Pack> bank) {
        double all = line.get(Load.STAGE).map(BatteryChanges::dayWh).orElse(0.0);
        return line.get(Circuits.STAGE)
                .map(order -> order.circuits().stream()
                        .filter(circuit -> circuit.gives(bank.get(0)))
                        .mapToDouble(circuit -> dayWh(circuit.load()))
                        .sum())
                .orElse(all);
    }

    private static double dayWh(DayLoad load) {
        return load.meanW() * load.hours();
    }

    /** As worn as the one it replaces: what is too small at that is no cure for long. */
    private static double usableWh(Line line, List<Pack> bank, Pack item) {
        double all = 0;
        for (Pack old : bank) {
            Pack placed = Catalogue.inPlaceOf(old, Catalogue.asBlocks(item, old.blocks()));
            PackModel model = Packs.model(
                    Assumptions.filled(placed, line.rig().outing().airC().value()));
            double worn = old.age().isSet() ? Math.min(1, old.age().value()) : 1;
            all += model.availableAh()
                    * model.depth()
                    * worn
                    * placed.chemistry().data().nominalV()
                    * old.blocks();
        }
        return all;
    }

    /** What is on hand and every catalogue pack in place of those that end first, and a second one beside them. */
    public static List<Change> candidates(Line line) {
        List<List<Pack>> banks = Banks.inUse(line.entered());
        if (banks.isEmpty()) {
            return first(line).toList();
        }
        List<Pack> bank = banks.stream()
                .filter(each -> line.get(Circuits.STAGE)
                        .map(order -> order.circuits().get(0).gives(each.get(0)))
                        .orElse(true))
                .findFirst()
                .orElse(banks.get(0));
        Stream<Change> owned = bank.size() > 1 ? Stream.empty() : owned(line, bank);
        return Stream.of(
                        owned,
                        unlike(bank) ? match(line) : Stream.<Change>empty(),
                        take(line, bank),
                        BankChanges.second(line),
                        BankChanges.third(line))
                .flatMap(each -> each)
                .toList();
    }

    /** What is on hand and every catalogue pack as the first battery of a rig that has none in use. */
    public static Stream<Change> first(Line line) {
        Rig rig = line.entered();
        if (!Banks.inUse(rig).isEmpty()) {
            return Stream.empty();
        }
        Stream<Change> owned = rig.onHand().stream()
                .map(item -> first(
                        rig.withOnHand(rig.onHand().stream()
                                .filter(each -> each != item)
                                .toList()),
                        item,
                        Text.of("{}, on hand", item.name()),
                        Effort.MOVE));
        return Stream.concat(
                owned,
                Catalogue.packs().stream()
                        .map(item -> first(
                                rig,
                                item.withOrigin(item.id()),
                                Text.of(
                                        "{}, {}",
                                        item.name(),
                                        new Amount(item.massKg().value(), Unit.KILOGRAM)),
                                Effort.BUY)));
    }

    private static Change first(Rig rig, Pack item, Text label, Effort effort) {
        List<Pack> all = new ArrayList<>(rig.harness().packs());
        Pack first = item.with(
                pack -> pack.id(FreshId.of(rig, "pack")).role(PackRole.IN_USE).onTopOf(""));
        all.add(first);
        Rig after = rig.withHarness(rig.harness().withPacks(all));
        Purchase own = new Purchase(first.id(), "", first.origin(), Having.OWNED, Figure.UNSET, "", item.id());
        return new Change(
                "battery.first." + item.id(),
                label,
                effort,
                isPiece(item) ? after.withPurse(after.purse().with(own)) : after);
    }

    private static boolean unlike(List<Pack> bank) {
        return bank.stream()
                        .map(pack -> List.of(pack.chemistry(), pack.capacityAh()))
                        .distinct()
                        .count()
                > 1;
    }

    /** Larger ones in the place of each alternative source, of its own chemistry first. */
    public static Stream<Change> largerInstead(Line line) {
        return Banks.all(line.entered()).stream()
                .filter(bank -> bank.get(0).role() == PackRole.INSTEAD
                        && bank.get(0).capacityAh().isSet())
                .flatMap(bank -> largerInstead(line, bank));
    }

    private static Stream<Change> largerInstead(Line line, List<Pack> bank) {
        Pack pack = bank.get(0);
        return Catalogue.packs().stream()
                .filter(item -> mayReplace(bank, item))
                .filter(item -> item.chemistry() != pack.chemistry()
                        || item.capacityAh().value() > pack.capacityAh().value())
                .sorted(Comparator.comparing(item -> item.chemistry() != pack.chemistry()))
                .map(item -> take(line, bank, item));
    }

    /** Every catalogue pack in place of each bank. */
    public static Stream<Change> take(Line line) {
        return Banks.all(line.entered()).stream().flatMap(bank -> take(line, bank));
    }

    /** One of the catalogue in place of a bank, which is known by its first pack, or of an alternative to it. */
    public static Optional<Change> take(Line line, String first, String item) {
        List<Pack> packs = line.entered().harness().packs();
        return Stream.concat(Banks.all(line.entered()).stream(), packs.stream().map(List::of))
                .filter(bank -> bank.get(0).id().equals(first))
                .limit(1)
                .flatMap(bank -> Catalogue.packs().stream()
                        .filter(each -> each.id().equals(item) && mayReplace(bank, each))
                        .map(each -> take(line, bank, each)))
                .findFirst();
    }

    private static Stream<Change> take(Line line, List<Pack> bank) {
        return Catalogue.packs().stream()
                .filter(item -> mayReplace(bank, item) && !theVery(bank, item))
                .map(item -> take(line, bank, item));
    }

    /**
     * Whether an item is what is planned under another name: as large, of one sort, as new, and nothing known of it that says
     * otherwise. What has its name from the catalogue stands there once already.
     */
    private static boolean theVery(List<Pack> bank, Pack item) {
        return bank.stream().allMatch(old -> {
            Pack like = Catalogue.asBlocks(item, old.blocks());
            return !old.origin().equals(item.id())
                    && old.chemistry() == like.chemistry()
                    && old.capacityAh().isSet()
                    && old.capacityAh().value() == like.capacityAh().value()
                    && agrees(old.age(), Figure.rated(1))
                    && agrees(old.massKg(), like.massKg())
                    && agrees(old.maxDischargeA(), like.maxDischargeA())
                    && agrees(old.size().deepM(), like.size().deepM())
                    && agrees(old.size().wideM(), like.size().wideM())
                    && agrees(old.size().tallM(), like.size().tallM())
                    && !old.test().afterV().isSet()
                    && !old.label().secondHand();
        });
    }

    private static boolean agrees(Figure known, Figure other) {
        return !known.isSet() || other.isSet() && known.value() == other.value();
    }

    /** The same in the place of every pack of a bank: what is joined is alike. */
    private static Change take(Line line, List<Pack> bank, Pack item) {
        Rig after = line.entered();
        double kg = 0;
        for (Pack old : bank) {
            Pack placed = Catalogue.inPlaceOf(old, Catalogue.asBlocks(item, old.blocks()));
            after = ChargerChanges.with(after, placed);
            after = after.withPurse(after.purse().without(old.id(), ""));
            kg += placed.massKg().value();
        }
        Pack first = Catalogue.asBlocks(item, bank.get(0).blocks());
        Text one = Text.of("{}, {}", first.name(), new Amount(kg, Unit.KILOGRAM));
        Text all = bank.size() == 1 ? one : Text.of("{} times {}", bank.size(), one);
        Text label = NewForWorn.told(bank.get(0), first, all);
        String ladder = "battery.take." + bank.get(0).id();
        return new Change(
                ladder + "." + item.id(),
                ladder + "." + item.chemistry(),
                ChargerChanges.told(line.entered(), after, label),
                Effort.BUY,
                after);
    }

    /** One the person has already: the two change places; a piece of the garage stays that piece. */
    private static Change owned(Line line, Pack old, Pack item) {
        Rig rig = line.entered();
        String was = pieceOf(rig, old).orElseGet(() -> isPiece(item) ? FreshId.of(rig, "own-" + old.id()) : item.id());
        List<Pack> others = rig.onHand().stream()
                .map(pack -> pack.id().equals(item.id()) ? old.withId(was).withRole(PackRole.IN_USE) : pack)
                .toList();
        Pack placed = Catalogue.inPlaceOf(old, item).withOrigin(item.origin());
        Purchase own = new Purchase(
                old.id(), "", placed.origin(), Having.OWNED, Figure.UNSET, "", isPiece(item) ? item.id() : "");
        Rig after = ChargerChanges.with(rig, placed)
                .withOnHand(others)
                .withPurse(rig.purse().with(own));
        return new Change(
                "battery.on-hand." + old.id() + "." + item.id(),
                ChargerChanges.told(rig, after, Text.of("{}, on hand", item.name())),
                Effort.MOVE,
                after);
    }

    private static boolean isPiece(Pack pack) {
        return pack.id().startsWith(Purchase.ITEM);
    }

    private static Optional<String> pieceOf(Rig rig, Pack pack) {
        return rig.purse().of(pack.id(), "", pack.origin()).map(Purchase::item).filter(item -> !item.isEmpty());
    }

    /** Packs in the air's cold, kept warm instead. */
    public static List<Change> warm(Line line) {
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

    /** The mass left open until it is weighed bare: a case, lugs and leads weigh too, and a capacity is on the label. */
    public static Stream<Change> weighed(Line line) {
        return line.entered().harness().packs().stream()
                .filter(pack -> pack.massKg().isSet() && !PackMass.plausible(pack))
                .map(pack -> new Change(
                        "battery.weigh." + pack.id(),
                        Text.of("Plan {} with the usual mass until it is weighed by itself", pack.name()),
                        Effort.SETTING,
                        line.entered().with(pack.withMassKg(Figure.UNSET))));
    }

    /** All packs that are joined like the first of them, or like the largest. */
    public static Stream<Change> match(Line line) {
        return Banks.inUse(line.entered()).stream()
                .filter(bank -> bank.size() > 1)
                .flatMap(bank -> Stream.of(
                                bank.get(0),
                                bank.stream()
                                        .max(Comparator.comparingDouble(BatteryChanges::ratedAh))
                                        .orElseThrow())
                        .distinct()
                        .map(like -> alike(line, bank, like)));
    }

    private static double ratedAh(Pack pack) {
        return pack.capacityAh().isSet() ? pack.capacityAh().value() : 0;
    }

    private static Change alike(Line line, List<Pack> bank, Pack like) {
        Rig after = line.entered();
        for (Pack pack : bank) {
            after = ChargerChanges.with(
                    after,
                    like.with(other -> other.id(pack.id()).role(pack.role()).onTopOf(pack.onTopOf())));
        }
        return new Change(
                "battery.match." + like.id(),
                ChargerChanges.told(line.entered(), after, Text.of("All packs like {}", like.name())),
                Effort.BUY,
                after);
    }
}
