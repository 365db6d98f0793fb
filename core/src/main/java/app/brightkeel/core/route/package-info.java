/**
 * How cables go through a craft.
 *
 * <p>Question: is the lead long enough on its way, slack included, does its plug pass every opening, and what has to be
 * opened for it? Sums; the slack that practitioners leave is common practice, no source; shortest ways by JGraphT.
 */
@NullMarked
package app.brightkeel.core.route;

import org.jspecify.annotations.NullMarked;
