/**
 * Whole rigs advised: every rig that can be put together of a few choices for each of ten questions is judged, and those that
 * no other beats in everything are told, with what each gives up.
 */
@NullMarked
package app.brightkeel.core.advice;

import org.jspecify.annotations.NullMarked;
