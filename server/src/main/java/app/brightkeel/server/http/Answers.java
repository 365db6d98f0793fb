package app.brightkeel.server.http;

import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.server.store.StoredRig;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** A stored rig as an answer: with its review, tagged by its revision. */
@Component
class Answers {

    private final RigReviewer reviewer;

    Answers(RigReviewer reviewer) {
        this.reviewer = reviewer;
    }

    ResponseEntity<Saved> of(HttpStatus status, StoredRig stored) {
        return ResponseEntity.status(status)
                .eTag("\"" + stored.revision() + "\"")
                .body(Saved.of(stored, reviewer));
    }

    ResponseEntity<Saved> of(StoredRig stored) {
        return of(HttpStatus.OK, stored);
    }
}
