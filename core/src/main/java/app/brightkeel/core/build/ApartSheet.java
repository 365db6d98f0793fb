package app.brightkeel.core.build;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The build turned round for one occasion: power off first, plugs before anything is lifted, trapped leads freed, what stays
 * behind capped, what travels covered and padded.
 *
 * @param title   of it, and {@code what} it is for, in words
 * @param sheet   its steps and what has to come before what, judged as those of the build are
 * @param order   ids, one that works
 * @param plugs   to pull or to push, {@code knobs} and {@code straps} to loosen or to tighten
 * @param minutes of all of it [min]
 */
public record ApartSheet(
        Apart occasion,
        String title,
        String what,
        BuildSheet sheet,
        List<String> order,
        int plugs,
        int knobs,
        int straps,
        double minutes) {

    public ApartSheet {
        order = List.copyOf(order);
    }

    /** Of every occasion that the rig has anything for. */
    public static List<ApartSheet> all(Line line) {
        List<ApartSheet> all = new ArrayList<>();
        for (Apart occasion : Apart.values()) {
            ApartSheet sheet = of(line, occasion);
            if (!sheet.sheet().steps().isEmpty()) {
                all.add(sheet);
            }
        }
        return List.copyOf(all);
    }

    /** Of some things alone, whether or not they usually come off. */
    public static ApartSheet of(Line line, Apart occasion, Set<String> things) {
        Rig rig = line.rig();
        for (Placement place : rig.places()) {
            if (things.contains(place.item())) {
                rig = rig.with(place.withComesOff(true).withUnit(""));
            }
        }
        return new ApartWriter(rig, occasion, things::contains).write();
    }

    /** Without steps where the rig has nothing for that occasion. */
    public static ApartSheet of(Line line, Apart occasion) {
        return new ApartWriter(line.rig(), occasion).write();
    }
}
