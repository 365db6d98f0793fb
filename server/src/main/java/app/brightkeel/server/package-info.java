/** The application: web server and command line around {@code core}. */
@NullMarked
package app.brightkeel.server;

import org.jspecify.annotations.NullMarked;
