package app.brightkeel.core.rig;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.reference.FuseTables;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Fills what a person left open and what may be assumed, so that no formula knows about unset figures. Never assumed:
 * hours, capacity, chemistry, beam angles, lengths of a transducer's lead, wire gauge, a fuse's rating and place, a maker's
 * largest fuse, masses, sizes. A wire is taken as long as its way where its two ends have places.
 *
 * <p>The assumed values are the middles of the tables in {@code reference}; those below without a table are common
 * practice, no source.
 */
public final class Assumptions {

    /** Share of its charge that a pack may give which has to start an engine afterwards; common practice, no source. */
    private static final double LEFT_TO_START = 0.5;

    /** What watts on a label of 12 V gear are meant at; common practice, no source. */
    private static final double LABEL_V = 12;

    /** Lowest volts a display runs on where its maker's figure is not known [V]. */
    public static final double DEVICE_MIN_V = 10.8;

    /** Highest volts a 12 V device stands where its maker's figure is not known [V]; common practice, no source. */
    public static final double DEVICE_MAX_V = 17;

    /** Air where nobody said [°C]. */
    public static final double AIR_C = 20;

    /** A good plug or pair of crimps [Ω]; value from memory. */
    public static final double JOINT_OHM = 0.004;

    /** Rating by which a fuse's resistance is taken where nobody said it [A]; common practice, no source. */
    private static final double USUAL_FUSE_A = 5;

    /** A small switch [Ω]; value from memory. */
    public static final double SWITCH_OHM = 0.010;

    /** What displays reckon with [m/s]; common practice, no source (some take 1463). */
    public static final double DISPLAY_SOUND_MS = 1500;

    /** Share that a converter for 5 V passes on: 85 to 90 %, from memory. */
    public static final double CONVERTER = 0.875;

    /** How tall a person is where nobody said [m]; common practice, no source. */
    public static final double BODY_M = 1.75;

    private static final Rig NOTHING = Rig.blank("nothing", CraftKind.UNDECIDED);

    private Assumptions() {}

    /** The same rig with every figure that may be assumed filled; idempotent. */
    public static Rig fill(Rig rig) {
        return fill(rig, NOTHING, NOTHING);
    }

    /**
     * The same, taking over what was filled before wherever the very same part stood in an earlier rig: a change that is
     * only tried touches few parts.
     *
     * @param filled {@code before}, filled
     */
    public static Rig fill(Rig rig, Rig before, Rig filled) {
        boolean sameCraft = rig.craft() == before.craft();
        List<Device> devices = reused(rig.devices(), before.devices(), filled.devices(), Assumptions::filled);
        List<Transducer> transducers =
                reused(rig.transducers(), before.transducers(), filled.transducers(), CraftAssumptions::filled);
        boolean sameOuting = sameCraft && rig.outing() == before.outing() && devices == filled.devices();
        boolean sameWays = sameCraft
                && rig.runs() == before.runs()
                && rig.transducers() == before.transducers()
                && rig.holders() == before.holders()
                && rig.devices() == before.devices()
                && rig.network() == before.network()
                && rig.places() == before.places();
        boolean sameRuns =
                sameWays && rig.harness().segments() == before.harness().segments();
        return RigBuilder.builder(rig)
                .outing(
                        sameOuting
                                ? filled.outing()
                                : filled(rig.outing(), rig.craft().kind(), devices))
                .angler(filled(rig.angler()))
                .transducers(transducers)
                .devices(devices)
                .harness(harness(rig, before, filled, sameWays))
                .runs(
                        sameRuns
                                ? filled.runs()
                                : rig.runs().stream()
                                        .map(run -> CraftAssumptions.filled(run, rig))
                                        .toList())
                .weights(rig.weights().assuming(rig.sharing()))
                .places(sameTakeOff(rig, before) ? filled.places() : CraftAssumptions.filled(rig))
                .fitOut(rig.fitOut() == before.fitOut() ? filled.fitOut() : CraftAssumptions.filled(rig.fitOut()))
                .build();
    }

    /** A run of a rig as it would be laid with the usual slack. */
    public static Run filled(Run run, Rig rig) {
        return CraftAssumptions.filled(run, rig);
    }

    private static boolean sameTakeOff(Rig rig, Rig before) {
        return rig.places() == before.places() && rig.holders() == before.holders();
    }

    private static Angler filled(Angler angler) {
        return angler.with(full ->
                full.gearKg(angler.gearKg().orAssume(0)).tallM(angler.tallM().orAssume(BODY_M)));
    }

    private static Outing filled(Outing outing, CraftKind carrier, List<Device> devices) {
        return new Outing(
                outing.airC().orAssume(AIR_C),
                filled(outing.water(), carrier),
                outing.phases().stream().map(phase -> filled(phase, devices)).toList(),
                outing.dayH(),
                outing.daysOut(),
                outing.views(),
                outing.ran());
    }

