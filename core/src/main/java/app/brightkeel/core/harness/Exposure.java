package app.brightkeel.core.harness;

import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.WaterKind;

/** What wire is exposed to where a rig is used. */
public final class Exposure {

    private Exposure() {}

    /** Whether wire gets wet there: aboard anything afloat, and beside salt water in any case. */
    public static boolean wet(Rig rig) {
        CraftKind craft = rig.craft().kind();
        return salt(rig) || craft != CraftKind.UNDECIDED && !craft.onIce();
    }

    public static boolean salt(Rig rig) {
        WaterKind water = rig.outing().water().kind();
        return water == WaterKind.BRACKISH || water == WaterKind.SEA;
    }
}
