package app.brightkeel.core.battery;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import java.time.LocalDate;

/** A pack between trips: how long a drain takes to empty it, and when it is charged next. */
public final class StandingDrain {

    /** Days after which a stored lead pack is charged again, and a lithium one looked at; common practice, no source. */
    public static final int WEEKS = 6;

    private StandingDrain() {}

    /** Charge at which lithium is stored, the middle of 40 to 60 %; lead and dry cells are stored full. */
    private static final double LITHIUM_STORED = 0.5;

    /** Charge at which a pack is stored. */
    static double storedCharge(Chemistry chemistry) {
        return chemistry.lithium() ? LITHIUM_STORED : 1;
    }

    /** Days until a drain has emptied it from there; the rate does not add capacity below the rated current. */
    public static double days(PackModel model, double drainA) {
        return storedCharge(model.chemistry()) * model.agedAh() * model.rateFactor(drainA) / drainA / 24;
    }

    /** Day by which it is charged again; "" where nobody wrote down when it was. */
    public static String nextCharge(Pack pack) {
        String on = pack.keeping().chargedOn();
        return on.isEmpty() ? "" : LocalDate.parse(on).plusWeeks(WEEKS).toString();
    }

    /** How one pack stands. */
    public static Working working(Pack pack, PackModel model, int index) {
        Working.Builder all = Working.of(
                Text.of("{} between trips", pack.name()),
                "days = C·age·Q / drain",
                Source.derived("common practice: lead charged every six weeks, lithium stored at 40 to 60 %"));
        all.remark(
                pack.chemistry().lead()
                        ? "stored full, and charged again every six weeks"
                        : pack.chemistry().lithium()
                                ? "stored at 40 to 60 % of its charge, looked at every six weeks"
                                : "taken out of its holder when stored");
        if (!pack.keeping().chargedOn().isEmpty()) {
            all.remark("charged on {}: again by {}", pack.keeping().chargedOn(), nextCharge(pack));
        }
        if (pack.keeping().drainA().isSet() && pack.keeping().drainA().value() > 0) {
            all.figure(
                            "drain",
                            "with everything off",
                            pack.keeping().drainA(),
                            Unit.MILLIAMPERE,
                            Pointer.pack(index, "keeping/drainA"))
                    .step("C·age", "capacity now", model.agedAh(), Unit.AMPERE_HOUR)
                    .step("Q", "charge at which it is stored", storedCharge(pack.chemistry()), Unit.PERCENT)
                    .result(
                            "days",
                            "until it is empty",
                            days(model, pack.keeping().drainA().value()),
                            Unit.COUNT);
        }
        return all.done();
    }
}
