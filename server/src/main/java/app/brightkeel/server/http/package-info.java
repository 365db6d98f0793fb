/** Controllers, envelopes, problem details and the filters in front of them. */
@NullMarked
package app.brightkeel.server.http;

import org.jspecify.annotations.NullMarked;
