/**
 * Steps that build a rig, made from the rig itself: what is done, in which order, when, and what is looked at first.
 *
 * <p>Question: what do the hands do tonight, and what must not be shut, sealed or drilled before what? Steps are derived and
 * never stored; an order is any that their dependency graph allows. Sources: cure times and minutes stand in {@code cures.csv}
 * and {@code steps.csv}; order by common practice; critical path by J. E. Kelley and M. R. Walker, 1959.
 */
@NullMarked
package app.brightkeel.core.build;

import org.jspecify.annotations.NullMarked;
