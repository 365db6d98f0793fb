package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison.Offer;
import java.util.ArrayList;
import java.util.List;

/** Why each thing of a plan stands, link by link, with the best of what it was compared with: to be printed. */
public final class WhyList {

    /**
     * One link.
     *
     * @param link    as addresses write it
     * @param stands  why it stands, or does not
     * @param beside  the best of the others; no words where there is none
     * @param wins    what that would win, and {@code loses} what it would lose with
     */
    public record Row(String link, Text planned, Text stands, Text beside, Text wins, Text loses) {}

    private static final Text NOTHING = Text.of("");

    private WhyList() {}

    /** Links of which there is something to compare. */
    public static List<Row> of(Line line) {
        List<Row> rows = new ArrayList<>();
        RigReviewer reviewer = new RigReviewer();
        for (Link link : Link.values()) {
            List<Offer> offers = Comparison.of(line, link, reviewer);
            offers.stream().filter(Offer::planned).findFirst().ifPresent(planned -> {
                Offer other = offers.stream()
                        .filter(each -> !each.planned())
                        .findFirst()
                        .orElse(planned);
                boolean alone = other.planned();
                rows.add(new Row(
                        Table.written(link),
                        planned.label(),
                        planned.stands(),
                        alone ? NOTHING : other.label(),
                        alone ? NOTHING : joined(other.wins()),
                        alone ? NOTHING : joined(and(other.fails(), other.loses()))));
            });
        }
        return List.copyOf(rows);
    }

    private static List<Text> and(List<Text> some, List<Text> more) {
        List<Text> all = new ArrayList<>(some);
        all.addAll(more);
        return all;
    }

    private static Text joined(List<Text> all) {
        return all.isEmpty() ? NOTHING : Text.joined(" · ", all);
    }
}
