package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A weight that is there for the balance alone.
 *
 * @param massKg  0.05 to 50 [kg]; never assumed
 * @param station id of the station where it lies
 */
@RecordBuilder
public record Ballast(
        String id,
        String name,
        Figure massKg,
        @Names(PartKind.STATION) String station) implements BallastBuilder.With {
    public Ballast {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("massKg", massKg, 0.05, 50, "kg");
        Checks.id("station", station);
    }
}
