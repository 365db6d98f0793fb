package app.brightkeel.core.protection;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.load.LoadWorking;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Segment;
import java.util.List;

/** How the judgement of each fuse came about. */
final class ProtectionWorking {

    private static final Source PLACE =
            Source.published("ABYC E-11: within 7 in of the battery; 72 in inside a sheath (from memory)");
    private static final Source AMPACITY = Source.fromMemory("ABYC E-11 and ISO 10133 ampacity tables");
    private static final Source HEAT = Source.published("IEC 60364-4-43, 434.5.2; band of ISO 8820-3 (from memory)");
    private static final Source SHORT = Source.derived("Ohm's law with the pack cold and nearly empty");

    private ProtectionWorking() {}

    static Working of(Line line) {
        Outcome<ProtectionState> outcome = line.get(Protection.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("What the fuses must do", outcome.missing());
        }
        Working.Builder all = Working.of("What the fuses must do", "", PLACE);
        for (FuseDuty duty : outcome.value().fuses()) {
            all.opened("fuse", duty.name(), duty.ratingA(), Unit.RATING, fuse(line, duty));
        }
        for (int device : outcome.value().bareDevices()) {
            all.remark(
                    "{}: no fuse on its way from the battery",
                    line.rig().devices().get(device).name());
        }
        return all.done();
    }

    private static Working fuse(Line line, FuseDuty duty) {
        Fitting.Fuse fuse = (Fitting.Fuse)
                line.rig().harness().segments().get(duty.segment()).fittings().get(duty.fitting());
        String at = Pointer.fitting(duty.segment(), duty.fitting(), "");
        Working.Builder all = Working.of(
                        Text.of("{}", duty.name()), "load / 0.8 ≤ rating ≤ wire, maker; short ≥ 2 × rating", PLACE)
                .figure("A", "rating", fuse.ratingA(), Unit.RATING, at + "ratingA")
                .opened("I max", "load at the lowest permitted volts", duty.loadA(), Unit.AMPERE, load(line, duty))
                .step(
                        "I max/0.8",
                        "smallest rating that carries it for long",
                        duty.loadA() / FuseTables.LOAD_SHARE,
                        Unit.AMPERE)
                .opened(
                        "I wire",
                        "what the thinnest wire behind it carries",
                        duty.zone().ampacityA(),
                        Unit.AMPERE,
                        ampacity(line, duty))
                .step(
                        "I let",
                        "what passes it, with the fuses of batteries joined before it",
                        duty.zone().letsA(),
                        Unit.AMPERE)
                .figure("x", "along the conductor from the segment's start", fuse.atM(), Unit.METRE, at + "atM");
        if (duty.place().first()) {
            all.step("x", "from the battery terminal", duty.place().distanceM(), Unit.METRE)
                    .step(
                            "x max",
                            duty.place().sheathed() ? "allowed inside a sheath" : "allowed without a sheath",
                            duty.place().allowedM(),
                            Unit.METRE);
        }
        all.opened(
                        "I short",
                        "short circuit at the far end",
                        duty.zone().farShortA(),
                        Unit.AMPERE,
                        shortCircuit(line, duty))
                .step(
                        "I batt",
                        "largest short-circuit current at the fuse, from either side",
                        duty.breaksA(),
                        Unit.AMPERE)
                .step("I break", "what a fuse of this form can break", duty.breakingA(), Unit.AMPERE)
                .step("U full", "volts of what feeds it, full", duty.sourceV(), Unit.VOLT)
                .step("U break", "volts at which it can break them", duty.breakingV(), Unit.VOLT)
                .opened(
                        "I²t",
                        "most it lets through until it opens",
                        duty.zone().letThrough().a2s(),
                        Unit.AMPERE_SQUARED_SECOND,
                        heat(line, duty))
                .step(
                        "k²S²",
                        "what the weakest wire behind it stands",
                        duty.zone().withstandA2s(),
                        Unit.AMPERE_SQUARED_SECOND)
                .step(
                        "V",
                        "lost over the fuse itself, all on",
                        duty.loadA() * fuse.ohm().value(),
                        Unit.VOLT);
        if (duty.place().upstream() >= 0) {
            FuseDuty up =
                    line.get(Protection.STAGE).value().fuses().get(duty.place().upstream());
            all.step(
                    "ratio",
                    "rating of the " + up.name() + " over this one",
                    up.ratingA() / duty.ratingA(),
                    Unit.FACTOR);
        }
        if (lithium(line)) {
            all.remark("the pack's own electronics may cut off first: screen dark, fuse whole, pack to be reset");
        }
        for (int d : duty.devices()) {
            Device device = line.rig().devices().get(d);
            all.figure(
                    "A max",
                    device.name() + ", its maker's largest fuse",
                    device.limits().maxFuseA(),
                    Unit.RATING,
                    Pointer.device(d, "limits/maxFuseA"));
        }
        return all.result("A", "rating", duty.ratingA(), Unit.RATING).done();
    }

