package app.brightkeel.server.http;

import app.brightkeel.server.store.RigStore;
import java.time.Instant;

/**
 * A rig on the shelf whose document cannot be read: spoilt, or written by a later version.
 *
 * @param name    it was saved under, or what stands for one
 * @param why     it cannot be read
 * @param earlier newest revision before it that can be read; 0 where there is none
 */
public record Unreadable(String id, long revision, Instant savedAt, String name, String why, long earlier) {

    static Unreadable of(RigStore.Head head, String why, long earlier) {
        String name = head.name().isBlank() ? "a rig without a readable name" : head.name();
        return new Unreadable(head.id(), head.revision(), head.savedAt(), name, why, earlier);
    }
}
