/**
 * What a meter should say at this rig, what it says, and which fault explains that best.
 *
 * <p>Question: was the work with the hands done well, and if not, where? Expected readings come from the harness as planned with
 * what is not known exactly about it; faults are the same harness with something wrong in it. Sources: contact resistances of the
 * handbook's bench test, common practice; Bayes' rule over a linear Gaussian model, T. Hastie, R. Tibshirani and J. Friedman,
 * <em>The Elements of Statistical Learning</em>, 2nd ed., 2009, ch. 4 and 8, from memory; the next measurement by expected
 * information, D. V. Lindley, <em>On a Measure of the Information Provided by an Experiment</em>, 1956.
 */
@NullMarked
package app.brightkeel.core.reading;

import org.jspecify.annotations.NullMarked;
