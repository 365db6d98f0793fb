/**
 * Rules by link, verdicts, and changes that cure.
 *
 * <p>Question: which link gives first, by how much, why, and what would cure it? Only rules give verdicts.
 */
@NullMarked
package app.brightkeel.core.review;

import org.jspecify.annotations.NullMarked;
