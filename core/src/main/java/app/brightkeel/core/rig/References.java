package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What parts of a rig say of each other by id: every id once, every reference to something that is there. Given the values
 * of a rig that is being made, each by the name of its component.
 *
 * <p>Rigs are made by thousands from one that was found to be right, and few of them have other parts or other names: what
 * a thread found right last is not looked at again, as far as it is the same.
 */
final class References {

    private static final Marks[] MARKS = Marks.of(Rig.class);

    /** Of more kinds than these "part" says enough. */
    private static final int MOST_TOLD = 4;

    private static final ThreadLocal<@Nullable WeakReference<References>> RIGHT = new ThreadLocal<>();

    private final @Nullable Object[] values = new Object[MARKS.length];

    /** Parts and names of each component, in the order of the document: a kind or a naming, and then an id. */
    private final List<List<Object>> met = new ArrayList<>(MARKS.length);

    References of(String component, Object value) {
        for (int i = 0; i < MARKS.length; i++) {
            if (MARKS[i].name().equals(component)) {
                values[i] = value;
            }
        }
        return this;
    }

    /** @throws Refusal naming the field for an id used twice or a reference to nothing */
    void check() {
        WeakReference<References> last = RIGHT.get();
        References right = last == null ? null : last.get();
        boolean same = right != null;
        for (int i = 0; i < MARKS.length; i++) {
            Object value = Objects.requireNonNull(values[i], MARKS[i].name());
            if (right != null && right.values[i] == value) {
                met.add(right.met.get(i));
                continue;
            }
            Met each = new Met();
            MARKS[i].visitValue(value, each);
            met.add(each.all);
            same = same && right != null && each.all.equals(right.met.get(i));
        }
        if (!same) {
            checkAll();
            RIGHT.set(new WeakReference<>(this));
        }
    }

    private static final class Met implements Marks.Visitor {
        private final List<Object> all = new ArrayList<>();

        @Override
        public void part(PartKind kind, String id) {
            all.add(kind);
            all.add(id);
        }

        @Override
        public void name(Naming naming, String id) {
            boolean says = !naming.orNothing() || !naming.once().isEmpty() || !id.isEmpty();
            if (says && !naming.checkedThere()) {
                all.add(naming);
                all.add(id);
            }
        }
    }

    private void checkAll() {
        PartIds there = new PartIds();
        for (List<Object> each : met) {
            for (int i = 0; i < each.size(); i += 2) {
                if (each.get(i) instanceof PartKind kind) {
                    there.part(kind, (String) each.get(i + 1));
                }
            }
        }
        for (int m = 0; m < MARKS.length; m++) {
            checkNames(MARKS[m], met.get(m), there);
        }
    }

    private void checkNames(Marks mark, List<Object> each, PartIds there) {
        Set<String> once = new HashSet<>();
        for (int i = 0; i < each.size(); i += 2) {
            if (each.get(i) instanceof Naming naming) {
                String id = (String) each.get(i + 1);
                if (!naming.once().isEmpty() && !once.add(id)) {
                    throw new Refusal(RefusalCode.DUPLICATE, mark.name(), id, naming.once());
                }
                if (!there.has(naming, id)) {
                    throw new Refusal(RefusalCode.DANGLING, path(naming, id), id, allowed(naming));
                }
            }
        }
    }

    private String path(Naming naming, String id) {
        for (int i = 0; i < MARKS.length; i++) {
            String found = MARKS[i].path(MARKS[i].name(), Objects.requireNonNull(values[i]), naming, id);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return "";
    }

    private static String allowed(Naming naming) {
        List<String> kinds = naming.kinds().stream().map(PartKind::words).toList();
        int last = kinds.size() - 1;
        String words = kinds.size() > MOST_TOLD
                ? "part"
                : last == 0 ? kinds.get(0) : String.join(", ", kinds.subList(0, last)) + " or " + kinds.get(last);
        String of = naming.kinds().iterator().next().of();
        return "the id of a " + words + " of this " + of + (naming.orNothing() ? ", or nothing" : "");
    }
}
