/**
 * What a rig is made of, as a list to shop and pack by.
 *
 * <p>Question: which pieces, of what size, how many, and why was each chosen? Everything stands in the rig itself.
 */
@NullMarked
package app.brightkeel.core.parts;

import org.jspecify.annotations.NullMarked;
