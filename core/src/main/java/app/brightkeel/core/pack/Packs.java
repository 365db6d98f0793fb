package app.brightkeel.core.pack;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.LoadTest;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Series;
import app.brightkeel.core.rig.Spread;
import java.util.ArrayList;
import java.util.List;

/** The packs of a rig as models, in the rig's order. */
public final class Packs implements Stage<Packs.Needs, Packs.Bank> {

    public static final Packs STAGE = new Packs();

    private Packs() {}

    /** @param packs filled, each with capacity and chemistry */
    public record Needs(List<Pack> packs) {}

    /**
     * The packs by what they are there for.
     *
     * @param models  of all, in the rig's order
     * @param sources in use, at least one
     * @param instead alternatives, each on its own
     * @param spares  to change to, one after the other
     */
    public record Bank(
            List<PackModel> models, List<PackString> sources, List<PackString> instead, List<PackString> spares) {

        /** The pack the first wire leaves from. */
        public PackModel first() {
            return sources.get(0).members().get(0);
        }

        public PackModel model(String id) {
            return models.stream().filter(m -> m.id().equals(id)).findFirst().orElseThrow();
        }
    }

    @Override
    public String name() {
        return "packs";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        List<Pack> packs = line.rig().harness().packs();
        List<String> missing = new ArrayList<>();
        if (line.rig().harness().sources().isEmpty()) {
            missing.add("/harness/packs");
        }
        for (int i = 0; i < packs.size(); i++) {
            if (packs.get(i).chemistry() == Chemistry.UNDECIDED) {
                missing.add(Pointer.pack(i, "chemistry"));
            }
            if (!packs.get(i).capacityAh().isSet()) {
                missing.add(Pointer.pack(i, "capacityAh"));
            }
        }
        return Outcome.unless(missing, () -> new Needs(packs));
    }

    @Override
    public Bank compute(Needs needs) {
        List<PackModel> models = needs.packs().stream().map(Packs::model).toList();
        return new Bank(
                models,
                strings(needs.packs(), models, PackRole.IN_USE),
                strings(needs.packs(), models, PackRole.INSTEAD),
                strings(needs.packs(), models, PackRole.SPARE));
    }

    private static List<PackString> strings(List<Pack> packs, List<PackModel> models, PackRole role) {
        return Series.of(packs, role).stream()
                .map(places -> new PackString(places.stream().map(models::get).toList()))
                .toList();
    }

    /**
     * Share of its rating that a filled pack still has, with what it may be off by: as the person says, else by its load
     * test.
     */
    public static Age age(Pack pack) {
        if (pack.age().isSet()) {
            double spread = pack.age().basis() == Figure.Basis.ASSUMED ? 0 : Spread.of(pack.age(), 0);
            return new Age(pack.age().value(), spread);
        }
        Health health = Health.of(pack);
        return new Age(health.share(), health.spread());
    }

    /** @param spread relative half width */
    public record Age(double share, double spread) {}

    /** Capacity on the day against what its figure holds for: a measured one may carry its own temperature. */
    private static double coldFactor(Pack pack) {
        Chemistry.Data data = pack.chemistry().data();
        double day = data.capacityAt(pack.tempC().value());
        Figure tested = pack.label().testedAtC();
        return tested.isSet() ? day / data.capacityAt(tested.value()) : day;
    }

    /** One filled pack as a model. */
    public static PackModel model(Pack pack) {
        Chemistry.Data data = pack.chemistry().data();
        double celsius = pack.tempC().value();
        return new PackModel(
                pack.id(),
                pack.chemistry(),
                pack.blocks(),
                pack.capacityAh().value(),
                pack.ratedHours().value(),
                pack.peukert().value(),
                age(pack).share(),
                coldFactor(pack),
                pack.depth().value(),
                pack.cellsOhm().value(),
                data.resistanceAt(celsius),
                pack.electronicsOhm().value(),
                pack.charge().value());
    }

    @Override
    public Working working(Line line) {
        Outcome<Bank> bank = line.get(this);
        if (!bank.isKnown()) {
            return Working.missing("What the pack can give", bank.missing());
        }
        List<Pack> packs = line.rig().harness().packs();
        Working.Builder all = Working.of(
                "What the packs can give",
                "",
                Source.derived("each by itself; what is joined adds up under the hours"));
        if (packs.size() == 1) {
            return working(line, 0);
        }
        for (int i = 0; i < packs.size(); i++) {
            double ah = bank.value().models().get(i).availableAh();
            all.opened("C" + (i + 1), packs.get(i).name(), ah, Unit.AMPERE_HOUR, working(line, i))
                    .remark("{}", packs.get(i).role().words());
        }
        return all.done();
    }

