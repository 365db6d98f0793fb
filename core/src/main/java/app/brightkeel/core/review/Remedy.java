package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * What may be done about one finding.
 *
 * @param rule    whose finding it is
 * @param offers  what mends it first, then what lessens it, last what trades one thing for another
 * @param without why there is none; no words where there is one
 */
public record Remedy(String rule, List<Cure> offers, Text without) {

    /** What taking it does to the finding, and to the rest of the rig. */
    public enum Mending {
        /** The finding is gone, no link stands worse, nothing new is against physics, makers, safety or a preference. */
        CURES,
        /** As little is worse, and the finding is less: nearer, or of fewer things. */
        HELPS,
        /** The finding is less or gone, and something else is worse, which the note tells. */
        TRADES
    }

    /**
     * A change as it is offered.
     *
     * @param id   of the {@link Change}
     * @param note what is left, or what it costs; of a cure how long it lasts, where that is known; else no words
     */
    public record Cure(String id, Text label, Effort effort, Mending mending, Text note) {}
}
