package app.brightkeel.core.battery;

import app.brightkeel.core.battery.Simulation.Spreads;
import app.brightkeel.core.circuit.Laid;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spread;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The circuits of a rig that share no wire, each with its own sources and what hangs on them: their ampere-hours, volts
 * and hours are never mixed. The one that ends first comes first.
 */
public final class Circuits implements Stage<Circuits.Needs, Circuits.Order> {

    public static final Circuits STAGE = new Circuits();

    private Circuits() {}

    /** @param circuits in the order of the packs; at least one */
    public record Needs(List<Simulation> circuits) {}

    /** @param circuits the one that ends first before the others */
    public record Order(List<Simulation> circuits) {

        /** Whether there are several. */
        public boolean apart() {
            return circuits.size() > 1;
        }
    }

    @Override
    public String name() {
        return "circuits";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        Rig rig = line.rig();
        return Outcome.both(
                        Outcome.both(line.get(Packs.STAGE), line.get(Load.STAGE), Supply::new),
                        line.get(Laid.STAGE),
                        (supply, laid) -> new Needs(circuits(rig, supply, laid)))
                .flatMap(needs -> needs.circuits().get(0).load().meanW() > 0
                        ? Outcome.known(needs)
                        : new Outcome.Missing<>(List.of("/devices/0/draw")));
    }

    private record Supply(Packs.Bank bank, DayLoad load) {}

    /** Those that feed something; the whole rig where there is but one, or none. */
    private static List<Simulation> circuits(Rig rig, Supply supply, Laid.Harnessed laid) {
        List<Topology> trees = laid.topology().trees();
        List<Simulation> all = new ArrayList<>();
        for (Topology tree : trees) {
            DayLoad own = trees.size() == 1 ? supply.load() : supply.load().of(tree.devices());
            if (own.meanW() > 0 || trees.size() == 1) {
                all.add(simulation(rig, supply, laid, tree, own));
            }
        }
        return all.isEmpty() ? List.of(simulation(rig, supply, laid, laid.topology(), supply.load())) : all;
    }

    private static Simulation simulation(Rig rig, Supply supply, Laid.Harnessed laid, Topology tree, DayLoad load) {
        List<PackString> sources = supply.bank().sources().stream()
                .filter(source -> tree.ids().contains(source.id()))
                .toList();
        boolean only = sources.size() == supply.bank().sources().size();
        return new Simulation(
                tree,
                laid.ohms(),
                sources,
                only ? supply.bank().spares() : List.of(),
                load,
                rig.devices().stream().map(d -> d.limits().minV().value()).toList(),
                spreads(rig, sources));
    }

    private static Spreads spreads(Rig rig, List<PackString> sources) {
        List<Double> draw = rig.devices().stream().map(Circuits::drawSpread).toList();
        double capacity = 0;
        double ohm = 0;
        for (Pack pack : rig.harness().packs()) {
            if (pack.role() != PackRole.IN_USE || Simulation.has(sources, pack)) {
                Chemistry.Data data = pack.chemistry().data();
                double rated = Spread.of(pack.capacityAh(), 0.10);
                double age = Packs.age(pack).spread();
                double cold = data.coldSpreadAt(pack.tempC().value());
                capacity = Math.max(capacity, Math.sqrt(rated * rated + age * age + cold * cold));
                ohm = Math.max(ohm, Spread.of(pack.cellsOhm(), data.blockOhm().spread()));
            }
        }
        return new Spreads(draw, capacity, ohm);
    }

    /** Relative half width of what a device draws, by the basis of the figure that matters most. */
    static double drawSpread(Device device) {
        return Spread.of(device.draw().main(), device.kind().typical().watts().spread());
    }

    /** Names of its packs. */
    public static String packs(Line line, Simulation circuit) {
        return String.join(
                " and ",
                line.rig().harness().packs().stream()
                        .filter(circuit::gives)
                        .map(Pack::name)
                        .toList());
    }

    @Override
    public Order compute(Needs needs) {
        List<Simulation> circuits = needs.circuits();
        return new Order(
                circuits.size() == 1
                        ? circuits
                        : circuits.stream()
                                .sorted(Comparator.comparingDouble(
                                        each -> each.asPlanned().hours()))
                                .toList());
    }

    @Override
    public Working working(Line line) {
        return Runtime.STAGE.working(line);
    }
}
