package app.brightkeel.core.pack;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;

/** What mass and capacity of a pack say of each other. */
public final class PackMass {

    /** How far outside the usual energy density still passes; common practice, no source. */
    public static final double TOLERATED = 1.3;

    private PackMass() {}

    /** Energy a pack would hold by its label, were it of this chemistry [Wh/kg]; its mass and capacity are known. */
    public static double density(Pack pack, Chemistry.Data data) {
        return pack.capacityAh().value()
                * data.nominalV()
                * pack.blocks()
                / pack.massKg().value();
    }

    /** How many times that is above or below what is usual. */
    public static double off(Pack pack, Chemistry.Data data) {
        double density = density(pack, data);
        return Math.max(density / data.whPerKg().high(), data.whPerKg().low() / density);
    }

    /** Whether mass and capacity of a pack go together, as far as both are known. */
    public static boolean plausible(Pack pack) {
        return pack.chemistry() == Chemistry.UNDECIDED
                || !pack.capacityAh().isSet()
                || mayBe(pack, pack.chemistry().data());
    }

    /** Whether mass and capacity speak for this chemistry, or nothing against it. */
    public static boolean mayBe(Pack pack, Chemistry.Data data) {
        return !pack.massKg().isSet() || off(pack, data) < TOLERATED;
    }

    /** Whether a filled rig carries a pack whose mass is in doubt: then how it lies is unsure. */
    public static boolean inDoubt(Rig rig) {
        return rig.harness().packs().stream().anyMatch(pack -> !plausible(pack));
    }
}
