package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Pass-throughs of one sort that lie at home.
 *
 * @param count 0 to 100
 */
@RecordBuilder
public record PassThroughStock(PassThrough fitting, int count) implements PassThroughStockBuilder.With, Worded {
    public PassThroughStock {
        Checks.within("count", count, 0, 100, "pieces");
    }

    @Override
    public String words() {
        return count + " × " + fitting.words();
    }
}
