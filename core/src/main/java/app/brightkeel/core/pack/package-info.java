/**
 * What a pack can give: curves, cold, age and inner resistance.
 *
 * <p>Question: what volts and how many ampere-hours stand behind the wire at this temperature and charge? Stands on
 * {@code reference.Chemistry}: rest-voltage curves from memory, IEEE Std 485 for cold lead, Peukert's law.
 */
@NullMarked
package app.brightkeel.core.pack;

import org.jspecify.annotations.NullMarked;
