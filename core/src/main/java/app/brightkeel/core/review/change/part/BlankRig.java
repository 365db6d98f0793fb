package app.brightkeel.core.review.change.part;

import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import java.util.List;

/** A rig that someone begins. */
public final class BlankRig {

    private BlankRig() {}

    /**
     * Nothing is known but its name, what carries it, and that there is a day, whose hours wait to be said.
     *
     * @throws app.brightkeel.core.refusal.Refusal for a name that cannot be one
     */
    public static Rig of(String name, CraftKind craft) {
        Rig blank = Rig.blank(name, craft);
        return blank.withOuting(
                blank.outing().withPhases(List.of(new Phase("day", "the day", Figure.UNSET, List.of()))));
    }
}
