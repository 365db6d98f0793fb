package app.brightkeel.core.rig;

import app.brightkeel.core.rig.Components.Component;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What one change of a rig does, so that it can be done to another rig which differs elsewhere: fields of parts that are set,
 * parts that are new or gone. Any thread may use one.
 */
public final class RigPatch {

    /** How far into records of records one looks for what differs: a list of the fit-out, its boxes, their fields. */
    private static final int DEEP = 3;

    private final Map<Part, Touched> touched;

    private RigPatch(Map<Part, Touched> touched) {
        this.touched = touched;
    }

    public static RigPatch between(Rig before, Rig after) {
        Map<Part, Touched> touched = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            Object was = part.in(before);
            Object is = part.in(after);
            if (was != is && !was.equals(is)) {
                touched.put(part, new Touched(Difference.of(was, is, DEEP)));
            }
        }
        return new RigPatch(touched);
    }

    /** Whether it does nothing. */
    public boolean isEmpty() {
        return touched.isEmpty();
    }

    /**
     * Done to a rig; empty where that differs from the one before in the very fields and parts.
     *
     * @throws app.brightkeel.core.refusal.Refusal where no rig can be so
     */
    public Optional<Rig> on(Rig rig) {
        Map<Part, Object> made = new EnumMap<>(Part.class);
        for (Map.Entry<Part, Touched> each : touched.entrySet()) {
            Object put = each.getValue().on(each.getKey().in(rig));
            if (put == Difference.CLASHES) {
                return Optional.empty();
            }
            made.put(each.getKey(), put);
        }
        return Optional.of(Part.replaced(rig, made));
    }

    /** A part with what was made of it: a search meets the very same ones again and again, and is to get the very same. */
    private static final class Touched {
        private final Difference difference;
        private final Map<Object, Object> made = Collections.synchronizedMap(new IdentityHashMap<>());

        private Touched(Difference difference) {
            this.difference = difference;
        }

        private Object on(Object value) {
            Object known = made.get(value);
            if (known == null) {
                known = difference.on(value);
                made.put(value, known);
            }
            return known;
        }
    }

    private sealed interface Difference {

        /** In place of a value that is another than the one before. */
        Object CLASHES = new Object();

        Object on(Object value);

        static Difference of(Object before, Object after, int deep) {
            if (before instanceof List<?> was && after instanceof List<?> is && named(was) && named(is)) {
                return Members.of(was, is, deep);
            }
            return before instanceof Record was && deep > 0 && was.getClass() == after.getClass()
                    ? Fields.of(was, (Record) after, deep - 1)
                    : new Whole(before, after);
        }

        private static boolean named(List<?> all) {
            return all.stream().allMatch(each -> each instanceof Record it && name(it).isPresent());
        }

        /** What a member of a list is known by. */
        private static Optional<Object> name(Record member) {
            if (member instanceof Placement place) {
                return Optional.of(place.item());
            }
            if (member instanceof Purchase purchase) {
                return Optional.of(purchase.part() + "/" + purchase.piece());
            }
            return member instanceof Use use ? Optional.of(use.device()) : Pointer.step(member, "id");
        }
    }

    /** @param after in place of {@code before} as it is */
    private record Whole(Object before, Object after) implements Difference {
        @Override
        public Object on(Object value) {
            return value.equals(before) ? after : value.equals(after) ? value : CLASHES;
        }
    }

    private record Fields(Map<String, Difference> those) implements Difference {

        private static Fields of(Record before, Record after, int deep) {
            Map<String, Difference> those = new LinkedHashMap<>();
            for (Component each : Components.of(before)) {
                Object was = each.of(before);
                Object is = each.of(after);
                if (!was.equals(is)) {
                    those.put(each.name(), Difference.of(was, is, deep));
                }
            }
            return new Fields(those);
        }

        @Override
        public Object on(Object value) {
            if (!(value instanceof Record)) {
                return CLASHES;
            }
            List<Component> all = Components.of(value);
            Object[] values = Components.values(value);
            int found = 0;
            for (int i = 0; i < values.length; i++) {
                Difference difference = those.get(all.get(i).name());
                if (difference != null) {
                    values[i] = difference.on(values[i]);
                    found++;
                    if (values[i] == CLASHES) {
                        return CLASHES;
                    }
                }
            }
            return found == those.size() ? Components.made(value.getClass(), values) : CLASHES;
        }
    }

    /** @param those by name: what becomes of each that differs; null of one that is gone */
    private record Members(Map<Object, @Nullable Difference> those, Map<Object, Object> fresh) implements Difference {

        private static Members of(List<?> before, List<?> after, int deep) {
            Map<Object, Object> was = byName(before);
            Map<Object, Object> is = byName(after);
            Map<Object, @Nullable Difference> those = new HashMap<>();
            was.forEach((name, old) -> {
                Object now = is.get(name);
                if (now == null) {
                    those.put(name, null);
                } else if (!now.equals(old)) {
                    those.put(name, Difference.of(old, now, deep));
                }
            });
            Map<Object, Object> fresh = new LinkedHashMap<>(is);
            fresh.keySet().removeAll(was.keySet());
            return new Members(those, fresh);
        }

        private static Map<Object, Object> byName(List<?> all) {
            Map<Object, Object> named = new LinkedHashMap<>();
            all.forEach(each -> named.put(Difference.name((Record) each).orElseThrow(), each));
            return named;
        }

        @Override
        public Object on(Object value) {
            List<Object> all = new ArrayList<>();
            int found = 0;
            for (Object each : (List<?>) value) {
                Object name = Difference.name((Record) each).orElseThrow();
                if (fresh.containsKey(name)) {
                    return CLASHES;
                }
                if (!those.containsKey(name)) {
                    all.add(each);
                    continue;
                }
                found++;
                Difference difference = those.get(name);
                if (difference != null) {
                    Object put = difference.on(each);
                    if (put == CLASHES) {
                        return CLASHES;
                    }
                    all.add(put);
                }
            }
            all.addAll(fresh.values());
            return found == those.size() ? List.copyOf(all) : CLASHES;
        }
    }
}
