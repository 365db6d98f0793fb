package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is done of a rig as it is now: a tick stands as long as what it ticked has not changed.
 *
 * @param steps of which something was ticked
 * @param gone  steps that were ticked and that the rig no longer has
 * @param done  how many steps are done
 */
public record Progress(List<Done> steps, List<Gone> gone, int done) {

    /**
     * @param ticked ids of checks that were seen; "" for a step without any
     * @param whole  whether the step is done
     * @param voids  why ticks of it no longer count, one thing each; none where they do
     */
    public record Done(String step, List<String> ticked, boolean whole, List<Text> voids) {

        public Done {
            ticked = List.copyOf(ticked);
            voids = List.copyOf(voids);
        }
    }

    /** @param title as it was called when it was ticked */
    public record Gone(String step, Text title, String at) {}

    public Progress {
        steps = List.copyOf(steps);
        gone = List.copyOf(gone);
    }

    /** Of the steps of a rig as it is now. */
    public static Progress of(List<Step> steps, List<Tick> ticks) {
        Map<String, List<Tick>> byStep = new LinkedHashMap<>();
        ticks.forEach(tick ->
                byStep.computeIfAbsent(tick.step(), each -> new ArrayList<>()).add(tick));
        List<Done> all = new ArrayList<>();
        int done = 0;
        for (Step step : steps) {
            List<Tick> mine = byStep.remove(step.id());
            if (mine != null) {
                Done of = of(step, mine);
                all.add(of);
                done += of.whole() ? 1 : 0;
            }
        }
        List<Gone> gone = byStep.values().stream()
                .map(left -> left.get(0))
                .map(tick -> new Gone(tick.step(), tick.title(), tick.at()))
                .toList();
        return new Progress(all, gone, done);
    }

    private static Done of(Step step, List<Tick> ticks) {
        List<String> standing = ticks.stream()
                .filter(tick -> tick.fingerprint().equals(step.fingerprint()))
                .map(Tick::item)
                .toList();
        List<Text> voids = ticks.stream()
                .filter(tick -> !tick.fingerprint().equals(step.fingerprint()))
                .findFirst()
                .map(tick -> changed(tick.facts(), step.facts()))
                .orElse(List.of());
        boolean whole = step.checks().isEmpty()
                ? standing.contains("")
                : step.checks().stream().allMatch(check -> standing.contains(check.id()));
        return new Done(step.id(), standing, whole, voids);
    }

    private static List<Text> changed(List<Fact> before, List<Fact> now) {
        Map<String, Text> then = new LinkedHashMap<>();
        before.forEach(fact -> then.put(fact.name(), fact.value()));
        List<Text> all = new ArrayList<>();
        Map<String, Text> today = new HashMap<>();
        for (Fact fact : now) {
            today.put(fact.name(), fact.value());
            Text was = then.get(fact.name());
            if (was == null) {
                all.add(Text.of("{} is new: {}", fact.name(), fact.value()));
            } else if (!was.plain().equals(fact.value().plain())) {
                all.add(Text.of("{} was {}, is {}", fact.name(), said(was), said(fact.value())));
            }
        }
        then.forEach((name, was) -> {
            if (!today.containsKey(name)) {
                all.add(Text.of("{} is no longer there: it was {}", name, said(was)));
            }
        });
        return all;
    }

    private static Text said(Text value) {
        return value.plain().isEmpty() ? Text.of("nothing") : value;
    }
}
