/**
 * Pictures as scenes: geometry or a plot frame, and marks that mean something.
 *
 * <p>Question: what would a practitioner draw to show this? No colour, font, pixel or formatted number: the screen and
 * later pens draw the same scene. Every scene has a text twin made from the same data.
 */
@NullMarked
package app.brightkeel.core.picture;

import org.jspecify.annotations.NullMarked;
