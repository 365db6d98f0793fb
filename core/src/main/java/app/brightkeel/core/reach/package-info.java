/** What a seated person reaches, sees and needs room for, and what holds a screen there. */
@NullMarked
package app.brightkeel.core.reach;

import org.jspecify.annotations.NullMarked;
