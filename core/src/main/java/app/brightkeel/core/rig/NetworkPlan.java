package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * How displays and sensors are joined.
 *
 * @param shares      what displays share
 * @param terminators at the ends of the bus, 0 to 4
 */
@RecordBuilder
public record NetworkPlan(List<Shared> shares, Figure terminators) implements NetworkPlanBuilder.With {

    public static final NetworkPlan NONE = new NetworkPlan(List.of(), Figure.UNSET);

    public NetworkPlan {
        shares = Checks.atMost("shares", Shared.values().length, shares);
        Figure.within("terminators", terminators, 0, 4, "terminators");
    }
}
