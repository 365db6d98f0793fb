package app.brightkeel.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is loosened for one thing, counted and in words.
 *
 * @param counts in the order in which they are told, none of nothing
 * @param inside the box that it lies in, in words; no words where it lies in none
 */
public record Loosened(List<Count> counts, String inside) {

    /** What a hand does: pulls, turns, or opens. */
    public enum Sort {
        PLUG,
        KNOB,
        STRAP
    }

    /** @param what in words, of one of them */
    public record Count(Sort sort, String what, int times) {

        private String words() {
            return times + " " + (times == 1 ? what : plural());
        }

        private String plural() {
            return what.startsWith("loop") ? what.replace("loop", "loops") : what.replaceFirst("^(\\w+)", "$1s");
        }
    }

    static final Loosened NOTHING = new Loosened(List.of(), "");

    public Loosened {
        counts = List.copyOf(counts);
    }

    /** With so many of something more; none of it changes nothing. */
    Loosened and(Sort sort, String what, int times) {
        if (times == 0) {
            return this;
        }
        List<Count> all = new ArrayList<>(counts);
        all.add(new Count(sort, what, times));
        return new Loosened(all, inside);
    }

    Loosened inside(String box) {
        return new Loosened(counts, "inside the " + box);
    }

    /** How many of all sorts. */
    int count() {
        return Stream.of(Sort.values()).mapToInt(this::count).sum();
    }

    /** How many of one sort. */
    public int count(Sort sort) {
        return counts.stream()
                .filter(each -> each.sort() == sort)
                .mapToInt(Count::times)
                .sum();
    }

    /** "2 plugs, 1 knob, inside the crate". */
    public String words() {
        return words(each -> true);
    }

    /** The same without the plugs. */
    public String withoutPlugs() {
        return words(each -> each.sort() != Sort.PLUG);
    }

    private String words(Predicate<Count> which) {
        Stream<String> counted = counts.stream().filter(which).map(Count::words);
        return Stream.concat(counted, Stream.of(inside).filter(each -> !each.isEmpty()))
                .collect(Collectors.joining(", "));
    }
}
