package app.brightkeel.core.reading;

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

    /** In words, with what mends it, as if it were sure. */
    public static Suspect told(BenchModel model, Fault fault) {
        return FaultWords.suspect(model.circuit(), List.of(fault), 1);
    }
}
