package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What the back of a display offers to what holds it.
 *
 * @param bolts pattern of its bolts in plain words, as "30 × 60 mm"; "" where it has none or nothing is known
 * @param ballM ball on its back, 0.01 to 0.08 [m]; unset where there is none
 */
@RecordBuilder
public record Fixing(String bolts, Figure ballM) implements FixingBuilder.With {

    public static final Fixing UNKNOWN = new Fixing("", Figure.UNSET);

    public Fixing {
        Checks.text("bolts", bolts);
        Figure.within("ballM", ballM, 0.01, 0.08, "m");
    }
}
