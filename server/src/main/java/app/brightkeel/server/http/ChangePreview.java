package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.whole.RigReviewer;
import java.util.List;

/** A change before it is taken: both states of every link it moves, and the picture after it. */
public record ChangePreview(String id, Text label, Effort effort, List<Change.Effect> effects) {

    static ChangePreview of(Change change, Line line, RigReviewer reviewer) {
        return new ChangePreview(change.id(), change.label(), change.effort(), reviewer.effects(line, change));
    }
}
