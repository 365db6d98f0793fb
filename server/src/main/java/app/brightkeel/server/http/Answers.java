package app.brightkeel.server.http;

import app.brightkeel.server.store.StoredRig;
import java.net.URI;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** A stored rig as an answer: with its review, tagged by its revision. */
@Component
class Answers {

    private final Reviews reviews;
    private final Known known;
    private final Turns turns;

    Answers(Reviews reviews, Known known, Turns turns) {
        this.reviews = reviews;
        this.known = known;
        this.turns = turns;
    }

    ResponseEntity<Saved> of(HttpStatus status, StoredRig stored) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(status).eTag(tag(stored));
        if (status == HttpStatus.CREATED) {
            answer.location(URI.create("/api/rigs/" + stored.id()));
        }
        return answer.body(turns.take(() -> saved(stored)));
    }

    /** What has been told of this revision before. */
    ResponseEntity<Kept<Saved>> known(StoredRig stored) {
        // whether there is a step to go forward to may change while the revision stays
        String what = "rig " + stored.canRedo();
        return ResponseEntity.ok()
                .eTag(tag(stored))
                .body(known.of(stored.id(), stored.revision(), what, () -> saved(stored)));
    }

    private Saved saved(StoredRig stored) {
        return Saved.of(stored, reviews.of(stored.id(), stored.revision(), stored.rig()));
    }

    private static String tag(StoredRig stored) {
        return "\"" + stored.revision() + "\"";
    }

    ResponseEntity<Saved> of(StoredRig stored) {
        return of(HttpStatus.OK, stored);
    }
}
