package app.brightkeel.server.http;

import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.review.whole.Shuttle;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The battery of one rig tried on the others; one that was tried on a revision is not tried on it again. */
@Component
class Trips {

    /** Rigs a battery is tried on at once. */
    private static final int MOST = 40;

    private static final int KEPT = 20_000;

    /** A battery and whom it is tried on: whatever else is edited on its own rig, it does there as it did. */
    private record Pair(Pack travelling, String other, long otherAt) {}

    private record Asked(String id, long edition) {}

    private final RigStore store;
    private final Revisions revisions;
    private final RigReviewer reviewer;
    private final Known known;
    private final Lines lines;
    private final Cache<Pair, Optional<Shuttle.TriedOn>> tried =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Trips(RigStore store, Revisions revisions, RigReviewer reviewer, Known known, Lines lines) {
        this.store = store;
        this.revisions = revisions;
        this.reviewer = reviewer;
        this.known = known;
        this.lines = lines;
    }

    /** Those saved last first; none where the rig has no battery in use. */
    Kept<List<Shuttle.TriedOn>> of(String id) {
        long edition = store.edition();
        Revision home = store.head(id);
        return known.of(
                new Asked(id, edition),
                () -> Shuttle.inUse(revisions.rig(id, home))
                        .map(travelling -> trips(id, travelling))
                        .orElse(List.of()));
    }

    private List<Shuttle.TriedOn> trips(String id, Pack travelling) {
        return store.heads().stream()
                .filter(other -> !other.id().equals(id))
                .sorted(Comparator.comparing(RigStore.Head::savedAt).reversed())
                .limit(MOST)
                .flatMap(other -> trip(travelling, other).stream())
                .toList();
    }

    private Optional<Shuttle.TriedOn> trip(Pack travelling, RigStore.Head other) {
        return tried.get(
                new Pair(travelling, other.id(), other.revision()),
                pair -> revisions
                        .get(other.id(), other.revision())
                        .flatMap(revision -> revisions.legible(other.id(), revision))
                        .flatMap(rig -> Shuttle.of(travelling, lines.of(other.id(), other.revision(), rig), reviewer)));
    }
}
