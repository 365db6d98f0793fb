package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * What a person did, and how the step stood then.
 *
 * @param item        id of the check that was ticked; "" for a step without checks
 * @param fingerprint of the step as it was ticked
 * @param title       of it then, for a step that the rig no longer has
 * @param facts       that it stood on then
 * @param at          when, as 2026-10-31T19:00:00Z
 */
public record Tick(String step, String item, String fingerprint, Text title, List<Fact> facts, String at) {

    public Tick {
        facts = List.copyOf(facts);
    }

    /** Of a step as it is now. */
    public static Tick of(Step step, String item, String at) {
        return new Tick(step.id(), item, step.fingerprint(), step.title(), step.facts(), at);
    }
}
