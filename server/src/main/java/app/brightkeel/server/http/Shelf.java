package app.brightkeel.server.http;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.server.store.RigStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** All rigs with their reviews, what gives first on top; a rig that did not change is not reviewed again. */
@Component
class Shelf {

    private static final int KEPT = 2000;

    private final RigStore store;
    private final RigReviewer reviewer;

    private final Cache<RigStore.Head, ShelfEntry> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Shelf(RigStore store, RigReviewer reviewer) {
        this.store = store;
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
        return store.heads().stream()
                .map(head -> known.get(head, h -> ShelfEntry.of(store.get(h.id()), h.savedAt(), reviewer)))
                .sorted(Comparator.comparing(ShelfEntry::verdict)
                        .thenComparing(ShelfEntry::savedAt, Comparator.reverseOrder()))
                .toList();
    }

    /** The name itself, or with the first number that no rig on the shelf has; never longer than a name may be. */
    String freeName(String name) {
        Set<String> taken = entries().stream().map(ShelfEntry::name).collect(Collectors.toSet());
        if (!taken.contains(name)) {
            return name;
        }
        String stem = name.replaceAll(" \\(\\d{1,6}\\)$", "");
        for (int n = 2; ; n++) {
            String tail = " (" + n + ")";
            int room = Checks.LONGEST_NAME - tail.length();
            String numbered = (stem.length() > room ? stem.substring(0, room) : stem) + tail;
            if (!taken.contains(numbered)) {
                return numbered;
            }
        }
    }
}
