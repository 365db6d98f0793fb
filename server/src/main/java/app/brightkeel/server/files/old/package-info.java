/** Files of earlier versions of the format: one class for each step from a version to the next. */
@NullMarked
package app.brightkeel.server.files.old;

import org.jspecify.annotations.NullMarked;
