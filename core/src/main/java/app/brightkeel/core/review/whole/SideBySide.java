package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A few rigs side by side: link by link, and by what one asks of a whole rig.
 *
 * @param names    of the rigs, in the order asked for
 * @param links    all nine, in order
 * @param measures of the whole rig
 */
public record SideBySide(List<String> names, List<LinkRow> links, List<MeasureRow> measures) {

    /** More do not stand beside each other on a screen. */
    public static final int MOST = 4;

    /**
     * One link of all.
     *
     * @param differs whether verdicts or numbers do
     * @param states  of each rig
     * @param by      by how much its number is more or less than that of the first; empty words where that cannot be said
     * @param has     what each has there
     */
    public record LinkRow(Link link, boolean differs, List<LinkState> states, List<Text> by, List<Text> has) {}

    /**
     * Something that is asked of a whole rig.
     *
     * @param values of each rig, in words
     * @param best   place of the one that is best at it; −1 where none is, or several are
     */
    public record MeasureRow(String name, List<Text> values, int best) {}

    /** @param lines two to four */
    public static SideBySide of(List<Line> lines, RigReviewer reviewer) {
        List<LinkRow> links = new ArrayList<>();
        for (Link link : Link.values()) {
            List<LinkState> states =
                    lines.stream().map(line -> reviewer.state(line, link)).toList();
            links.add(new LinkRow(
                    link,
                    states.stream().anyMatch(each -> differs(states.get(0), each)),
                    states,
                    states.stream().map(each -> by(states.get(0), each)).toList(),
                    lines.stream().map(line -> Links.of(link).planned(line)).toList()));
        }
        List<WholeMeasures.Asked> asked = lines.stream()
                .map(line -> WholeMeasures.Asked.of(line, reviewer))
                .toList();
        return new SideBySide(
                lines.stream().map(line -> line.rig().name()).toList(),
                List.copyOf(links),
                WholeMeasures.all().stream().map(measure -> row(measure, asked)).toList());
    }

    private static MeasureRow row(WholeMeasures.Measure measure, List<WholeMeasures.Asked> asked) {
        List<WholeMeasures.Told> told = asked.stream().map(measure.of()).toList();
        return new MeasureRow(
                measure.name(),
                told.stream().map(WholeMeasures.Told::words).toList(),
                best(told, measure.more() ? value -> -value : value -> value));
    }

    /** Where something is open of one of them, nobody knows which is best. */
    private static int best(List<WholeMeasures.Told> told, Function<Double, Double> less) {
        if (told.stream().anyMatch(each -> each.value().isEmpty())) {
            return -1;
        }
        List<Double> values =
                told.stream().map(each -> less.apply(each.value().get())).toList();
        double least = values.stream().mapToDouble(Double::doubleValue).min().orElse(0);
        int first = values.indexOf(least);
        // what reads the same is no better
        String best = told.get(first).words().plain();
        long alike =
                told.stream().filter(each -> each.words().plain().equals(best)).count();
        return alike == 1 ? first : -1;
    }

    private static boolean differs(LinkState a, LinkState b) {
        return a.verdict() != b.verdict()
                || a instanceof LinkState.Judged one
                        && b instanceof LinkState.Judged other
                        && !one.number().plain().equals(other.number().plain());
    }

    private static Text by(LinkState a, LinkState b) {
        Optional<Amount> from = amount(a);
        Optional<Amount> to = amount(b);
        // "0.42 m short" and "0.30 m spare" are not 0.12 m apart
        if (!said(a).equals(said(b))
                || from.isEmpty()
                || to.isEmpty()
                || from.get().unit() != to.get().unit()) {
            return Text.of("");
        }
        Unit unit = to.get().unit();
        double more = to.get().si() - from.get().si();
        Amount size = new Amount(Math.abs(more), unit);
        boolean shows = !size.plain().equals(new Amount(0, unit).plain());
        return shows ? Text.of(more > 0 ? "{} more" : "{} less", size) : Text.of("");
    }

    /** The words next to the first amount. */
    private static List<String> said(LinkState state) {
        return state instanceof LinkState.Judged judged
                ? judged.number().words().stream().limit(2).toList()
                : List.of();
    }

    private static Optional<Amount> amount(LinkState state) {
        return state instanceof LinkState.Judged judged
                ? judged.number().amounts().stream().findFirst()
                : Optional.empty();
    }
}
