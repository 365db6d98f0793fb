package app.brightkeel.core.rig;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A rig some of whose parts were replaced or taken out, without what named those that are gone. What is untouched stays the
 * very same object: {@link Assumptions} need not fill it again.
 */
final class DroppedReferences {

    /** A part that is taken out. */
    private record Removed(PartKind kind, String id) {}

    private final Object[] values;
    private final @Nullable Removed removed;

    /** All that was there, before and with what was replaced: what names anything else is refused, not dropped. */
    private final PartIds known = new PartIds();

    private DroppedReferences(Rig before, Object[] values, @Nullable Removed removed) {
        this.values = values;
        this.removed = removed;
        Marks.Visitor all = new Marks.Visitor() {
            @Override
            public void part(PartKind kind, String id) {
                known.know(kind, id);
            }
        };
        Marks.visit(before, all);
        visit(all);
    }

    private void visit(Marks.Visitor visitor) {
        for (Marks mark : Marks.of(Rig.class)) {
            mark.visitValue(values[mark.at()], visitor);
        }
    }

    /** The rig with another value of one component, and without what named parts that this one has not. */
    static Rig with(Rig rig, String component, Object changed) {
        Object[] values = Components.values(rig);
        Marks mark = Stream.of(Marks.of(Rig.class))
                .filter(each -> each.name().equals(component))
                .findFirst()
                .orElseThrow();
        boolean gone = lost(mark, values[mark.at()], changed);
        values[mark.at()] = changed;
        return gone ? new DroppedReferences(rig, values, null).rig() : Components.made(Rig.class, values);
    }

    /** The rig without a part and without what named it; the rig itself where it has none such. */
    static Rig without(Rig rig, PartKind kind, String id) {
        Object[] values = Components.values(rig);
        Rig left = new DroppedReferences(rig, values, new Removed(kind, id)).rig();
        return left.equals(rig) ? rig : left;
    }

    /** Whether the value of a component held a part that another value does not. */
    private static boolean lost(Marks mark, Object before, Object after) {
        if (before == after) {
            return false;
        }
        Set<String> gone = new HashSet<>();
        mark.visitValue(before, parts(gone::add));
        if (!gone.isEmpty()) {
            mark.visitValue(after, parts(gone::remove));
        }
        return !gone.isEmpty();
    }

    private static Marks.Visitor parts(Consumer<String> each) {
        return new Marks.Visitor() {
            @Override
            public void part(PartKind kind, String id) {
                each.accept(kind.apart() ? kind + " " + id : id);
            }
        };
    }

    /** Drops until nothing names what is gone: what goes may have been named itself. */
    private Rig rig() {
        boolean again = true;
        while (again) {
            PartIds there = there();
            again = false;
            for (Marks mark : Marks.of(Rig.class)) {
                Object before = values[mark.at()];
                Object after = Objects.requireNonNull(kept(mark, before, there));
                again |= after != before;
                values[mark.at()] = after;
            }
        }
        return Components.made(Rig.class, values);
    }

    private PartIds there() {
        PartIds ids = new PartIds();
        visit(ids);
        if (removed != null) {
            ids.remove(removed.kind(), removed.id());
        }
        return ids;
    }

    /** What is left of a component: the same object where all of it is; null where its record goes. */
    private @Nullable Object kept(Marks mark, Object value, PartIds there) {
        Naming naming = mark.names();
        if (naming != null) {
            return names(naming, value, there);
        }
        return value instanceof List<?> list ? list(mark, list, there) : record(mark, value, there);
    }

    private boolean stands(Naming naming, String id, PartIds there) {
        return there.has(naming, id) || !known.has(naming, id);
    }

    private @Nullable Object names(Naming naming, Object value, PartIds there) {
        boolean empties = naming.isEmptied();
        if (value instanceof List<?> all) {
            List<?> left = all.stream()
                    .filter(id -> stands(naming, (String) id, there))
                    .toList();
            return left.size() == all.size() ? all : empties ? left : null;
        }
        return stands(naming, (String) value, there) ? value : empties ? "" : null;
    }

    private Object list(Marks mark, List<?> list, PartIds there) {
        List<Object> left = new ArrayList<>(list.size());
        boolean same = true;
        for (Object each : list) {
            PartKind kind = mark.parts();
            boolean out = kind != null
                    && removed != null
                    && removed.kind() == kind
                    && removed.id().equals(mark.idOf(each));
            Object after = out ? null : record(mark, each, there);
            same &= after == each;
            if (after != null) {
                left.add(after);
            }
        }
        return same ? list : left;
    }

    private @Nullable Object record(Marks in, Object record, PartIds there) {
        Object[] after = null;
        for (Marks mark : in.below(record)) {
            Object before = mark.in(record);
            Object left = kept(mark, before, there);
            if (left == null) {
                return null;
            }
            if (left != before) {
                after = after == null ? Components.values(record) : after;
                after[mark.at()] = left;
            }
        }
        return after == null ? record : Components.made(record.getClass(), after);
    }
}
