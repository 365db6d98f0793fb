package app.brightkeel.server.store;

import java.time.Instant;

/**
 * One kept state of a rig, without its document; {@link Revisions} reads that.
 *
 * @param number  1 for the first, rising
 * @param parent  the one it was edited from; 0 for the first
 * @param savedAt when
 * @param name    of the rig then; "" where an unreadable document was taken over
 */
public record Revision(long number, long parent, Instant savedAt, String name) {}
