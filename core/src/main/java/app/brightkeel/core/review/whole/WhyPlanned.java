package app.brightkeel.core.review.whole;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.review.Trait;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Why what is planned stands among its alternatives, in a line that can be printed. */
final class WhyPlanned {

    /** More names of traits than these nobody reads in a line. */
    private static final int MOST_NAMES = 4;

    private WhyPlanned() {}

    /**
     * One row of a comparison.
     *
     * @param fails  links that fail, and {@code closes} that are close
     * @param broken what fails with it, in words
     */
    record Row(Text label, long fails, long closes, List<Text> broken, Merit merit) {

        private boolean standsBehind(Row other) {
            return fails > other.fails || fails == other.fails && closes > other.closes;
        }
    }

    /**
     * @param planned the row of what the rig has
     * @param others  the other rows, the best first
     */
    static Text of(Row planned, List<Row> others) {
        Optional<Row> ahead = others.stream().filter(planned::standsBehind).findFirst();
        if (!planned.broken().isEmpty()) {
            Text broken = planned.broken().get(0);
            return ahead.map(row -> Text.of("It does not stand: {} Better: “{}”.", broken, row.label()))
                    .orElseGet(() -> Text.of("It does not stand: {} Nothing here does better.", broken));
        }
        if (others.isEmpty()) {
            return Text.of("It stands alone: there is nothing else to compare.");
        }
        long behind = others.stream().filter(row -> row.standsBehind(planned)).count();
        List<Row> alike = others.stream()
                .filter(row -> !row.standsBehind(planned) && !planned.standsBehind(row))
                .toList();
        List<Text> said = new ArrayList<>();
        ahead.ifPresent(row -> said.add(Text.of("“{}” leaves less that won't work or is tight", row.label())));
        if (behind > 0) {
            said.add(Text.of(
                    behind == 1
                            ? "{} other won't work or is tight where this one is not"
                            : "{} others won't work or are tight where this one is not",
                    Long.toString(behind)));
        }
        if (!alike.isEmpty()) {
            said.add(among(planned, alike));
        }
        return Text.of("It stands: {}.", Text.joined("; ", said));
    }

    /** By what it is not beaten among those that stand as well, and by what it is. */
    private static Text among(Row planned, List<Row> alike) {
        Map<String, Integer> better = new LinkedHashMap<>();
        Map<String, Integer> worse = new LinkedHashMap<>();
        for (Row row : alike) {
            for (Trait mine : planned.merit().is()) {
                for (Trait its : row.merit().is()) {
                    if (its.name().equals(mine.name())) {
                        double over = mine.over(its);
                        better.merge(mine.name(), over > 0 ? 1 : 0, Integer::sum);
                        worse.merge(mine.name(), over < 0 ? 1 : 0, Integer::sum);
                    }
                }
            }
        }
        List<String> unbeaten = new ArrayList<>();
        List<String> beaten = new ArrayList<>();
        better.forEach((name, times) -> {
            if (worse.getOrDefault(name, 0) == 0 && times > 0) {
                unbeaten.add(name);
            } else if (worse.getOrDefault(name, 0) > 0) {
                beaten.add(name);
            }
        });
        Text text = Text.of(
                alike.size() == 1 ? "{} other stands as well" : "{} others stand as well",
                Integer.toString(alike.size()));
        if (!unbeaten.isEmpty()) {
            text = text.then(Text.of(", none of them better by {}", names(unbeaten, "or")));
        }
        if (!beaten.isEmpty()) {
            text = text.then(
                    Text.of(unbeaten.isEmpty() ? ", some of them better by {}" : ", some by {}", names(beaten, "and")));
        }
        return unbeaten.isEmpty() && beaten.isEmpty() ? text.then(Text.of(", and none is better")) : text;
    }

    private static String names(List<String> all, String last) {
        List<String> some = all.subList(0, Math.min(MOST_NAMES, all.size()));
        return some.size() == 1
                ? some.get(0)
                : String.join(", ", some.subList(0, some.size() - 1)) + " " + last + " " + some.get(some.size() - 1);
    }
}
