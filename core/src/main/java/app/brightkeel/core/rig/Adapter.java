package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A short lead between a transducer's plug and a display's socket.
 *
 * @param toPins of its plug to the display, 1 to 40
 * @param loses  shapes of beam whose wires it does not carry over
 */
@RecordBuilder
public record Adapter(String name, Figure toPins, List<BeamShape> loses) implements Worded, AdapterBuilder.With {

    @Override
    public String words() {
        return name;
    }

    public Adapter {
        Checks.name("name", name);
        Figure.within("toPins", toPins, 1, 40, "pins");
        loses = Checks.atMost("loses", BeamShape.values().length, loses);
    }
}
