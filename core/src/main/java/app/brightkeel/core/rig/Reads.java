package app.brightkeel.core.rig;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What is read on this thread while something is worked out: parts of a rig, figures that were assumed, and other things
 * that were worked out before. Then it is known what the result stands on, without anybody having to say so.
 *
 * <p>Open one around the work, close it after; one inside another is noted apart from it. The accessors of {@link Rig},
 * {@link Harness} and {@link Outing} and the value of a {@link Figure} note themselves.
 */
public final class Reads implements AutoCloseable {

    /** All parts: of what cannot be told apart. */
    private static final long EVERYTHING = Part.ALL_BITS;

    private static final ThreadLocal<@Nullable Reads> NOW = new ThreadLocal<>();

    private final Object owner;
    private final @Nullable Reads outer;
    private List<Object> asked = List.of();
    private @Nullable Set<Figure> assumed;
    private long parts;

    private Reads(Object owner, @Nullable Reads outer) {
        this.owner = owner;
        this.outer = outer;
    }

    /** @param owner of what is asked for meanwhile: what another one is asked counts as if everything had been read */
    public static Reads open(Object owner) {
        Reads reads = new Reads(owner, NOW.get());
        NOW.set(reads);
        return reads;
    }

    @Override
    public void close() {
        if (outer == null) {
            NOW.remove();
        } else {
            NOW.set(outer);
        }
    }

    /** What work yields that is not what is being worked out: nothing it reads is noted. */
    public static <T> T aside(Supplier<T> work) {
        Reads now = NOW.get();
        if (now == null) {
            return work.get();
        }
        NOW.remove();
        try {
            return work.get();
        } finally {
            NOW.set(now);
        }
    }

    static <T> T noted(Part part, T value) {
        Reads now = NOW.get();
        if (now != null) {
            now.parts |= part.bit();
        }
        return value;
    }

    static void assumed(Figure figure) {
        Reads now = NOW.get();
        if (now != null) {
            if (now.assumed == null) {
                now.assumed = Collections.newSetFromMap(new IdentityHashMap<>());
            }
            now.assumed.add(figure);
        }
    }

    /** Notes that an owner was asked for something worked out before. */
    public static void asked(Object owner, Object key) {
        Reads now = NOW.get();
        if (now != null) {
            if (now.owner == owner) {
                now.ask(key);
            } else {
                now.parts = EVERYTHING;
            }
        }
    }

    private void ask(Object key) {
        if (asked.isEmpty()) {
            asked = new ArrayList<>(4);
        }
        for (int i = 0; i < asked.size(); i++) {
            if (asked.get(i) == key) {
                return;
            }
        }
        asked.add(key);
    }

    /** The parts that were read, one bit each. */
    public long parts() {
        return parts;
    }

    /** What the owner was asked for, in that order; not to be changed. */
    public List<Object> asked() {
        return asked;
    }

    /** The assumed figures whose values were read: the very objects of the rig. */
    public Collection<Figure> assumed() {
        return assumed == null ? List.of() : new ArrayList<>(assumed);
    }
}
