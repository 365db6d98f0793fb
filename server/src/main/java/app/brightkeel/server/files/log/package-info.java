/** Reads logs of real outings: NMEA 0183 sentences and GPX 1.1 tracks. */
@NullMarked
package app.brightkeel.server.files.log;

import org.jspecify.annotations.NullMarked;
