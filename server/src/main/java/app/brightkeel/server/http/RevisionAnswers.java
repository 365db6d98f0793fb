package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Answers about one revision of a rig: who names it is told of that one, whatever was saved meanwhile; who does not is told
 * of the rig as it stands when it is asked.
 */
@Component
class RevisionAnswers {

    private final RigStore store;
    private final Revisions revisions;
    private final Known known;
    private final Lines lines;

    RevisionAnswers(RigStore store, Revisions revisions, Known known, Lines lines) {
        this.store = store;
        this.revisions = revisions;
        this.known = known;
        this.lines = lines;
    }

    /** @param what is asked, with all that the answer depends on beside the revision */
    <T> Kept<T> of(String id, @Nullable Long number, String what, Function<Line, T> made) {
        return of(id, number, what, (revision, line) -> made.apply(line));
    }

    /** The same where the answer wants to know which revision it is. */
    <T> Kept<T> of(String id, @Nullable Long number, String what, BiFunction<Revision, Line, T> made) {
        Revision revision = revision(id, number);
        return known.of(id, revision.number(), what, () -> made.apply(revision, line(id, revision)));
    }

    /** The same where many rigs are judged for it. */
    <T> Kept<T> ofLong(String id, @Nullable Long number, String what, Function<Line, T> made) {
        Revision revision = revision(id, number);
        return known.ofLong(id, revision.number(), what, () -> made.apply(line(id, revision)));
    }

    /** Words about a revision, sent as they are. */
    Kept<byte[]> text(String id, Revision revision, String what, Function<Line, String> made) {
        return known.text(id, revision.number(), what, () -> made.apply(line(id, revision)));
    }

    private Line line(String id, Revision revision) {
        return lines.of(id, revision.number(), revisions.rig(id, revision));
    }

    /**
     * The one with this number; the one that stands where none is named.
     *
     * @throws NoSuchRevision where the rig never had it
     */
    Revision revision(String id, @Nullable Long number) {
        // of a rig that was deleted nothing is told, at whatever revision
        Revision head = store.head(id);
        return number == null || number == head.number()
                ? head
                : revisions.get(id, number).orElseThrow(() -> new NoSuchRevision(number));
    }
}
