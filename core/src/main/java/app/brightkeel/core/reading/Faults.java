package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/** What can go wrong with a rig, to be tried at a simulated one. */
public final class Faults {

    private Faults() {}

    /** Of each kind at each place one, of a middling size. */
    public static List<Fault> all(BenchModel model) {
        return model.singles().stream()
                .map(sizes -> sizes.get(sizes.size() / 2))
                .toList();
    }

    /** In words. */
    public static Text words(BenchModel model, Fault fault) {
        return FaultWords.what(model.circuit(), fault).capital();
    }
}