    private static Harness harness(Rig rig, Rig before, Rig filled, boolean sameWays) {
        Harness harness = rig.harness();
        Harness old = before.harness();
        double airC = rig.outing().airC().orAssume(AIR_C).value();
        boolean sameAir = rig.outing().airC().equals(before.outing().airC());
        if (harness == old && sameAir && sameWays) {
            return filled.harness();
        }
        return new Harness(
                reused(
                        harness.packs(),
                        sameAir ? old.packs() : List.of(),
                        filled.harness().packs(),
                        pack -> filled(pack, airC)),
                harness.junctions(),
                reused(
                        harness.segments(),
                        sameWays || lengthsGiven(harness) ? old.segments() : List.of(),
                        filled.harness().segments(),
                        segment -> filled(CraftAssumptions.asLongAsItsWay(segment, rig))),
                reused(harness.spares(), old.spares(), filled.harness().spares(), Assumptions::filled));
    }

    private static boolean lengthsGiven(Harness harness) {
        for (Segment segment : harness.segments()) {
            if (!segment.wire().lengthM().isSet()) {
                return false;
            }
        }
        return true;
    }

    /** What was filled before where the same part stands in the same place; the very same list where all of it is. */
    private static <T> List<T> reused(List<T> parts, List<T> before, List<T> filled, UnaryOperator<T> fill) {
        if (parts == before) {
            return filled;
        }
        List<T> all = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            boolean same = i < before.size() && parts.get(i) == before.get(i);
            all.add(same ? filled.get(i) : fill.apply(parts.get(i)));
        }
        return List.copyOf(all);
    }

    /** Between the depths, by the season, by the kind; a display that says nothing reckons with 1500 m/s. */
    private static Water filled(Water water, CraftKind carrier) {
        Season season = water.season() == Season.UNDECIDED && carrier.onIce() ? Season.ICE : water.season();
        Figure typical = water.leastM().isSet() && water.mostM().isSet()
                ? water.typicalM()
                        .orAssume((water.leastM().value() + water.mostM().value()) / 2)
                : water.typicalM();
        return water.with(full -> full.typicalM(typical)
                .waterC(water.waterC().orAssume(season.usualWaterC()))
                .salinity(water.salinity().orAssume(water.kind().usualSalinity()))
                .displaySoundMs(water.displaySoundMs().orAssume(DISPLAY_SOUND_MS))
                .fishM(water.fishM().orAssume(CraftAssumptions.FISH_M))
                .fishLengthM(water.fishLengthM().orAssume(CraftAssumptions.FISH_LENGTH_M))
                .slopeDeg(water.slopeDeg().orAssume(0)));
    }

    private static Phase filled(Phase phase, List<Device> devices) {
        List<Use> uses = phase.uses().stream()
                .map(use -> use.with(full -> full.brightness(use.brightness().orAssume(1))
                        .duty(use.duty()
                                .orAssume(
                                        use.standby().isSet()
                                                ? 1 - use.standby().value()
                                                : usualDuty(devices, use.device())))))
                .toList();
        Stream<Use> unsaid = devices.stream()
                .filter(device -> uses.stream().noneMatch(u -> u.device().equals(device.id())))
                .map(device -> new Use(
                        device.id(),
                        Figure.UNSET.orAssume(1),
                        Figure.UNSET.orAssume(device.kind().usualDuty())));
        return phase.withUses(Stream.concat(uses.stream(), unsaid)
                .map(use -> comesLater(devices, use.device())
                        ? use.withDuty(Figure.chosen(0)).withStandby(Figure.UNSET)
                        : use)
                .toList());
    }

    private static double usualDuty(List<Device> devices, String id) {
        return devices.stream()
                .filter(device -> device.id().equals(id))
                .mapToDouble(device -> device.kind().usualDuty())
                .findFirst()
                .orElse(1);
    }

    private static boolean comesLater(List<Device> devices, String id) {
        return devices.stream().anyMatch(device -> device.later() && device.id().equals(id));
    }

    private static Device filled(Device device) {
        Limits limits = device.limits();
        return device.with(full -> full.draw(filled(device.draw(), device.kind().typical()))
                .supply(filled(device.supply(), device.kind()))
                .limits(limits.with(known -> known.minV(limits.minV().orAssume(DEVICE_MIN_V))
                        .maxV(limits.maxV().orAssume(DEVICE_MAX_V)))));
    }

    /** What is fed over a converter by nature is assumed so; other gear is fed straight. */
    private static Supply filled(Supply supply, DeviceKind kind) {
        return kind == DeviceKind.PHONE_CHARGE
                ? supply.withConverter(supply.converter().orAssume(CONVERTER))
                : supply;
    }

    private static Draw filled(Draw draw, DeviceKind.Typical typical) {
        double fullW = typical.watts().middle();
        double share = typical.backlightShare();
        if (draw instanceof Draw.Split split) {
            // one half given: the other follows by the usual share, not by the table's watts
            double base = split.baseW() instanceof Figure.Given given ? given.value() : fullW * (1 - share);
            return new Draw.Split(
                    split.baseW().orAssume(fullW * (1 - share)),
                    split.backlightW().orAssume(share == 0 ? 0 : base * share / (1 - share)));
        }
        if (draw instanceof Draw.Amps amps) {
            return amps.amps().isSet()
                    ? new Draw.Amps(amps.amps(), amps.backlightShare().orAssume(share))
                    : assumed(fullW, share);
        }
        if (draw instanceof Draw.Metered metered) {
            return metered.amps().isSet()
                    ? new Draw.Metered(
                            metered.amps(),
                            metered.volts().orAssume(12.8),
                            metered.brightness().orAssume(1),
                            metered.backlightShare().orAssume(share))
                    : assumed(fullW, share);
        }
        if (draw instanceof Draw.Ran ran) {
            return ran.told()
                    ? new Draw.Ran(
                            ran.hours(),
                            ran.chemistry(),
                            ran.capacityAh(),
                            ran.tempC().orAssume(AIR_C),
                            ran.brightness().orAssume(1),
                            ran.backlightShare().orAssume(share))
                    : assumed(fullW, share);
        }
        if (draw instanceof Draw.Bus bus && bus.units().isSet()) {
            return bus;
        }
        if (draw instanceof Draw.Steady steady && steady.amps().isSet()) {
            return steady;
        }
        if (draw instanceof Draw.Resistive lamp && lamp.watts().isSet()) {
            return new Draw.Resistive(lamp.watts(), lamp.volts().orAssume(LABEL_V));
        }
        return assumed(fullW, share);
    }

    private static Draw assumed(double fullW, double share) {
        return new Draw.Split(Figure.UNSET.orAssume(fullW * (1 - share)), Figure.UNSET.orAssume(fullW * share));
    }

    /** One pack filled, in air of a temperature [°C]. */
    public static Pack filled(Pack pack, double airC) {
        return pack.with(full -> {
            full.tempC(pack.tempC().orAssume(airC))
                    .age(pack.test().done() ? pack.age() : pack.age().orAssume(1))
                    .charge(pack.charge().orAssume(1))
                    .plugM(pack.plugM().orAssume(CraftAssumptions.PLUG_ROOM_M));
            if (pack.chemistry() != Chemistry.UNDECIDED) {
                byChemistry(full, pack, pack.chemistry().data());
            }
        });
    }

    private static void byChemistry(PackBuilder full, Pack pack, Chemistry.Data data) {
        full.ratedHours(pack.ratedHours().orAssume(data.ratedHours()))
                .peukert(pack.peukert().orAssume(data.peukert().middle()))
                .depth(pack.depth().orAssume(pack.cranking().engine() ? LEFT_TO_START : data.depth()))
                .electronicsOhm(pack.electronicsOhm().orAssume(data.electronicsOhm()));
        Figure ah = capacity(pack, data);
        full.capacityAh(ah);
        if (ah instanceof Figure.Given capacity) {
            double ohm = data.blockOhm().middle() * 10 / capacity.value() * pack.blocks();
            full.cellsOhm(pack.cellsOhm().orAssume(Math.min(ohm, 5)));
        }
    }

    /**
     * As rated; of a lead pack that is labelled by its reserve capacity alone, the 20 h capacity by Peukert's law from
     * that time at 25 A: {@code C20 = 500 (RC / 1200)^(1/k)}.
     */
    private static Figure capacity(Pack pack, Chemistry.Data data) {
        Figure reserve = pack.label().reserveMin();
        if (pack.capacityAh().isSet() || !reserve.isSet() || !pack.chemistry().lead()) {
            return pack.capacityAh();
        }
        double k = pack.peukert().orAssume(data.peukert().middle()).value();
        return new Figure.Given(500 * Math.pow(reserve.value() / 1200, 1 / k), reserve.basis());
    }

    private static Segment filled(Segment segment) {
        return segment.withFittings(
                segment.fittings().stream().map(Assumptions::filled).toList());
    }

    private static Fitting filled(Fitting fitting) {
        if (fitting instanceof Fitting.Joint joint) {
            return new Fitting.Joint(joint.id(), joint.name(), joint.ohm().orAssume(JOINT_OHM));
        }
        if (fitting instanceof Fitting.Switch off) {
            return new Fitting.Switch(off.id(), off.name(), off.ohm().orAssume(SWITCH_OHM));
        }
        Fitting.Fuse fuse = (Fitting.Fuse) fitting;
        double rating = fuse.ratingA().isSet() ? fuse.ratingA().value() : USUAL_FUSE_A;
        return fuse.withOhm(fuse.ohm().orAssume(FuseTables.coldOhm(rating)));
    }
}
