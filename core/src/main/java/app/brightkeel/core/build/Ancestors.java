package app.brightkeel.core.build;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** All that has to be done before a step, however far back. */
final class Ancestors {

    private final Map<String, List<String>> before = new HashMap<>();

    Ancestors(Collection<Need> needs) {
        needs.forEach(need ->
                before.computeIfAbsent(need.after(), each -> new ArrayList<>()).add(need.before()));
    }

    Set<String> of(String step) {
        Set<String> all = new HashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(step));
        while (!open.isEmpty()) {
            for (String each : before.getOrDefault(open.pop(), List.of())) {
                if (all.add(each)) {
                    open.push(each);
                }
            }
        }
        return all;
    }
}
