package app.brightkeel.core.battery;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import java.util.List;

/** How long a charger takes, and what it may give. */
public final class Charging {

    /** Charge that has to go in for each that came out, and the slow end of charging; common practice, no source. */
    static final double MORE = 1.15;

    private Charging() {}

    /** Most that a pack may be charged with [A]: its maker's figure, else what is usual for its chemistry. */
    public static double limitA(Pack pack, PackModel model) {
        return pack.label().maxChargeA().isSet()
                ? pack.label().maxChargeA().value()
                : pack.chemistry().data().chargeC() * model.ratedAh();
    }

    /** From where the chosen depth ends to full [h]. */
    public static double hours(Charger charger, PackModel model) {
        return model.agedAh() * model.depth() / charger.amps().value() * MORE;
    }

    /** The pack a charger charges, with those that are joined to it: they fill together. */
    static List<PackModel> filled(Rig rig, Packs.Bank bank, String pack) {
        Topology topology = Topology.of(rig);
        int root = topology.root(topology.ids().indexOf(pack));
        List<PackModel> together = bank.sources().stream()
                .filter(string -> root >= 0 && topology.root(topology.ids().indexOf(string.id())) == root)
                .flatMap(string -> string.members().stream().limit(1))
                .toList();
        return together.stream().anyMatch(model -> model.id().equals(pack)) ? together : List.of(bank.model(pack));
    }

    /** Of all that fill together, from where the chosen depth of each ends [h]. */
    public static double hours(Charger charger, List<PackModel> together) {
        return together.stream().mapToDouble(model -> hours(charger, model)).sum();
    }

    /** What one charger does. */
    public static Working working(Line line, int index) {
        Rig rig = line.rig();
        Charger charger = rig.chargers().get(index);
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        Text title = Text.of("Charging with the {}", charger.name());
        if (!bank.isKnown() || !charger.amps().isSet()) {
            return Working.missing(
                    "Charging", bank.isKnown() ? List.of(Pointer.of("chargers", index, "amps")) : bank.missing());
        }
        Pack pack = rig.harness().pack(charger.charges());
        PackModel model = bank.value().model(pack.id());
        List<PackModel> together = filled(rig, bank.value(), pack.id());
        Chemistry.Data data = pack.chemistry().data();
        Working.Builder all = Working.of(
                        title,
                        "t = C·age·depth/I × 1.15",
                        Source.fromMemory("charging takes 15 % more than came out; limits of data sheets"))
                .remark(
                        together.size() > 1
                                ? "{} and what is joined with it, from where the depth ends to full"
                                : "{}, from where its depth ends to full",
                        pack.name())
                .step(
                        "C·age",
                        "capacity now",
                        together.stream().mapToDouble(PackModel::agedAh).sum(),
                        Unit.AMPERE_HOUR)
                .step("depth", "taken out", model.depth(), Unit.PERCENT)
                .figure("I", "the charger gives", charger.amps(), Unit.AMPERE, Pointer.of("chargers", index, "amps"))
                .step("I max", "the pack may be charged with", limitA(pack, model), Unit.AMPERE)
                .step("T min", "not charged below", data.coldestChargeC(), Unit.CELSIUS);
        Outcome<DayLoad> load = line.get(Load.STAGE);
        if (charger.aboard() && load.isKnown()) {
            double drawn = load.value().meanW() / model.meanVolts();
            all.step("I used", "drawn meanwhile", drawn, Unit.AMPERE)
                    .step(
                            "I net",
                            "left for the pack while in use",
                            charger.amps().value() - drawn,
                            Unit.AMPERE);
        }
        all.remark(
                charger.via().isEmpty()
                        ? "joined at the terminals: something is unwired each time, unless there is a plug"
                        : "joined by the plug of "
                                + rig.harness().segment(charger.via()).name() + ": nobody unwires anything");
        return all.result("t", "to full", hours(charger, together), Unit.HOUR).done();
    }
}
