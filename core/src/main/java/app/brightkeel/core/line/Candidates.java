package app.brightkeel.core.line;

import app.brightkeel.core.rig.PartNumbers;
import app.brightkeel.core.rig.PartNumbers.Some;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;

/**
 * Rigs that are tried instead of one: what came out for one of them serves each that agrees with it in all the parts it was
 * worked out from, however else they differ. Of a search through all choices of battery, mount and box most links of most
 * rigs are known so before they are looked at.
 *
 * <p>For as long as a search lasts; bounded, what was not asked for lately is forgotten. Any thread may ask.
 */
public final class Candidates {

    /** A few hundred bytes each; as many again that were not asked for lately are kept beside them. */
    private static final int MOST = 60_000;

    /** What came out for one key: by the sets of parts it was worked out from, and by what they were. */
    private static final class Told {
        private final List<Long> parts = new CopyOnWriteArrayList<>();
        private final Map<Some, Known> known = new ConcurrentHashMap<>();
    }

    private final Line base;
    private final int most;
    private final PartNumbers numbers;
    private final PartNumbers.Numbered ofBase;
    private final AtomicInteger size = new AtomicInteger();
    private volatile Map<Object, Told> lately = new ConcurrentHashMap<>();
    private volatile Map<Object, Told> earlier = Map.of();

    public Candidates(Line base) {
        this(base, MOST);
    }

    Candidates(Line base, int most) {
        this.base = base;
        this.most = most;
        this.numbers = new PartNumbers(most);
        this.ofBase = numbers.of(base.entered(), base::rig);
    }

    /** The line of one of them; its own changes are further ones. */
    public Line of(Rig rig) {
        return base.tried(rig, this, ofBase);
    }

    PartNumbers numbers() {
        return numbers;
    }

    /** What came out for a key and the parts of a rig that it stands on, of whichever rig was the first. */
    @Nullable
    Known find(Object key, PartNumbers.Numbered rig) {
        Known known = find(lately.get(key), rig);
        if (known == null) {
            known = find(earlier.get(key), rig);
            if (known != null) {
                keep(key, known, rig);
            }
        }
        return known;
    }

    private static @Nullable Known find(@Nullable Told told, PartNumbers.Numbered rig) {
        if (told != null) {
            for (long parts : told.parts) {
                Known known = told.known.get(rig.some(parts));
                if (known != null) {
                    return known;
                }
            }
        }
        return null;
    }

    void keep(Object key, Known known, PartNumbers.Numbered rig) {
        if (size.incrementAndGet() > most) {
            size.set(0);
            earlier = lately;
            lately = new ConcurrentHashMap<>();
        }
        Told mine = lately.computeIfAbsent(key, each -> new Told());
        if (!mine.parts.contains(known.below())) {
            mine.parts.add(known.below());
        }
        mine.known.put(rig.some(known.below()), known);
    }
}