    /** The working of one pack. */
    public static Working working(Line line, int index) {
        Pack pack = line.rig().harness().packs().get(index);
        PackModel model = line.get(STAGE).value().models().get(index);
        Chemistry.Data data = pack.chemistry().data();
        Source cold = pack.chemistry().lead()
                ? Source.published("IEEE Std 485, table 1: vented cells, an approximation for AGM")
                : Source.fromMemory("cold factors of lithium packs");
        Working.Builder all = Working.of(Text.of("{} on the day", pack.name()), "C = C rated × age × cold", cold)
                .remark("{}, {} block(s) of 12 V in series", pack.chemistry().words(), pack.blocks());
        if (line.entered().harness().packs().get(index).capacityAh().isSet()) {
            all.figure(
                    "C rated", "capacity on the label", pack.capacityAh(), Unit.AMPERE_HOUR, at(index, "capacityAh"));
        } else {
            all.figure(
                            "RC",
                            "reserve capacity at 25 A",
                            pack.label().reserveMin(),
                            Unit.MINUTE,
                            at(index, "label/reserveMin"))
                    .step("C rated", "500·(RC/1200)^(1/k)", model.ratedAh(), Unit.AMPERE_HOUR);
        }
        all.figure("H", "rated over", pack.ratedHours(), Unit.RATED_HOUR, at(index, "ratedHours"));
        if (pack.age().isSet()) {
            all.figure("age", "share left of it", pack.age(), Unit.FACTOR, at(index, "age"));
        } else {
            all.opened("age", "share left of it, by the test", model.ageFactor(), Unit.FACTOR, tested(pack, index));
        }
        all.figure("T", "temperature of the pack", pack.tempC(), Unit.CELSIUS, at(index, "tempC"));
        if (pack.label().testedAtC().isSet()) {
            all.figure(
                    "T test",
                    "temperature its capacity was measured at",
                    pack.label().testedAtC(),
                    Unit.CELSIUS,
                    at(index, "label/testedAtC"));
        }
        all.step("cold", "capacity at that temperature", model.coldFactor(), Unit.FACTOR);
        if (!data.tabulated(pack.tempC().value())) {
            all.remark("the table ends above this temperature: continued in a straight line");
        }
        return all.figure("k", "Peukert exponent", pack.peukert(), Unit.FACTOR, at(index, "peukert"))
                .figure("d", "share of the charge that may be used", pack.depth(), Unit.PERCENT, at(index, "depth"))
                .figure("R cells", "inner resistance at 25 °C", pack.cellsOhm(), Unit.OHM, at(index, "cellsOhm"))
                .step("× cold", "growth of it in the cold", model.coldResistance(), Unit.FACTOR)
                .figure("R el", "cut-off electronics", pack.electronicsOhm(), Unit.OHM, at(index, "electronicsOhm"))
                .step("R", "inner resistance on the day, charged", model.ohm(1), Unit.OHM)
                .figure("Q0", "charge at the start", pack.charge(), Unit.PERCENT, at(index, "charge"))
                .result("C", "capacity on the day", model.availableAh(), Unit.AMPERE_HOUR)
                .done();
    }

    /** How a load test's share of the rating follows. */
    public static Working tested(Pack pack, int index) {
        Health health = Health.of(pack);
        LoadTest test = pack.test();
        Working.Builder all = Working.of(
                        Text.of("{} by its load test", pack.name()),
                        "share = I·t / (C rated · rate · cold · (Q before − Q after))",
                        Source.derived("ampere-hours drawn between two rest voltages"))
                .figure("V before", "rest volts before", test.beforeV(), Unit.VOLT, at(index, "test/beforeV"))
                .step("Q before", "charge by that", health.chargeFrom(), Unit.PERCENT)
                .figure("I", "drawn", test.amps(), Unit.AMPERE, at(index, "test/amps"))
                .figure("t", "for", test.hours(), Unit.HOUR, at(index, "test/hours"));
        if (test.ranOut()) {
            all.remark("it ran until it stopped");
        } else {
            all.figure("V after", "rest volts an hour after", test.afterV(), Unit.VOLT, at(index, "test/afterV"));
        }
        return all.step("Q after", "charge by that", health.chargeTo(), Unit.PERCENT)
                .step("I·t", "drawn", health.drawnAh(), Unit.AMPERE_HOUR)
                .figure("C rated", "capacity", pack.capacityAh(), Unit.AMPERE_HOUR, at(index, "capacityAh"))
                .step("rate", "Peukert factor at that current", health.rate(), Unit.FACTOR)
                .step("cold", "capacity at that temperature", health.cold(), Unit.FACTOR)
                .step("low", "a meter of ±0.5 % on volts, ±3 % on amperes", health.low(), Unit.FACTOR)
                .step("high", "the same the other way", health.high(), Unit.FACTOR)
                .result("share", "of the rating", health.share(), Unit.FACTOR)
                .done();
    }

    private static String at(int index, String field) {
        return Pointer.pack(index, field);
    }
}
