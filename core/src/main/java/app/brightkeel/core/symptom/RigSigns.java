package app.brightkeel.core.symptom;

import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Expectations;
import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.reading.ReadingKind;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What the rig itself says for and against a cause, and the volts it should have; weights are common practice, no source. */
final class RigSigns {

    private static final double MUCH = 4;
    private static final double SOME = 2;
    private static final double LITTLE = 0.3;
    private static final double HARDLY = 0.03;

    /** Shares of the pack's volts that are lost on the way. */
    private static final double LOST_MUCH = 0.03;

    private static final double LOST_LITTLE = 0.015;
    private static final double LOST_FAR_TOO_MUCH = 0.06;

    /** Two readings by hand tell no less apart [V]. */
    private static final double LEAST_V = 0.1;

    private static final double WORN = 0.85;
    private static final double FREEZING_C = 0;
    private static final double MILD_C = 10;
    private static final double HOT_C = 25;

    private final Rig rig;
    private final Optional<Expected> rest;
    private final Optional<Expected> pack;
    private final Optional<Expected> plug;
    private final double hoursOfWanted;

    private final List<Finding> findings;

    /** @param findings of the plan; those that hold or were put aside say nothing */
    RigSigns(Line line, List<Finding> findings) {
        rig = line.rig();
        this.findings = findings.stream()
                .filter(finding -> !finding.putAside()
                        && (finding.verdict() == Verdict.FAILS || finding.verdict() == Verdict.CLOSE))
                .toList();
        Outcome<BenchModel> model = BenchModel.of(line);
        List<Expected> all = model.isKnown() ? Expectations.of(model.value()) : List.of();
        rest = first(all, ReadingKind.REST);
        pack = first(all, ReadingKind.PACK_VOLTS);
        // the display that gets the fewest volts
        plug = all.stream()
                .filter(each -> each.kind() == ReadingKind.ALL_VOLTS && display(each.subject()))
                .min(Comparator.comparingDouble(Expected::nominal));
        hoursOfWanted = line.get(Runtime.STAGE)
                .map(run -> run.hours()
                        / Math.max(0.1, line.needs(Runtime.STAGE).value().load().hours()))
                .orElse(1.0);
    }

    private boolean display(String part) {
        return rig.devices().stream()
                .anyMatch(device -> device.id().equals(part) && device.kind().display());
    }

    private static Optional<Expected> first(List<Expected> all, ReadingKind kind) {
        return all.stream().filter(each -> each.kind() == kind).findFirst();
    }

    /** What a test's words want: least volts that are all right, and those planned; of a loss the most. */
    Optional<Volts> volts(Known.Test test) {
        return switch (test.needs()) {
            case "rest" -> rest.map(RigSigns::least);
            case "pack" -> pack.map(RigSigns::least);
            case "plug" -> plug.map(RigSigns::least);
            case "between" -> lost(false);
            case "beyond" -> lost(true);
            default -> Optional.empty();
        };
    }

    /** @param limit beyond which something is wrong [V], and {@code planned} */
    record Volts(double limit, double planned) {}

    /** Id of the point of the bench that a need is read at. */
    String at(String need) {
        Optional<Expected> point = need.equals("rest") ? rest : need.equals("pack") ? pack : plug;
        return point.map(Expected::id).orElse("");
    }

    private static Volts least(Expected expected) {
        return new Volts(expected.low(), expected.nominal());
    }

    /**
     * As much again as planned, and what no two readings by hand miss; where the plan itself loses too much, that is known
     * without a meter, and what is asked is whether a contact adds to it.
     */
    private Optional<Volts> lost(boolean planLosesMuch) {
        return pack.flatMap(at -> plug.map(there -> Math.max(0, at.nominal() - there.nominal())))
                .filter(planned -> share() > LOST_MUCH == planLosesMuch)
                .map(planned -> new Volts(planned + Math.max(LEAST_V, planLosesMuch ? planned / 2 : planned), planned));
    }

    /** Whether there is something to read for it. */
    boolean canAsk(Known.Test test) {
        return test.needs().isEmpty() || volts(test).isPresent();
    }

    /** What the plan itself finds that speaks for a cause, in its words; no words where nothing does. */
    Text because(Known.Cause cause) {
        return findings.stream()
                .filter(finding -> Known.times(finding.rule(), cause) > 1)
                .findFirst()
                .map(Finding::text)
                .orElseGet(() -> Text.of(""));
    }

    /** How many times as likely as usual a cause is at this rig. */
    double factor(Known.Cause cause) {
        double times = own(cause);
        for (Finding finding : findings) {
            times *= Known.times(finding.rule(), cause);
        }
        return times;
    }

    private double own(Known.Cause cause) {
        return switch (cause.id()) {
            case "small-battery" -> hoursOfWanted < 1 ? MUCH : hoursOfWanted > 1.5 ? LITTLE : 1;
            case "thin-feed" ->
                share() > LOST_FAR_TOO_MUCH ? MUCH : share() > LOST_MUCH ? SOME : share() < LOST_LITTLE ? LITTLE : 1;
            case "cold-battery" -> coldest() <= FREEZING_C ? SOME : coldest() > MILD_C ? HARDLY : LITTLE;
            case "worn-battery" ->
                inUse().stream()
                                .anyMatch(
                                        each -> each.age().isSet() && each.age().value() < WORN)
                        ? SOME
                        : 1;
            case "protection-trips" ->
                inUse().stream().allMatch(each -> each.chemistry().lead() || each.chemistry() == Chemistry.ALKALINE)
                        ? HARDLY
                        : 1;
            case "shared-start" -> rig.devices().size() > 1 ? 1 : HARDLY;
            case "engine-battery" ->
                inUse().stream().anyMatch(each -> each.cranking().engine()) ? MUCH : LITTLE;
            case "noise-on-feed" -> has(DeviceKind.MOTOR) || has(DeviceKind.PUMP) ? SOME : LITTLE;
            case "not-calibrated", "magnet-near" -> has(DeviceKind.HEADING_SENSOR) ? 1 : HARDLY;
            case "bubble" -> glued() ? SOME : HARDLY;
            case "hot-screen" -> warmest() > HOT_C ? SOME : warmest() < MILD_C ? HARDLY : 1;
            default -> 1;
        };
    }

    private double share() {
        return pack.flatMap(at -> plug.map(there -> (at.nominal() - there.nominal()) / at.nominal()))
                .orElse((LOST_MUCH + LOST_LITTLE) / 2);
    }

    private List<Pack> inUse() {
        return rig.harness().packs().stream()
                .filter(each -> each.role() == PackRole.IN_USE)
                .toList();
    }

    private double coldest() {
        return inUse().stream()
                .filter(each -> each.tempC().isSet())
                .mapToDouble(each -> each.tempC().value())
                .min()
                .orElse(MILD_C);
    }

    private double warmest() {
        return rig.outing().airC().isSet() ? rig.outing().airC().value() : HOT_C;
    }

    private boolean has(DeviceKind kind) {
        return rig.devices().stream().anyMatch(device -> device.kind() == kind);
    }

    private boolean glued() {
        return rig.transducers().stream()
                .map(transducer -> transducer.mount().kind())
                .anyMatch(kind -> kind == MountKind.IN_HULL || kind == MountKind.SUCTION_CUP);
    }
}
