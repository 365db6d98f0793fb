package app.brightkeel.core.review.whole;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.rig.Rig;
import java.util.List;

/** What is offered for the findings of a rig. */
public final class Mended {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private Mended() {}

    public static List<Remedy> all(Rig rig) {
        return REVIEWER.remedies(Line.of(rig));
    }

    /** For what one rule finds; nothing where it finds nothing. */
    public static List<Remedy.Cure> of(Rig rig, String rule) {
        return all(rig).stream()
                .filter(remedy -> remedy.rule().equals(rule))
                .flatMap(remedy -> remedy.offers().stream())
                .toList();
    }

    public static List<String> ids(Rig rig, String rule) {
        return of(rig, rule).stream().map(Remedy.Cure::id).toList();
    }
}
