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
 * @param assumedLinks links whose verdict stands on assumed figures
 * @param guide        a first pass, step by step
 */
public record Review(
        List<LinkState> links,
        Link weakest,
        List<Finding> findings,
        List<Caution> cautions,
        List<Assumed> assumed,
        List<Link> assumedLinks,
        List<Guide.Step> guide) {

    /** A figure that nobody gave. */
    public record Assumed(String pointer, Figure figure) {}
}
