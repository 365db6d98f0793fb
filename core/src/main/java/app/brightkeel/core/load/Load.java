package app.brightkeel.core.load;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad.PhaseLoad;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Use;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** The day's draw. */
public final class Load implements Stage<Load.Needs, DayLoad> {

    public static final Load STAGE = new Load();

    private static final Source CONSTANT_POWER =
            Source.derived("switch-mode gear draws constant power; P = base + backlight × brightness");

    private Load() {}

    /**
     * @param extraW what the transducers on each device add to it [W]
     * @param packV  mean volts of the pack, 0 where no draw is given in amperes
     */
    public record Needs(List<Device> devices, List<Double> extraW, List<Phase> phases, double packV) {

        double wattsAt(int device, double brightness) {
            return devices.get(device).draw().wattsAt(brightness, packV) + extraW.get(device);
        }
    }

    @Override
    public String name() {
        return "load";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>();
        if (rig.devices().isEmpty()) {
            missing.add("/devices");
        }
        List<Phase> phases = rig.outing().phases();
        if (phases.isEmpty()) {
            missing.add("/outing/phases");
        }
        for (int i = 0; i < phases.size(); i++) {
            if (!phases.get(i).hours().isSet()) {
                missing.add(Pointer.phase(i, "hours"));
            }
        }
        Outcome<Double> packV =
                inAmps(rig) ? line.get(Packs.STAGE).map(bank -> bank.first().meanVolts()) : Outcome.known(0.0);
        return Outcome.both(
                Outcome.unless(missing, () -> rig),
                packV,
                (r, volts) -> new Needs(r.devices(), extra(r), phases, volts));
    }

    /** What the elements of a transducer add to the display they are plugged into. */
    private static List<Double> extra(Rig rig) {
        double[] all = new double[rig.devices().size()];
        for (Transducer transducer : rig.transducers()) {
            double watts = transducer.type().extraW();
            if (watts > 0) {
                rig.displayOf(transducer).ifPresent(display -> all[rig.indexOf(display)] += watts);
            }
        }
        return Arrays.stream(all).boxed().toList();
    }

    private static boolean inAmps(Rig rig) {
        return rig.devices().stream().anyMatch(device -> device.draw() instanceof Draw.Amps);
    }

    @Override
    public DayLoad compute(Needs needs) {
        List<PhaseLoad> phases = new ArrayList<>();
        for (Phase phase : needs.phases()) {
            List<Double> watts = new ArrayList<>();
            for (int d = 0; d < needs.devices().size(); d++) {
                Use use = phase.use(needs.devices().get(d).id());
                watts.add(
                        needs.wattsAt(d, use.brightness().value()) * use.duty().value());
            }
            phases.add(new PhaseLoad(phase.id(), phase.name(), phase.hours().value(), List.copyOf(watts)));
        }
        List<Double> full = IntStream.range(0, needs.devices().size())
                .mapToObj(d -> needs.wattsAt(d, 1))
                .toList();
        return new DayLoad(List.copyOf(phases), full);
    }

    @Override
    public Working working(Line line) {
        Outcome<DayLoad> outcome = line.get(this);
        if (!outcome.isKnown()) {
            return Working.missing("What the day draws", outcome.missing());
        }
        DayLoad load = outcome.value();
        Rig rig = line.rig();
        Working.Builder all = Working.of("Mean draw over the day", "P = Σ P(phase) × hours / Σ hours", CONSTANT_POWER);
        for (int i = 0; i < load.phases().size(); i++) {
            PhaseLoad phase = load.phases().get(i);
            all.opened("P" + (i + 1), phase.name(), phase.totalW(), Unit.WATT, phaseWorking(line, i));
        }
        return all.step("t", "length of the day", load.hours(), Unit.HOUR)
                .opened(
                        "P full",
                        "everything on, full brightness",
                        load.fullTotalW(),
                        Unit.WATT,
                        fullWorking(rig, load))
                .result("P", "mean draw", load.meanW(), Unit.WATT)
                .done();
    }

