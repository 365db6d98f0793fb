package app.brightkeel.server.http;

import app.brightkeel.core.review.Review;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.StoredRig;

/**
 * A rig after it was read, saved or moved, with its review.
 *
 * @param revision what {@code If-Match} wants next time
 */
public record Saved(String id, long revision, boolean canUndo, boolean canRedo, Rig rig, Review review) {

    static Saved of(StoredRig stored, Review review) {
        return new Saved(stored.id(), stored.revision(), stored.canUndo(), stored.canRedo(), stored.rig(), review);
    }
}
