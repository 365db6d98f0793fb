package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.PackMass;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import java.util.ArrayList;
import java.util.List;

/** Asks for what the hours wait for; a chemistry nobody knows is shown with the hours of each plausible one. */
final class Incomplete implements Rule {

    /** How far a label's volts may be from what its chemistry stands at; common practice, no source. */
    private static final double SAME_VOLTS = 0.1;

    @Override
    public Identity identity() {
        return new Identity("battery.incomplete", Link.BATTERY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        List<String> missing = line.get(Runtime.STAGE).missing();
        if (missing.isEmpty()) {
            return SILENT;
        }
        String sideBySide = sideBySide(line, missing);
        return new Judgement.Ask(missing, Text.of("Wanted: {}.{}", Wanted.words(line.rig(), missing), sideBySide));
    }

    /** Whether the undecided packs may be of this chemistry by their mass and the volts on their labels, where known. */
    private static boolean plausible(Line line, Chemistry chemistry) {
        Chemistry.Data data = chemistry.data();
        return line.entered().harness().packs().stream()
                .filter(pack -> pack.chemistry() == Chemistry.UNDECIDED)
                .allMatch(pack -> {
                    Figure labelled = pack.label().nominalV();
                    boolean volts = !labelled.isSet()
                            || Math.abs(labelled.value() / (chemistry.labelV() * pack.blocks()) - 1) < SAME_VOLTS;
                    boolean size = !chemistry.cells() || pack.capacityAh().value() <= PackChanges.MOST_OF_AA_AH;
                    return volts && size && PackMass.mayBe(pack, data);
                });
    }

    /** " As LiFePO4 7 h 10, as AGM lead 4 h 05." where only the chemistry is missing, else nothing. */
    private static String sideBySide(Line line, List<String> missing) {
        if (!missing.stream().allMatch(p -> p.endsWith("/chemistry"))) {
            return "";
        }
        List<String> each = new ArrayList<>();
        for (Chemistry chemistry : Chemistry.decided()) {
            if (!plausible(line, chemistry)) {
                continue;
            }
            List<Pack> packs = line.entered().harness().packs().stream()
                    .map(p -> p.chemistry() == Chemistry.UNDECIDED ? p.withChemistry(chemistry) : p)
                    .toList();
            Line then = line.with(
                    line.entered().withHarness(line.entered().harness().withPacks(packs)));
            Outcome<DayRun> run = then.get(Runtime.STAGE);
            if (run.isKnown()) {
                each.add(
                        "as " + chemistry.words() + " " + new Amount(run.value().hours(), Unit.HOUR).plain());
            }
        }
        return each.isEmpty() ? "" : " It would last, " + String.join(", ", each) + ".";
    }
}
