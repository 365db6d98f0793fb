package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What shuts what: never round in a ring, where each would have to be shut before the other. */
final class Closures {

    private final Map<String, Closure> all = new HashMap<>();
    private final Set<String> right = new HashSet<>();

    private Closures(List<Closure> closures) {
        closures.forEach(each -> all.put(each.id(), each));
    }

    /** @throws Refusal naming those that shut each other away */
    static void check(List<Closure> closures) {
        Closures them = new Closures(closures);
        closures.forEach(each -> them.visit(each, new LinkedHashMap<>()));
    }

    private void visit(Closure closure, Map<String, Closure> over) {
        if (right.contains(closure.id())) {
            return;
        }
        if (over.putIfAbsent(closure.id(), closure) != null) {
            List<String> ring = over.values().stream()
                    .dropWhile(each -> !each.id().equals(closure.id()))
                    .map(each -> "\"" + each.name() + "\"")
                    .toList();
            throw new Refusal(
                    RefusalCode.LOOP,
                    "closures",
                    String.join(" over ", ring) + " over \"" + closure.name() + "\"",
                    "none that lies over itself, straight or by way of others");
        }
        for (String part : closure.parts()) {
            Closure under = all.get(part);
            if (under != null) {
                visit(under, over);
            }
        }
        over.remove(closure.id());
        right.add(closure.id());
    }
}
