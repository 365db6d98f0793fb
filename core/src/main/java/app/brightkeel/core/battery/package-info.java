/**
 * How long the packs last; the Battery link.
 *
 * <p>Question: when does which device or pack stop, and how sure is that? A simulation by segments between the knots of
 * the rest-voltage curve: constant power at the device, wire loss, Peukert, cold, age, and four possible ends.
 */
@NullMarked
package app.brightkeel.core.battery;

import org.jspecify.annotations.NullMarked;
