package app.brightkeel.core.layout;

import app.brightkeel.core.craft.Afloat;
import java.util.List;
import java.util.Optional;

/**
 * The rig as it is carried; on a craft it floats, on the ice it stands.
 *
 * @param massKg     of displays, packs, transducers; wire is not counted
 * @param comesOffKg of what leaves the craft after the day
 * @param comesOff   names of it
 * @param afloat     on a craft
 * @param tip        on the ice
 */
public record Carried(
        double massKg, double comesOffKg, List<String> comesOff, Optional<Afloat> afloat, Optional<Tip> tip) {

    public Carried {
        comesOff = List.copyOf(comesOff);
    }
}
