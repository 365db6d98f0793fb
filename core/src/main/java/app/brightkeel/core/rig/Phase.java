package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A part of the day during which things are used alike.
 *
 * @param startH after the start of the day, 0 to 72 [h]; unset: as soon as the phase before has ended
 * @param hours  how long, 0.01 to 72 [h]
 * @param uses   how single devices are used; a device not named here is taken as on, at full brightness
 */
@RecordBuilder
public record Phase(String id, String name, Figure startH, Figure hours, List<Use> uses) implements PhaseBuilder.With {

    /** One that begins as soon as the phase before has ended. */
    public Phase(String id, String name, Figure hours, List<Use> uses) {
        this(id, name, Figure.UNSET, hours, uses);
    }

    public Phase {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("startH", startH, 0, 72, "h");
        Figure.within("hours", hours, 0.01, 72, "h");
        uses = Checks.atMost("uses", Rig.MOST_DEVICES, uses);
        Checks.distinct("uses", uses.stream().map(Use::device).toList());
    }

    /** The use of one device; a refusal's absence is checked by the rig, so an unknown id is a bug. */
    public Use use(String device) {
        return uses.stream().filter(u -> u.device().equals(device)).findFirst().orElseThrow();
    }

    /** This phase with one use added, or replaced where the device had one. */
    public Phase with(Use use) {
        List<Use> others =
                uses.stream().filter(u -> !u.device().equals(use.device())).toList();
        return withUses(java.util.stream.Stream.concat(others.stream(), java.util.stream.Stream.of(use))
                .toList());
    }
}
