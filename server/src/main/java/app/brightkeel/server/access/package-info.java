/** Who may ask: where the server listens, the passphrase, sessions, and the limits around them. */
@NullMarked
package app.brightkeel.server.access;

import org.jspecify.annotations.NullMarked;
