/**
 * What the devices draw through the day; the Screen link.
 *
 * <p>Question: how many watts, when, and for how long? Constant power: P = base + backlight × brightness. Typical
 * draws come from {@code reference.DeviceKind}, from memory.
 */
@NullMarked
package app.brightkeel.core.load;

import org.jspecify.annotations.NullMarked;