    private static Working phaseWorking(Line line, int index) {
        Phase phase = line.rig().outing().phases().get(index);
        PhaseLoad load = line.get(STAGE).value().phases().get(index);
        Working.Builder all = Working.of(
                        Text.of("Draw while {}", phase.name()),
                        "P = Σ P(brightness) × share of the time",
                        CONSTANT_POWER)
                .figure("t", "length", phase.hours(), Unit.HOUR, Pointer.phase(index, "hours"));
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size(); d++) {
            Device device = devices.get(d);
            Use use = phase.use(device.id());
            String at = usePointer(line.rig(), index, device.id());
            all.figure("b", device.name() + ", brightness", use.brightness(), Unit.PERCENT, at + "/brightness")
                    .figure("on", device.name() + ", share of the time", use.duty(), Unit.PERCENT, at + "/duty")
                    .opened("P", device.name(), load.watts().get(d), Unit.WATT, drawWorking(line, d));
        }
        return all.result("P", "together", load.totalW(), Unit.WATT).done();
    }

    /** Pointer of one device's use in a phase; where nobody entered it, the place an edit would give it. */
    public static String usePointer(Rig filled, int phase, String device) {
        List<Use> uses = filled.outing().phases().get(phase).uses();
        int at = uses.indexOf(filled.outing().phases().get(phase).use(device));
        return Pointer.phase(phase, "uses/" + at);
    }

    private static Working fullWorking(Rig rig, DayLoad load) {
        Working.Builder all = Working.of("Everything on", "P = Σ P(1)", CONSTANT_POWER);
        for (int d = 0; d < rig.devices().size(); d++) {
            all.step("P", rig.devices().get(d).name(), load.fullW().get(d), Unit.WATT);
        }
        return all.result("P full", "together", load.fullTotalW(), Unit.WATT).done();
    }

    /** How one device's watts follow from what was entered. */
    public static Working drawWorking(Line line, int index) {
        Device device = line.rig().devices().get(index);
        double full = line.get(STAGE).value().fullW().get(index);
        Draw draw = device.draw();
        Working.Builder all = Working.of(Text.of("What the {} draws", device.name()), formula(draw), CONSTANT_POWER);
        if (draw instanceof Draw.Split split) {
            all.figure("base", "without backlight", split.baseW(), Unit.WATT, at(index, "baseW"))
                    .figure("backlight", "backlight at full", split.backlightW(), Unit.WATT, at(index, "backlightW"));
            if (split.baseW().basis() == Figure.Basis.ASSUMED) {
                all.remark(
                        "a {} typically draws between {} and {} W",
                        device.kind().words(),
                        device.kind().typical().watts().low(),
                        device.kind().typical().watts().high());
            }
        } else if (draw instanceof Draw.Amps amps) {
            all.figure("I", "amperes on the label", amps.amps(), Unit.AMPERE, at(index, "amps"))
                    .opened(
                            "U",
                            "mean volts of the pack",
                            line.get(Packs.STAGE).value().first().meanVolts(),
                            Unit.VOLT,
                            Packs.STAGE.working(line))
                    .figure(
                            "s",
                            "share of the backlight",
                            amps.backlightShare(),
                            Unit.PERCENT,
                            at(index, "backlightShare"));
        } else if (draw instanceof Draw.Metered metered) {
            all.figure("I", "amperes on the meter", metered.amps(), Unit.AMPERE, at(index, "amps"))
                    .figure("U", "volts on the meter", metered.volts(), Unit.VOLT, at(index, "volts"))
                    .figure("b0", "brightness then", metered.brightness(), Unit.PERCENT, at(index, "brightness"))
                    .figure(
                            "s",
                            "share of the backlight",
                            metered.backlightShare(),
                            Unit.PERCENT,
                            at(index, "backlightShare"));
        }
        double extra = extra(line.rig()).get(index);
        if (extra > 0) {
            all.step("+", "what its line or side beams usually add", extra, Unit.WATT);
        }
        return all.result("P(1)", "at full brightness", full, Unit.WATT).done();
    }

    private static String formula(Draw draw) {
        if (draw instanceof Draw.Amps) {
            return "P(b) = I·U·(1 − s + s·b)";
        }
        if (draw instanceof Draw.Metered) {
            return "P(b) = I·U·(1 − s + s·b)/(1 − s + s·b0)";
        }
        return "P(b) = base + backlight·b";
    }

    private static String at(int index, String field) {
        return Pointer.device(index, "draw/" + field);
    }
}
