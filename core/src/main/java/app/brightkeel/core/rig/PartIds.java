package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** Which ids stand for what; those told apart all over the rig stand in one map. */
final class PartIds implements Marks.Visitor {

    private final Map<String, PartKind> kinds = new HashMap<>(64);
    private final Map<PartKind, Set<String>> apart = new EnumMap<>(PartKind.class);

    /** @throws Refusal for an id that is there already */
    @Override
    public void part(PartKind kind, String id) {
        if (!kind.apart() && kinds.containsKey(id)) {
            throw new Refusal(RefusalCode.DUPLICATE, "harness", id, "each id once in a rig");
        }
        know(kind, id);
    }

    /** Adds an id without minding whether it is there. */
    void know(PartKind kind, String id) {
        if (kind.apart()) {
            apart.computeIfAbsent(kind, each -> new HashSet<>()).add(id);
        } else {
            kinds.put(id, kind);
        }
    }

    /** Whether there is what something names. */
    boolean has(Naming naming, String id) {
        if (id.isEmpty() && naming.orNothing()) {
            return true;
        }
        for (PartKind kind : naming.kinds()) {
            if (has(kind, id)) {
                return true;
            }
        }
        return false;
    }

    boolean has(PartKind kind, String id) {
        return kind.apart() ? apart.getOrDefault(kind, Set.of()).contains(id) : kinds.get(id) == kind;
    }

    void remove(PartKind kind, String id) {
        if (kind.apart()) {
            apart.computeIfAbsent(kind, each -> new HashSet<>()).remove(id);
        } else {
            kinds.remove(id, kind);
        }
    }
}
