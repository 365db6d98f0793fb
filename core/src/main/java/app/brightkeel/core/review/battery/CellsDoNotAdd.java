package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** Eight cells in series have the ampere-hours of one. */
final class CellsDoNotAdd implements Rule {

    @Override
    public Identity identity() {
        return new Identity("battery.cells-do-not-add", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.chemistry().cells() && pack.capacityAh().isSet()) {
                worst.add(
                        WorstOf.within(pack.capacityAh().value(), PackChanges.MOST_OF_AA_AH),
                        "{} is planned with {}: cells in series have the ampere-hours of one, {} at most.",
                        pack.name(),
                        new Amount(pack.capacityAh().value(), Unit.AMPERE_HOUR),
                        new Amount(PackChanges.MOST_OF_AA_AH, Unit.AMPERE_HOUR));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.oneCell(line);
    }
}
