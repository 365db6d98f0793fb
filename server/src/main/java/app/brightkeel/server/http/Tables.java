package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import java.nio.charset.StandardCharsets;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** Tables of a rig as files, each kept until the rig is another. */
@Component
class Tables {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final RigStore store;
    private final Revisions revisions;
    private final Lines lines;
    private final Known known;

    Tables(RigStore store, Revisions revisions, Lines lines, Known known) {
        this.store = store;
        this.revisions = revisions;
        this.lines = lines;
        this.known = known;
    }

    /** @param what of the rig it tells, as its file is named */
    ResponseEntity<Kept<byte[]>> of(String id, String what, Habit habit, Function<Line, String> table) {
        Revision head = store.head(id);
        Kept<byte[]> kept = known.text(
                id,
                head.number(),
                what + ".csv " + habit,
                () -> table.apply(lines.of(id, head.number(), revisions.rig(id, head))));
        return FileController.named(head.name() + ", " + what + ".csv")
                .contentType(CSV)
                .body(kept);
    }
}
