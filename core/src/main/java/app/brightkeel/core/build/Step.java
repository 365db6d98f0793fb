package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.UUID;

/**
 * One thing that the hands do.
 *
 * @param id          kind and subject: the same step of a changed rig keeps it
 * @param link        under which its numbers are worked out
 * @param subject     id of the part, hole or place it is about
 * @param says        how it is done, with the rig's own numbers
 * @param facts       of the rig that it stands on
 * @param fingerprint of kind, subject and facts: differs where what was done no longer fits
 * @param checks      to tick; a step without any is one tick
 * @param places      ids of the stations it is done at
 * @param parts       ids of the parts it handles, those of pieces with a slash
 * @param materials   that it uses up, in words
 * @param minds       what to mind, each a sentence
 * @param cautions    ids of the cautions that belong to it
 * @param minutes     of work [min]
 */
@RecordBuilder
public record Step(
        String id,
        StepKind kind,
        Link link,
        String subject,
        Text title,
        List<Text> says,
        List<Fact> facts,
        String fingerprint,
        List<Check> checks,
        List<String> places,
        List<String> parts,
        List<String> tools,
        List<String> materials,
        List<String> minds,
        List<String> cautions,
        double minutes,
        Piece piece)
        implements StepBuilder.With {

    public Step {
        says = List.copyOf(says);
        facts = List.copyOf(facts);
        checks = List.copyOf(checks);
        places = List.copyOf(places);
        parts = List.copyOf(parts);
        tools = List.copyOf(tools);
        materials = List.copyOf(materials);
        minds = List.copyOf(minds);
        cautions = List.copyOf(cautions);
    }

    /** Whether work stops there until everything was seen. */
    public boolean hold() {
        return kind.hold() || !checks.isEmpty();
    }

    /** As told to a person to the last figure that is shown: what is not seen does not undo a tick. */
    static String fingerprint(StepKind kind, String subject, List<Fact> facts) {
        StringBuilder all = new StringBuilder(kind.of(subject));
        facts.forEach(fact -> all.append('\n')
                .append(fact.name())
                .append('=')
                .append(fact.value().plain()));
        byte[] bytes = new byte[2 * all.length()];
        for (int c = 0; c < all.length(); c++) {
            bytes[2 * c] = (byte) (all.charAt(c) >> Byte.SIZE);
            bytes[2 * c + 1] = (byte) all.charAt(c);
        }
        return UUID.nameUUIDFromBytes(bytes).toString();
    }
}
