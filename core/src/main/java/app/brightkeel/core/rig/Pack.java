package app.brightkeel.core.rig;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A battery.
 *
 * @param origin         id of the catalogue item it was copied from, "" where it was typed from its label
 * @param blocks         12 V blocks in series, 1 to 4
 * @param capacityAh     as rated, 0.1 to 1000 [Ah]; never assumed
 * @param ratedHours     time over which that was rated, 0.5 to 100 [h]
 * @param peukert        exponent, 1 to 1.5
 * @param age            share of its capacity that is left, 0.2 to 1.1
 * @param tempC          of its cells, −40 to 60 [°C]
 * @param depth          share of its charge that may be used, 0.1 to 1
 * @param cellsOhm       inner resistance at 25 °C, charged, without electronics, 0 to 5 [Ω]
 * @param electronicsOhm cut-off electronics, 0 to 1 [Ω]
 * @param maxDischargeA  most it may give, 0.1 to 2000 [A]
 * @param massKg         0.05 to 100 [kg]
 * @param size           outside, upright as its maker shows it, terminals on top
 * @param plugM          room that terminals and plug need above it, 0 to 0.3 [m]
 * @param role           what it is there for
 * @param onTopOf        id of the pack it stands in series with, on the side away from the wire; "" where it stands alone
 * @param charge         at the start of the day, 0 to 1
 * @param label          what else is known of it
 * @param test           of what it still gives
 * @param keeping        between trips
 * @param ending         what its terminals, or the lead that belongs to it, offer
 * @param cranking       whether it also starts an engine
 */
@RecordBuilder
public record Pack(
        String id,
        String name,
        String origin,
        Chemistry chemistry,
        int blocks,
        Figure capacityAh,
        Figure ratedHours,
        Figure peukert,
        Figure age,
        Figure tempC,
        Figure depth,
        Figure cellsOhm,
        Figure electronicsOhm,
        Figure maxDischargeA,
        Figure massKg,
        Size size,
        Figure plugM,
        PackRole role,

        @Names(value = PartKind.PACK, orNothing = true, gone = Names.Gone.IS_EMPTIED, checkedThere = true)
        String onTopOf,

        Figure charge,
        PackLabel label,
        LoadTest test,
        Keeping keeping,
        Ending ending,
        Cranking cranking)
        implements PackBuilder.With {

    public Pack {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("origin", origin);
        Checks.within("blocks", blocks, 1, 4, "12 V blocks");
        Figure.within("capacityAh", capacityAh, 0.1, 1000, "Ah");
        Figure.within("ratedHours", ratedHours, 0.5, 100, "h");
        Figure.within("peukert", peukert, 1, 1.5, "");
        Figure.within("age", age, 0.2, 1.1, "(share of its rating)");
        Figure.within("tempC", tempC, -40, 60, "°C");
        Figure.within("depth", depth, 0.1, 1, "(share of its charge)");
        Figure.within("cellsOhm", cellsOhm, 0, 5, "Ω");
        Figure.within("electronicsOhm", electronicsOhm, 0, 1, "Ω");
        Figure.within("maxDischargeA", maxDischargeA, 0.1, 2000, "A");
        Figure.within("massKg", massKg, 0.05, 100, "kg");
        Figure.within("plugM", plugM, 0, 0.3, "m");
        Checks.text("onTopOf", onTopOf);
        Figure.within("charge", charge, 0, 1, "(share of full)");
    }

    /** A pack of which nothing is known yet. */
    public static Pack unknown(String id, String name) {
        return labelled(id, name, Chemistry.UNDECIDED, Figure.UNSET);
    }

    /** A pack known by its label. */
    public static Pack labelled(String id, String name, Chemistry chemistry, Figure capacityAh) {
        Figure open = Figure.UNSET;
        return new Pack(
                id,
                name,
                "",
                chemistry,
                1,
                capacityAh,
                open,
                open,
                open,
                open,
                open,
                open,
                open,
                open,
                open,
                Size.UNKNOWN,
                open,
                PackRole.IN_USE,
                "",
                open,
                PackLabel.UNKNOWN,
                LoadTest.NONE,
                Keeping.UNKNOWN,
                Ending.UNKNOWN,
                Cranking.NONE);
    }
}
