package app.brightkeel.core.battery;

import app.brightkeel.core.battery.Simulation.Spreads;
import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.circuit.FeedState;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spread;
import java.util.List;

/** The planned run of the rig. */
public final class Runtime implements Stage<Simulation, Run> {

    public static final Runtime STAGE = new Runtime();

    private Runtime() {}

    @Override
    public String name() {
        return "runtime";
    }

    @Override
    public Outcome<Simulation> needs(Line line) {
        Rig rig = line.rig();
        return Outcome.both(
                        Outcome.both(line.get(Packs.STAGE), line.get(Load.STAGE), Supply::new),
                        line.get(Feed.STAGE),
                        (supply, feed) -> simulation(rig, supply, feed))
                .flatMap(s ->
                        s.load().meanW() > 0 ? Outcome.known(s) : new Outcome.Missing<>(List.of("/devices/0/draw")));
    }

    private record Supply(Packs.Bank bank, DayLoad load) {}

    private static Simulation simulation(Rig rig, Supply supply, FeedState feed) {
        return new Simulation(
                feed.topology(),
                feed.ohms(),
                supply.bank().sources(),
                supply.bank().spares(),
                supply.load(),
                rig.devices().stream().map(d -> d.limits().minV().value()).toList(),
                spreads(rig));
    }

    private static Spreads spreads(Rig rig) {
        List<Double> draw = rig.devices().stream().map(Runtime::drawSpread).toList();
        double capacity = 0;
        double ohm = 0;
        for (Pack pack : rig.harness().packs()) {
            Chemistry.Data data = pack.chemistry().data();
            double rated = Spread.of(pack.capacityAh(), 0.10);
            double age = Packs.age(pack).spread();
            double cold = data.coldSpreadAt(pack.tempC().value());
            capacity = Math.max(capacity, Math.sqrt(rated * rated + age * age + cold * cold));
            ohm = Math.max(ohm, Spread.of(pack.cellsOhm(), data.blockOhm().spread()));
        }
        return new Spreads(draw, capacity, ohm);
    }

    /** Relative half width of what a device draws, by the basis of the figure that matters most. */
    static double drawSpread(Device device) {
        return Spread.of(device.draw().main(), device.kind().typical().watts().spread());
    }

    @Override
    public Run compute(Simulation needs) {
        return needs.run(needs.planned(), false);
    }

    @Override
    public Working working(Line line) {
        return RuntimeWorking.of(line);
    }
}
