package app.brightkeel.core.load;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad.PhaseLoad;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.LoadModel;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Use;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/** The day's draw. */
public final class Load implements Stage<Load.Needs, DayLoad> {

    public static final Load STAGE = new Load();

    /** A pause shorter than a second is none. */
    private static final double LEAST_PAUSE_H = 1.0 / 3600;

    private static final double LIVE_START = 2.5;

    private Load() {}

    /**
     * @param extraW what the transducers on each device add to it [W]
     * @param dayH   length of the whole day, 0 where it ends with its last phase
     * @param atV    mean volts of the source each device hangs on, 0 where no draw depends on them
     */
    public record Needs(List<Device> devices, List<Double> extraW, List<Phase> phases, double dayH, List<Double> atV) {

        /** Of one device while it is on, at the pack. */
        double wattsAt(int device, double brightness) {
            return (devices.get(device).draw().wattsAt(brightness, atV.get(device)) + extraW.get(device))
                    / passedOn(device);
        }

        /** The same as it is used; how bright it is asked only of what dims. */
        double wattsAt(int device, Use use) {
            return wattsAt(
                    device, devices.get(device).draw().dims() ? use.brightness().value() : 1);
        }

        double standbyW(int device) {
            Figure standby = devices.get(device).supply().standbyW();
            return (standby.isSet() ? standby.value() : 0) / passedOn(device);
        }

        private double passedOn(int device) {
            return Load.passedOn(devices.get(device));
        }
    }

    /** Share of what a device takes from the battery that comes through its converter; all of it where it has none. */
    public static double passedOn(Device device) {
        Figure converter = device.supply().converter();
        return converter.isSet() ? converter.value() : 1;
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
        Outcome<List<Double>> atV = byPackVolts(rig)
                ? line.get(Packs.STAGE).map(bank -> meanVolts(rig, bank))
                : Outcome.known(Collections.nCopies(rig.devices().size(), 0.0));
        return Outcome.both(
                Outcome.unless(missing, () -> rig),
                atV,
                (r, volts) -> new Needs(
                        r.devices(),
                        extra(r),
                        phases,
                        r.outing().dayH().isSet() ? r.outing().dayH().value() : 0,
                        volts));
    }

    /** Of the source each device hangs on; where none reaches it, of the first. */
    public static List<Double> meanVolts(Rig rig, Packs.Bank bank) {
        Topology topology = Topology.of(rig);
        return IntStream.range(0, rig.devices().size())
                .mapToObj(topology::sourceOfDevice)
                .map(source -> bank.sources().get(Math.max(0, source)).meanVolts())
                .toList();
    }

    /** What line and side beams add to each device whose draw does not hold them already. */
    static List<Double> extra(Rig rig) {
        List<Double> all = new ArrayList<>(beams(rig));
        for (int d = 0; d < all.size(); d++) {
            if (all.get(d) > 0 && !bare(rig.devices().get(d))) {
                all.set(d, 0.0);
            }
        }
        return List.copyOf(all);
    }

    /** What line and side beams usually take of the display they are plugged into. */
    static List<Double> beams(Rig rig) {
        double[] all = new double[rig.devices().size()];
        for (Transducer transducer : rig.transducers()) {
            double watts = transducer.type().extraW();
            if (watts > 0) {
                rig.displayOf(transducer).ifPresent(display -> all[rig.indexOf(display)] += watts);
            }
        }
        return Arrays.stream(all).boxed().toList();
    }

    /**
     * Whether a draw is that of the display alone: it is assumed, or the catalogue's as it stands there. What was measured,
     * printed for the set or got from hours on a pack holds what its beams take.
     */
    static boolean bare(Device device) {
        return device.draw().main().basis() == Figure.Basis.ASSUMED
                || Catalogue.devices().stream()
                        .anyMatch(item ->
                                item.id().equals(device.origin()) && item.draw().equals(device.draw()));
    }

    private static boolean byPackVolts(Rig rig) {
        return rig.devices().stream().anyMatch(device -> device.draw().byPackVolts());
    }

    @Override
    public DayLoad compute(Needs needs) {
        List<PhaseLoad> phases = new ArrayList<>();
        List<Double> nothing = Collections.nCopies(needs.devices().size(), 0.0);
        double at = 0;
        for (int p = 0; p < needs.phases().size(); p++) {
            Phase phase = needs.phases().get(p);
            double start = phase.startH().isSet() ? Math.max(at, phase.startH().value()) : at;
            at = pause(phases, at, start, nothing);
            phases.add(new PhaseLoad(
                    p, phase.name(), at, phase.hours().value(), meanWatts(needs, phase), onWatts(needs, phase)));
            at += phase.hours().value();
        }
        pause(phases, at, needs.dayH(), nothing);
        List<Double> full = new ArrayList<>();
        List<Double> start = new ArrayList<>();
        for (int d = 0; d < needs.devices().size(); d++) {
            double watts = needs.wattsAt(d, 1);
            full.add(watts);
            start.add(startW(needs.devices().get(d), watts));
        }
        List<LoadModel> loadModels =
                needs.devices().stream().map(Device::loadModel).toList();
        return new DayLoad(List.copyOf(phases), List.copyOf(full), List.copyOf(start), loadModels, needs.atV());
    }

    /** Adds the time from one hour to the other in which everything is off, if there is any; returns the later. */
    private static double pause(List<PhaseLoad> phases, double from, double to, List<Double> nothing) {
        if (to - from > LEAST_PAUSE_H) {
            phases.add(new PhaseLoad(-1, "everything off", from, to - from, nothing, nothing));
            return to;
        }
        return from;
    }

    private static List<Double> meanWatts(Needs needs, Phase phase) {
        List<Double> watts = new ArrayList<>();
        for (int d = 0; d < needs.devices().size(); d++) {
            Use use = phase.use(needs.devices().get(d).id());
            double standby = use.standby().isSet() ? use.standby().value() : 0;
            watts.add(needs.wattsAt(d, use) * use.duty().value() + needs.standbyW(d) * standby);
        }
        return List.copyOf(watts);
    }

    private static List<Double> onWatts(Needs needs, Phase phase) {
        List<Double> watts = new ArrayList<>();
        for (int d = 0; d < needs.devices().size(); d++) {
            Use use = phase.use(needs.devices().get(d).id());
            boolean standsBy = use.standby().isSet() && use.standby().value() > 0;
            watts.add(use.duty().value() > 0 ? needs.wattsAt(d, use) : standsBy ? needs.standbyW(d) : 0);
        }
        return List.copyOf(watts);
    }

    /** As it starts: by its own figure; of a live module two to three times its label, from memory. */
    private static double startW(Device device, double fullW) {
        Figure start = device.supply().startW();
        double times = device.kind() == DeviceKind.LIVE_MODULE ? LIVE_START : 1;
        return start.isSet() ? Math.max(start.value(), fullW) : fullW * times;
    }

    @Override
    public Working working(Line line) {
        return LoadWorking.of(line);
    }
}
