package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.RigStore;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A rig on the shelf.
 *
 * @param carried what carries it
 * @param verdict of the link that gives first
 * @param says    the worst finding, "Holds." where there is none
 */
public record ShelfEntry(
        String id,
        long revision,
        Instant savedAt,
        String name,
        String carried,
        List<LinkState> links,
        Link weakest,
        Verdict verdict,
        Text says) {

    static ShelfEntry of(RigStore.Head head, Rig rig, Review review) {
        Optional<Finding> worst =
                review.findings().stream().filter(f -> !f.putAside()).findFirst();
        return new ShelfEntry(
                head.id(),
                head.revision(),
                head.savedAt(),
                rig.name(),
                rig.craft().kind().words(),
                review.links(),
                review.weakest(),
                worst.map(Finding::verdict).orElse(Verdict.HOLDS),
                worst.map(Finding::text).orElse(Text.of("Holds.")));
    }
}
