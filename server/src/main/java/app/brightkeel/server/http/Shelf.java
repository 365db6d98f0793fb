package app.brightkeel.server.http;

import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.UnreadableRig;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** All rigs with their reviews, what gives first on top; a rig that did not change is not reviewed again. */
@Component
class Shelf {

    private static final int KEPT = 2000;

    /** A head as it was looked at: reviewed, or found to be unreadable. */
    private sealed interface Looked {
        record Fine(ShelfEntry entry) implements Looked {}

        record Spoilt(Unreadable rig) implements Looked {}
    }

    private final RigStore store;
    private final Revisions revisions;
    private final RigReviewer reviewer;

    private final Cache<RigStore.Head, Looked> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Shelf(RigStore store, Revisions revisions, RigReviewer reviewer) {
        this.store = store;
        this.revisions = revisions;
        this.reviewer = reviewer;
    }

    /** Looks through the rigs once while the first page is still loading. */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        Thread thread = new Thread(this::entries, "shelf");
        thread.setDaemon(true);
        thread.start();
    }

    /** Failing rigs first, then the close, the open and those that hold; within these the last saved first. */
    List<ShelfEntry> entries() {
        return looked().filter(Looked.Fine.class::isInstance)
                .map(looked -> ((Looked.Fine) looked).entry())
                .sorted(Comparator.comparing(ShelfEntry::verdict)
                        .thenComparing(ShelfEntry::savedAt, Comparator.reverseOrder()))
                .toList();
    }

    /** Those that cannot be read, the last saved first. */
    List<Unreadable> unreadable() {
        return looked().filter(Looked.Spoilt.class::isInstance)
                .map(looked -> ((Looked.Spoilt) looked).rig())
                .sorted(Comparator.comparing(Unreadable::savedAt, Comparator.reverseOrder()))
                .toList();
    }

    private Stream<Looked> looked() {
        return store.heads().stream().map(head -> known.get(head, this::look));
    }

    /** A revision stays though its rig be deleted while one looks. */
    private Looked look(RigStore.Head head) {
        Revision revision = revisions.get(head.id(), head.revision()).orElseThrow();
        try {
            return new Looked.Fine(ShelfEntry.of(head, revisions.rig(revision), reviewer));
        } catch (UnreadableRig spoilt) {
            long earlier = revisions.legibleBefore(head.id(), head.revision());
            return new Looked.Spoilt(Unreadable.of(head, Problems.sentence(spoilt.why()), earlier));
        }
    }
}
