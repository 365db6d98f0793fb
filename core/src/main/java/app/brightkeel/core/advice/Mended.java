package app.brightkeel.core.advice;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Remedy;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What was found of a rig that is advised, and what may be done about it. */
public record Mended(Finding finding, Remedy remedy) {

    /** Of all that fails or holds by little, worst first. */
    static List<Mended> of(Line line) {
        Map<String, Finding> found =
                Reasons.findings(line).collect(Collectors.toMap(Finding::rule, Function.identity()));
        return Reasons.REVIEWER.remedies(line).stream()
                .flatMap(remedy ->
                        Stream.ofNullable(found.get(remedy.rule())).map(finding -> new Mended(finding, remedy)))
                .toList();
    }
}
