package app.brightkeel.core.pack;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import java.util.ArrayList;
import java.util.List;

/** The packs of a rig as models, in the rig's order. */
public final class Packs implements Stage<Packs.Needs, Packs.Bank> {

    public static final Packs STAGE = new Packs();

    private Packs() {}

    /** @param packs filled, each with capacity and chemistry */
    public record Needs(List<Pack> packs) {}

    /** @param models at least one */
    public record Bank(List<PackModel> models) {
        public PackModel first() {
            return models.get(0);
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
        if (packs.isEmpty()) {
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
        return new Bank(needs.packs().stream().map(Packs::model).toList());
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
                pack.age().value(),
                data.capacityAt(celsius),
                pack.depth().value(),
                pack.cellsOhm().value(),
                data.resistanceAt(celsius),
                pack.electronicsOhm().value());
    }

    @Override
    public Working working(Line line) {
        Outcome<Bank> bank = line.get(this);
        if (!bank.isKnown()) {
            return Working.missing("What the pack can give", bank.missing());
        }
        List<Pack> packs = line.rig().harness().packs();
        Working.Builder all = Working.of("What the packs can give", "", Source.derived("sum of the packs"));
        if (packs.size() == 1) {
            return working(line, 0);
        }
        double sum = 0;
        for (int i = 0; i < packs.size(); i++) {
            double ah = bank.value().models().get(i).availableAh();
            sum += ah;
            all.opened("C" + (i + 1), packs.get(i).name(), ah, Unit.AMPERE_HOUR, working(line, i));
        }
        return all.result("C", "together", sum, Unit.AMPERE_HOUR).done();
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
                .remark("{}, {} block(s) of 12 V in series", pack.chemistry().words(), pack.blocks())
                .figure(
                        "C rated",
                        "capacity on the label",
                        pack.capacityAh(),
                        Unit.AMPERE_HOUR,
                        at(index, "capacityAh"))
                .figure("H", "rated over", pack.ratedHours(), Unit.RATED_HOUR, at(index, "ratedHours"))
                .figure("age", "share left of it", pack.age(), Unit.FACTOR, at(index, "age"))
                .figure("T", "temperature of the pack", pack.tempC(), Unit.CELSIUS, at(index, "tempC"))
                .step("cold", "capacity at that temperature", model.coldFactor(), Unit.FACTOR);
        if (!data.tabulated(pack.tempC().value())) {
            all.remark("the table ends above this temperature: continued in a straight line");
        }
        return all.figure("k", "Peukert exponent", pack.peukert(), Unit.FACTOR, at(index, "peukert"))
                .figure("d", "share of the charge that may be used", pack.depth(), Unit.PERCENT, at(index, "depth"))
                .figure("R cells", "inner resistance at 25 °C", pack.cellsOhm(), Unit.OHM, at(index, "cellsOhm"))
                .step("× cold", "growth of it in the cold", model.coldResistance(), Unit.FACTOR)
                .figure("R el", "cut-off electronics", pack.electronicsOhm(), Unit.OHM, at(index, "electronicsOhm"))
                .step("R", "inner resistance on the day, charged", model.ohm(1), Unit.OHM)
                .result("C", "capacity on the day", model.availableAh(), Unit.AMPERE_HOUR)
                .done();
    }

    private static String at(int index, String field) {
        return Pointer.pack(index, field);
    }
}
