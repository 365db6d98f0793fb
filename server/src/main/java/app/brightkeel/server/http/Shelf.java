package app.brightkeel.server.http;

import app.brightkeel.core.review.Review;
import app.brightkeel.core.rig.Rig;
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

    private record AtEdition(long edition) {}

    private final RigStore store;
    private final Revisions revisions;
    private final Reviews reviews;
    private final Known known;

    private final Cache<RigStore.Head, Looked> looked =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Shelf(RigStore store, Revisions revisions, Reviews reviews, Known known) {
        this.store = store;
        this.revisions = revisions;
        this.reviews = reviews;
        this.known = known;
    }

    /** Looks through the rigs once while the first page is still loading. */
    @EventListener(ApplicationReadyEvent.class)
    void warm() {
        Thread thread = new Thread(this::answer, "shelf");
        thread.setDaemon(true);
        thread.start();
    }

    /** The entries as they go out; the same until any of them is another. */
    Kept<List<ShelfEntry>> answer() {
        long edition = store.edition();
        List<RigStore.Head> heads = store.heads();
        return known.of(new AtEdition(edition), () -> entries(heads));
    }

    /** Failing rigs first, then the close, the open and those that hold; within these the last saved first. */
    private List<ShelfEntry> entries(List<RigStore.Head> heads) {
        return looked(heads)
                .filter(Looked.Fine.class::isInstance)
                .map(looked -> ((Looked.Fine) looked).entry())
                .sorted(Comparator.comparing(ShelfEntry::verdict)
                        .thenComparing(ShelfEntry::savedAt, Comparator.reverseOrder()))
                .toList();
    }

    /** Those that cannot be read, the last saved first. */
    List<Unreadable> unreadable() {
        return looked(store.heads())
                .filter(Looked.Spoilt.class::isInstance)
                .map(looked -> ((Looked.Spoilt) looked).rig())
                .sorted(Comparator.comparing(Unreadable::savedAt, Comparator.reverseOrder()))
                .toList();
    }

    private Stream<Looked> looked(List<RigStore.Head> heads) {
        return heads.stream().map(head -> looked.get(head, this::look));
    }

    /** A revision stays though its rig be deleted while one looks. */
    private Looked look(RigStore.Head head) {
        Revision revision = revisions.get(head.id(), head.revision()).orElseThrow();
        try {
            Rig rig = revisions.rig(head.id(), revision);
            Review review = reviews.of(head.id(), head.revision(), rig);
            return new Looked.Fine(ShelfEntry.of(head, rig, review));
        } catch (UnreadableRig spoilt) {
            long earlier = revisions.legibleBefore(head.id(), head.revision());
            return new Looked.Spoilt(Unreadable.of(head, Problems.sentence(spoilt.why()), earlier));
        }
    }
}