    private static boolean lithium(Line line) {
        return line.rig().harness().packs().stream()
                .anyMatch(pack -> pack.chemistry() != Chemistry.UNDECIDED
                        && pack.chemistry().lithium());
    }

    private static Working heat(Line line, FuseDuty duty) {
        Segment segment = line.rig().harness().segments().get(duty.zone().weakest());
        Adiabatic adiabatic = new Adiabatic(segment.wire());
        Working.Builder all = Working.of("Heat until it opens", "I²t ≤ k²S², t ≤ 5 s", HEAT)
                .step(
                        "I",
                        "worst short between far end and fuse",
                        duty.zone().letThrough().amps(),
                        Unit.AMPERE)
                .step("t", "slowest opening there", duty.zone().letThrough().seconds(), Unit.SECOND)
                .step(
                        "k",
                        "of copper in insulation for "
                                + segment.wire().insulation().celsius() + " °C",
                        adiabatic.k(),
                        Unit.FACTOR)
                .step("S", segment.name(), segment.wire().gauge().size().areaMm2(), Unit.WIRE);
        if (duty.zone().letThrough().amps() == 0) {
            all.remark("no short on its way is cleared while the formula holds: see the short at the far end");
        }
        return all.result("I²t", "let through", duty.zone().letThrough().a2s(), Unit.AMPERE_SQUARED_SECOND)
                .done();
    }

    private static Working load(Line line, FuseDuty duty) {
        Working.Builder all = Working.of("Load at the lowest permitted volts", "I = Σ P(1) / V min", SHORT);
        List<Device> devices = line.rig().devices();
        for (int d = 0; d < devices.size(); d++) {
            all.opened(
                            "P(1)",
                            devices.get(d).name(),
                            line.get(Load.STAGE).value().fullW().get(d),
                            Unit.WATT,
                            LoadWorking.drawWorking(line, d))
                    .figure(
                            "V min",
                            devices.get(d).name() + ", lowest volts",
                            devices.get(d).limits().minV(),
                            Unit.VOLT,
                            Pointer.device(d, "limits/minV"));
        }
        return all.remark("of those behind this fuse")
                .result("I max", "together", duty.loadA(), Unit.AMPERE)
                .done();
    }

    private static Working ampacity(Line line, FuseDuty duty) {
        Segment segment = line.rig().harness().segments().get(duty.zone().thinnest());
        Ampacity ampacity =
                new Ampacity(segment.wire(), line.rig().outing().airC().value());
        return Working.of(Text.of("What {} carries", segment.name()), "I = table × bundle × air", AMPACITY)
                .remark(
                        "{}, insulation for {} °C, {} conductors together",
                        segment.wire().gauge().size().words(),
                        segment.wire().insulation().celsius(),
                        segment.wire().bundled())
                .figure("T", "air", line.rig().outing().airC(), Unit.CELSIUS, "/outing/airC")
                .step("bundle", "factor for the bundle", ampacity.bundle(), Unit.FACTOR)
                .step("air", "factor for the air", ampacity.air(), Unit.FACTOR)
                .result("I wire", "it carries", ampacity.amps(), Unit.AMPERE)
                .done();
    }

    private static Working shortCircuit(Line line, FuseDuty duty) {
        Working.Builder all = Working.of("Short circuit at the far end", "I = U / (Ri + Σ R)", SHORT)
                .opened(
                        "C",
                        "the pack, cold and nearly empty",
                        line.get(Packs.STAGE).value().first().availableAh(),
                        Unit.AMPERE_HOUR,
                        Packs.STAGE.working(line));
        List<Segment> segments = line.rig().harness().segments();
        for (int s = 0; s < segments.size(); s++) {
            all.opened(
                    "R",
                    segments.get(s).name(),
                    Feed.segmentOhms(line.rig()).value().get(s),
                    Unit.OHM,
                    Feed.segmentWorking(line, s));
        }
        return all.remark("of those on the way")
                .result(
                        "I short",
                        "smallest at any far end it protects",
                        duty.zone().farShortA(),
                        Unit.AMPERE)
                .done();
    }
}
