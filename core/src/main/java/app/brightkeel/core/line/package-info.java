/**
 * Results on demand: each stage computed when asked for, kept while what it needs stays equal, able to tell its
 * working afterwards.
 *
 * <p>Question: what follows from this rig, and from the same rig with one thing changed?
 */
@NullMarked
package app.brightkeel.core.line;

import org.jspecify.annotations.NullMarked;
