package app.brightkeel.core.rig;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** The ids of a rig's parts, by kind. */
public final class PartsOf {

    private PartsOf() {}

    public static Map<PartKind, Set<String>> of(Rig rig) {
        Map<PartKind, Set<String>> all = new EnumMap<>(PartKind.class);
        Marks.visit(rig, new Marks.Visitor() {
            @Override
            public void part(PartKind kind, String id) {
                all.computeIfAbsent(kind, each -> new TreeSet<>()).add(id);
            }
        });
        return all;
    }
}
