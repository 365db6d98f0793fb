package app.brightkeel.server.http;

import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.core.review.battery.Shuttle;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The battery of one rig tried on the others; two revisions that were tried on each other are not tried again. */
@Component
class Trips {

    /** Rigs a battery is tried on at once. */
    private static final int MOST = 40;

    private static final int KEPT = 20_000;

    /** Whose battery, on whom, and whether anything came of it. */
    private record Pair(String home, long homeAt, String other, long otherAt) {}

    private record Asked(String home, List<RigStore.Head> heads) {}

    private final RigStore store;
    private final Revisions revisions;
    private final RigReviewer reviewer;
    private final Known known;
    private final Cache<Pair, Optional<Shuttle.Trip>> tried =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Trips(RigStore store, Revisions revisions, RigReviewer reviewer, Known known) {
        this.store = store;
        this.revisions = revisions;
        this.reviewer = reviewer;
        this.known = known;
    }

    /** Those saved last first. */
    Kept<List<Shuttle.Trip>> of(String id) {
        Revision home = store.head(id);
        Rig rig = revisions.rig(id, home);
        List<RigStore.Head> others = store.heads().stream()
                .filter(other -> !other.id().equals(id))
                .sorted(Comparator.comparing(RigStore.Head::savedAt).reversed())
                .limit(MOST)
                .toList();
        return known.of(
                new Asked(id + " " + home.number(), others),
                () -> others.stream()
                        .flatMap(other -> trip(id, home, rig, other).stream())
                        .toList());
    }

    private Optional<Shuttle.Trip> trip(String id, Revision home, Rig rig, RigStore.Head other) {
        return tried.get(
                new Pair(id, home.number(), other.id(), other.revision()),
                pair -> revisions
                        .get(other.id(), other.revision())
                        .flatMap(revision -> revisions.legible(other.id(), revision))
                        .flatMap(content ->
                                Shuttle.of(rig, content, reviewer).stream().findFirst()));
    }
}
