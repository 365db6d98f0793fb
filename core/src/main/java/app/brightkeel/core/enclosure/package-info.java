/**
 * Does a thing go into the room it is to sit in?
 *
 * <p>Question: in which orientation does the battery fit, plug and terminals included, and what gap is left? Arithmetic;
 * the room a plug needs is common practice, no source.
 */
@NullMarked
package app.brightkeel.core.enclosure;

import org.jspecify.annotations.NullMarked;
