/** What a seated person reaches, sees and needs room for. */
@NullMarked
package app.brightkeel.core.reach;

import org.jspecify.annotations.NullMarked;
