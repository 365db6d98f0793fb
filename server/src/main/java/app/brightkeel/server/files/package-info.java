/** The one JSON shape: reading and writing rig documents. */
@NullMarked
package app.brightkeel.server.files;

import org.jspecify.annotations.NullMarked;
