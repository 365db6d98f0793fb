package app.brightkeel.server.store;

import app.brightkeel.core.rig.Rig;
import java.time.Instant;

/**
 * One kept state of a rig.
 *
 * @param number  1 for the first, rising
 * @param parent  the one it was edited from; 0 for the first
 * @param savedAt when
 * @param rig     as it was
 */
public record Revision(long number, long parent, Instant savedAt, Rig rig) {}
