/** A whole rig as one file: the rig, what was done of building it, its photos and readings, and papers to read without us. */
@NullMarked
package app.brightkeel.server.files.bundle;

import org.jspecify.annotations.NullMarked;
