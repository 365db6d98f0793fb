package app.brightkeel.core.review;

import app.brightkeel.core.rig.Figure;
import java.util.List;

/**
 * What is to be said of a rig.
 *
 * @param links        all nine, in order
 * @param weakest      the link that gives first
 * @param findings     worst first
 * @param cautions     that apply
 * @param assumed      every figure that was assumed, with its place
 * @param guide        a first pass, question by question
 */
public record Review(
        List<LinkState> links,
        Link weakest,
        List<Finding> findings,
        List<Caution> cautions,
        List<Assumed> assumed,
        List<Guide.Asked> guide) {

    /**
     * A figure that nobody gave.
     *
     * @param links those that were judged by it: one of their rules, or a stage below, read its value
     */
    public record Assumed(String pointer, Figure figure, List<Link> links) {}
}
