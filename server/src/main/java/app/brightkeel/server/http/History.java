package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import java.time.Instant;
import java.util.List;

/**
 * A page of a rig's revisions, newest first.
 *
 * @param more whether there are older ones
 */
public record History(List<Entry> entries, boolean more) {

    /**
     * One revision.
     *
     * @param parent  the one it was edited from; 0 for the first
     * @param head    whether the rig is there now
     * @param changes against its parent; none for the first
     */
    public record Entry(long number, long parent, Instant savedAt, boolean head, List<Text> changes) {}
}
