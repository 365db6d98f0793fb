package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Tells how cables are laid: in which order, what is coiled where, what holds them. */
public final class LayingWorking {

    private LayingWorking() {}

    /** What all cables come to together, as plans of them are compared. */
    public static Working together(Line line, Routes routes) {
        LayingSummary laying = LayingSummary.of(line.rig(), routes);
        Working.Builder told = Working.of(
                "All cables together",
                "cable in all = Σ (way + slack + travel)",
                Source.derived("sums over cables and passages"));
        for (LaidCable laid : routes.all()) {
            told.step("", laid.name(), laid.neededM(), Unit.METRE);
        }
        for (LaidCable laid : routes.all()) {
            laid.drilled().forEach(leg -> told.remark("A hole to drill: {}, for the {}.", leg.name(), laid.name()));
            laid.crossing()
                    .forEach(leg -> told.remark(
                            "The {} crosses {}: {}.", laid.name(), leg.crosses().words(), leg.name()));
        }
        return told.step("", "holes to drill, each once", laying.holes(), Unit.COUNT)
                .step("", "crossings", laying.crossings(), Unit.COUNT)
                .step("", "most of a lead beside untwisted supply", laying.besideM(), Unit.METRE)
                .result("", "cable in all", laying.metres(), Unit.METRE)
                .done();
    }

    /** How what is left over is coiled, and what holds each cable. */
    public static Working coils(Line line, Routes routes) {
        Rig rig = line.rig();
        Working.Builder told = Working.of(
                "Coils and ties",
                "loop ≥ 10 · width of the cable; a tie every 0.30 m in the open",
                Source.practice("as practitioners lay cables"));
        for (Coil coil : Coil.of(line).orElse(List.of())) {
            told.remark(
                    "{}: coil {} as a figure of eight, {} × {} across, {}.",
                    coil.laid().name(),
                    new Amount(coil.lengthM(), Unit.METRE),
                    coil.eights(),
                    new Amount(coil.acrossM(), Unit.MILLIMETRE),
                    coil.at().map(station -> "at the " + station.name()).orElse("no dry place on its way"));
            if (coil.laid().cable().sort() == Cable.Kind.DATA) {
                told.remark("It is bought to length: take that coil as temporary, or buy a shorter one.");
            }
        }
        int straps = 0;
        int ties = 0;
        for (LaidCable laid : routes.all()) {
            Ties each = Ties.of(rig, laid);
            straps += each.loose() ? each.count() : 0;
            ties += each.loose() ? 0 : each.count();
            told.remark(
                    each.loose() ? "{}: {} × reusable strap, never pulled tight." : "{}: {} × tie.",
                    laid.name(),
                    each.count());
        }
        return told.step("", "ties that stay", ties, Unit.COUNT)
                .result("", "reusable straps", straps, Unit.COUNT)
                .done();
    }

    /** The order in which cables are laid, and what draws them through closed runs. */
    public static Working steps(Line line, Routes routes) {
        Working.Builder told = Working.of(
                "How they are laid", "", Source.practice("dry-laid first, the widest plug first, sonar before supply"));
        told.remark("Lay everything dry before anything is drilled or tied.");
        routes.all().stream()
                .sorted(Comparator.comparing((LaidCable laid) -> -laid.plugM().orElse(0.0))
                        .thenComparing(laid -> laid.cable().sort()))
                .forEach(laid -> told.remark("{}: {}.", laid.name(), String.join("; ", stepsOf(laid))));
        told.remark("Plans under Compare: single cables and pairs change their ways as long as it helps. "
                + "No plan is proved to be the best.");
        return told.result("", "cables", routes.all().size(), Unit.COUNT).done();
    }

    private static List<String> stepsOf(LaidCable laid) {
        List<String> steps = new ArrayList<>();
        for (Passage leg : laid.legs()) {
            boolean closed = leg.way() == Way.INSIDE;
            steps.add(closed ? leg.name() + ", drawn with a stick, pipe or string" : leg.name());
        }
        if (steps.isEmpty()) {
            steps.add("stays where it is");
        }
        return steps;
    }
}
