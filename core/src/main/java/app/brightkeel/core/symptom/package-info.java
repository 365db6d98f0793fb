/**
 * From what a rig does to why it does it, on the water and at home.
 *
 * <p>Question: which look, try or reading tells most next, what do both its answers mean, and what is mended in which order?
 * Causes are weighed by Bayes; the next question is the one of the largest mutual information with the cause (C. E. Shannon,
 * <em>A Mathematical Theory of Communication</em>, 1948). How often causes and answers come is common practice, no source; volts
 * are those that this rig should have.
 */
@NullMarked
package app.brightkeel.core.symptom;

import org.jspecify.annotations.NullMarked;
