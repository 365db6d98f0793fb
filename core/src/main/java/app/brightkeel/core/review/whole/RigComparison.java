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

/**
 * Two rigs side by side, link by link.
 *
 * @param links all nine, in order
 */
public record RigComparison(String left, String right, List<Pair> links) {

    /**
     * One link of both.
     *
     * @param differs whether verdict or number differ
     * @param by      by how much the right one's number is more or less; empty words where that cannot be said
     * @param leftHas what the left rig has there
     */
    public record Pair(
            Link link, LinkState left, LinkState right, boolean differs, Text by, Text leftHas, Text rightHas) {}

    /** Compares two lines under one set of rules. */
    public static RigComparison of(Line left, Line right, RigReviewer reviewer) {
        List<Pair> rows = new ArrayList<>();
        for (Link link : Link.values()) {
            LinkState a = reviewer.state(left, link);
            LinkState b = reviewer.state(right, link);
            rows.add(new Pair(link, a, b, differs(a, b), by(a, b), has(left, link), has(right, link)));
        }
        return new RigComparison(left.rig().name(), right.rig().name(), List.copyOf(rows));
    }

    private static boolean differs(LinkState a, LinkState b) {
        return a.verdict() != b.verdict()
                || a instanceof LinkState.Judged left
                        && b instanceof LinkState.Judged right
                        && !left.number().plain().equals(right.number().plain());
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

    private static Text has(Line line, Link link) {
        return Links.of(link).planned(line);
    }
}
