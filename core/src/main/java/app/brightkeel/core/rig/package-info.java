/**
 * The rig as a person entered it: what was decided, measured, read off a label, or left open.
 *
 * <p>Question: what do we know, and where does each number come from? One of each thing is the common case, never the
 * rule: lists and ids from the first format version on. Catalogue gear is copied in, so a rig file is whole.
 */
@NullMarked
package app.brightkeel.core.rig;

import org.jspecify.annotations.NullMarked;
