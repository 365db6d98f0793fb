package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.server.store.StoredRig;
import java.util.List;

/**
 * A rig on the shelf.
 *
 * @param carried what carries it
 * @param says    the worst finding, "Holds." where there is none
 */
public record ShelfEntry(String id, String name, String carried, List<LinkState> links, Link weakest, Text says) {

    static ShelfEntry of(StoredRig stored, RigReviewer reviewer) {
        Review review = reviewer.review(Line.of(stored.rig()));
        Text says = review.findings().stream()
                .filter(f -> !f.putAside())
                .findFirst()
                .map(f -> f.text())
                .orElse(Text.of("Holds."));
        return new ShelfEntry(
                stored.id(),
                stored.rig().name(),
                stored.rig().craft().kind().words(),
                review.links(),
                review.weakest(),
                says);
    }
}
