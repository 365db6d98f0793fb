package app.brightkeel.server.http;

import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Rig;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** Reviews of kept revisions: the shelf, the rig's own page and its review are told from one and the same. */
@Component
class Reviews {

    private static final int KEPT = 600;

    private record Key(String id, long revision) {}

    private final RigReviewer reviewer;
    private final Lines lines;
    private final Cache<Key, Review> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Reviews(RigReviewer reviewer, Lines lines) {
        this.reviewer = reviewer;
        this.lines = lines;
    }

    /** @param rig what the revision holds */
    Review of(String id, long revision, Rig rig) {
        return known.get(new Key(id, revision), key -> reviewer.review(lines.of(id, revision, rig)));
    }
}
