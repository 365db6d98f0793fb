package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.StoredRig;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** The lines of kept revisions: what one answer worked out, the next one finds. */
@Component
class Lines {

    /** Sixty kilobytes each beside the rig, which is kept anyway. */
    private static final int KEPT = 300;

    private record Key(String id, long revision) {}

    private final Cache<Key, Line> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Line of(StoredRig stored) {
        return of(stored.id(), stored.revision(), stored.rig());
    }

    /** @param rig what the revision holds */
    Line of(String id, long revision, Rig rig) {
        return known.get(new Key(id, revision), key -> Line.of(rig));
    }
}
