/** Rigs and their revisions in SQLite, by plain JDBC. */
@NullMarked
package app.brightkeel.server.store;

import org.jspecify.annotations.NullMarked;
