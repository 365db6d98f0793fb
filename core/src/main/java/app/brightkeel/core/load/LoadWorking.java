package app.brightkeel.core.load;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad.PhaseLoad;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Use;
import java.util.List;

/** How the day's draw came about. */
public final class LoadWorking {

    private static final Source CONSTANT_POWER =
            Source.derived("switch-mode gear draws constant power; P = base + backlight × brightness");

    private LoadWorking() {}

    static Working of(Line line) {
        Outcome<DayLoad> outcome = line.get(Load.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("What the day draws", outcome.missing());
        }
        DayLoad load = outcome.value();
        Rig rig = line.rig();
        Working.Builder all = Working.of("Mean draw over the day", "P = Σ P(phase) × hours / Σ hours", CONSTANT_POWER);
        for (int i = 0; i < load.phases().size(); i++) {
            PhaseLoad phase = load.phases().get(i);
            if (phase.place() >= 0) {
                all.opened("P" + (i + 1), phase.name(), phase.totalW(), Unit.WATT, phaseWorking(line, phase));
            } else {
                all.step("", "everything off for", phase.hours(), Unit.HOUR);
            }
        }
        if (rig.outing().dayH().isSet()) {
            all.figure("day", "planned for", rig.outing().dayH(), Unit.HOUR, "/outing/dayH");
        }
        rig.devices().stream()
                .filter(Device::later)
                .forEach(device -> all.remark(
                        "The {} comes later: its room, plug and circuit are kept, its hours are not counted; Compare shows them.",
                        device.name()));
        if (rig.devices().stream().anyMatch(device -> device.kind() == DeviceKind.VOLTMETER)) {
            all.remark("A socket's voltmeter draws on its own and says flat or alive: it is no gauge of charge.");
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

    private static Working phaseWorking(Line line, PhaseLoad load) {
        int index = load.place();
        Phase phase = line.rig().outing().phases().get(index);
        Working.Builder all = Working.of(
                        Text.of("Draw while {}", phase.name()),
                        "P = Σ P(brightness) × share of the time",
                        CONSTANT_POWER)
                .figure("t", "length", phase.hours(), Unit.HOUR, Pointer.phase(index, "hours"));
        if (phase.startH().isSet()) {
            all.figure("start", "after the day began", phase.startH(), Unit.HOUR, Pointer.phase(index, "startH"));
        }
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size(); d++) {
            Device device = devices.get(d);
            Use use = phase.use(device.id());
            String at = usePointer(line.rig(), index, device.id());
            if (device.draw().dims()) {
                all.figure("b", device.name() + ", brightness", use.brightness(), Unit.PERCENT, at + "/brightness");
            }
            all.figure("on", device.name() + ", share of the time", use.duty(), Unit.PERCENT, at + "/duty")
                    .opened("P", device.name(), load.watts().get(d), Unit.WATT, drawWorking(line, d));
            if (use.standby().isSet()) {
                all.figure("by", device.name() + ", standing by", use.standby(), Unit.PERCENT, at + "/standby");
            }
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
        double full = line.get(Load.STAGE).value().fullW().get(index);
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
            all.figure("I", "amperes on the label", amps.amps(), Unit.AMPERE, at(index, "amps"));
            packVolts(all, line, index)
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
        if (draw instanceof Draw.Ran ran) {
            ran(all, ran, index);
        } else if (draw instanceof Draw.Bus bus) {
            all.figure("n", "load units of 50 mA", bus.units(), Unit.COUNT, at(index, "units"));
            packVolts(all, line, index);
        } else if (draw instanceof Draw.Steady steady) {
            all.figure("I", "current at any volts", steady.amps(), Unit.AMPERE, at(index, "amps"));
            packVolts(all, line, index);
        } else if (draw instanceof Draw.Resistive lamp) {
            all.figure("P0", "watts on the label", lamp.watts(), Unit.WATT, at(index, "watts"))
                    .figure("U0", "volts on the label", lamp.volts(), Unit.VOLT, at(index, "volts"));
            packVolts(all, line, index);
        }
        supply(all, device.supply(), index);
        double beams = Load.beams(line.rig()).get(index);
        if (beams > 0 && Load.bare(device)) {
            all.step("+", "what its line or side beams usually add to a bare display", beams, Unit.WATT);
        } else if (beams > 0) {
            all.remark("what its line or side beams take is in it: it was stated for the set");
        }
        return all.result("P(1)", "at full brightness", full, Unit.WATT).done();
    }

    private static Working.Builder packVolts(Working.Builder all, Line line, int index) {
        return all.opened(
                "U",
                "mean volts of the pack that feeds it",
                line.get(Load.STAGE).value().atV().get(index),
                Unit.VOLT,
                Packs.STAGE.working(line));
    }

    private static void ran(Working.Builder all, Draw.Ran ran, int index) {
        all.figure("C", "capacity of that pack", ran.capacityAh(), Unit.AMPERE_HOUR, at(index, "capacityAh"))
                .figure("T", "its temperature then", ran.tempC(), Unit.CELSIUS, at(index, "tempC"))
                .figure("H", "it ran for", ran.hours(), Unit.HOUR, at(index, "hours"))
                .step("I", "mean amperes: C·cold/H", ran.amps(), Unit.AMPERE)
                .step("U", "mean volts of " + ran.chemistry().words(), ran.volts(), Unit.VOLT)
                .figure("b0", "brightness then", ran.brightness(), Unit.PERCENT, at(index, "brightness"))
                .figure("s", "share of the backlight", ran.backlightShare(), Unit.PERCENT, at(index, "backlightShare"))
                .remark("found under its own conditions: not derated for them again");
    }

    private static void supply(Working.Builder all, Supply supply, int index) {
        if (supply.converter().isSet()) {
            all.figure(
                    "η",
                    "share the converter passes on",
                    supply.converter(),
                    Unit.PERCENT,
                    Pointer.device(index, "supply/converter"));
        }
        if (supply.standbyW().isSet()) {
            all.figure(
                    "standby",
                    "while it stands by",
                    supply.standbyW(),
                    Unit.WATT,
                    Pointer.device(index, "supply/standbyW"));
        }
        if (supply.startW().isSet()) {
            all.figure("start", "as it starts", supply.startW(), Unit.WATT, Pointer.device(index, "supply/startW"));
        }
    }

    private static String formula(Draw draw) {
        if (draw instanceof Draw.Ran) {
            return "P(b) = I·U·(1 − s + s·b)/(1 − s + s·b0)";
        }
        if (draw instanceof Draw.Bus) {
            return "P = n · 50 mA · U";
        }
        if (draw instanceof Draw.Steady) {
            return "P = I·U";
        }
        if (draw instanceof Draw.Resistive) {
            return "P = P0·(U/U0)²";
        }
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
