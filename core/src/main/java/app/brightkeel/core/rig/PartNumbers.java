package app.brightkeel.core.rig;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

/**
 * Tells the parts of many rigs apart by number: two parts have one number only where they hold the same, as entered and as
 * filled. A rig need not be filled to be numbered where what a part is filled from was seen before. Any thread may ask.
 */
public final class PartNumbers {

    private static final Part[] PARTS = Part.values();

    /**
     * The numbers of one rig, by the order of {@link Part}.
     *
     * @param entered of what was entered alone
     * @param both    of what was entered and what it was filled to
     */
    public record Numbered(int[] entered, int[] both) {
        /** The parts in which another rig differs, as a set of bits like {@link Reads#parts}. */
        public long changed(Numbered other) {
            long changed = 0;
            for (int i = 0; i < both.length; i++) {
                changed |= both[i] == other.both[i] ? 0 : 1L << i;
            }
            return changed;
        }

        /** Some of the parts, equal to those of another rig where their numbers are. */
        public Some some(long parts) {
            return Some.of(both, parts);
        }
    }

    /** The numbers of some parts, as a key. */
    public static final class Some {
        private final long parts;
        private final int[] numbers;
        private final int hash;

        private Some(long parts, int[] numbers) {
            this.parts = parts;
            this.numbers = numbers;
            this.hash = 31 * Long.hashCode(parts) + Arrays.hashCode(numbers);
        }

        private static Some of(int[] all, long parts) {
            int[] some = new int[Long.bitCount(parts)];
            int n = 0;
            for (long left = parts; left != 0; left &= left - 1) {
                some[n++] = all[Long.numberOfTrailingZeros(left)];
            }
            return new Some(parts, some);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Some some && some.parts == parts && Arrays.equals(some.numbers, numbers);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    private record Both(Object entered, Object filled) {}

    /** By the very objects: most rigs of a search are put together of the same ones, and to compare them is dear. */
    private final Map<Part, Map<Object, Integer>> same =
            tables(() -> Collections.synchronizedMap(new IdentityHashMap<>()));

    private final Map<Part, Map<Object, Integer>> entered = tables(ConcurrentHashMap::new);
    private final Map<Part, Map<Both, Integer>> both = tables(ConcurrentHashMap::new);
    private final Map<Part, Map<Some, Integer>> filledFrom = tables(ConcurrentHashMap::new);

    private final AtomicInteger last = new AtomicInteger();
    private final int most;

    /** @param most values of one part that are told apart at a time, 1 and more */
    public PartNumbers(int most) {
        this.most = most;
    }

    private static <K> Map<Part, Map<K, Integer>> tables(Supplier<Map<K, Integer>> table) {
        Map<Part, Map<K, Integer>> all = new EnumMap<>(Part.class);
        for (Part part : PARTS) {
            all.put(part, table.get());
        }
        return all;
    }

    /** @param filled asked for where what a part is filled from was not seen before */
    public Numbered of(Rig rig, Supplier<Rig> filled) {
        int[] mine = new int[PARTS.length];
        for (int i = 0; i < mine.length; i++) {
            mine[i] = entered(PARTS[i], PARTS[i].in(rig));
        }
        return new Numbered(mine, both(rig, filled, mine, new int[mine.length], Part.ALL_BITS));
    }

    /**
     * The same of a rig that shares most of its parts with another.
     *
     * @param numbered of {@code before}
     */
    public Numbered of(Rig rig, Supplier<Rig> filled, Rig before, Numbered numbered) {
        int[] mine = numbered.entered().clone();
        long changed = 0;
        for (int i = 0; i < mine.length; i++) {
            Object part = PARTS[i].in(rig);
            if (part != PARTS[i].in(before)) {
                mine[i] = entered(PARTS[i], part);
                changed |= mine[i] == numbered.entered()[i] ? 0 : PARTS[i].bit();
            }
        }
        return changed == 0 ? numbered : new Numbered(mine, both(rig, filled, mine, numbered.both(), changed));
    }

    private int[] both(Rig rig, Supplier<Rig> filled, int[] mine, int[] before, long changed) {
        int[] all = before.clone();
        for (int i = 0; i < all.length; i++) {
            Part part = PARTS[i];
            if ((part.filledFrom() & changed) != 0) {
                all[i] = part.filledFrom() == part.bit() ? mine[i] : full(rig, filled, part, mine);
            }
        }
        return all;
    }

    private int full(Rig rig, Supplier<Rig> filled, Part part, int[] mine) {
        return table(filledFrom, part)
                .computeIfAbsent(
                        Some.of(mine, part.filledFrom()),
                        from -> number(both, part, new Both(part.in(rig), part.in(filled.get()))));
    }

    private int entered(Part part, Object value) {
        return table(same, part).computeIfAbsent(value, each -> number(entered, part, each));
    }

    private <K> int number(Map<Part, Map<K, Integer>> tables, Part part, K value) {
        return table(tables, part).computeIfAbsent(value, each -> last.incrementAndGet());
    }

    /** What is forgotten gets another number when it comes again, never one that was given: it is new, and nothing else. */
    private <K> Map<K, Integer> table(Map<Part, Map<K, Integer>> tables, Part part) {
        Map<K, Integer> table = Objects.requireNonNull(tables.get(part));
        if (table.size() >= most) {
            table.clear();
        }
        return table;
    }
}
