/**
 * Days on the water as they were, and what they teach the plan.
 *
 * <p>Question: what do this rig's screens really draw, what does its battery really hold, how much of that does the cold take, and
 * which reading was a slip? Draws, capacity, fading and the effect of cold are found by least squares with the plan as prior, a
 * robust weight first (P. W. Holland and R. E. Welsch, <em>Robust regression using iteratively reweighted least squares</em>,
 * 1977), then without what does not fit. Two accounts are kept: charge that was drawn, and charge that cold and a high rate put out
 * of reach and that comes back on rest; common practice, no source. Priors by how well a figure is known; fading of lead to 80 % in
 * four to five years, of lithium over ten: from memory.
 */
@NullMarked
package app.brightkeel.core.trip;

import org.jspecify.annotations.NullMarked;
