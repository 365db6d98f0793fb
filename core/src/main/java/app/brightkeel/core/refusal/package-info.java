/**
 * What cannot be represented or computed, and how that is said.
 *
 * <p>Question: is this number, name or reference one the program can work with at all? A legal rig that does not
 * work is never refused: it gets a finding.
 */
@NullMarked
package app.brightkeel.core.refusal;

import org.jspecify.annotations.NullMarked;
