package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * Asks for what a link's stage misses; silent where it is known.
 *
 * @param stage the one the link's number comes from
 */
public record StageKnown(String id, Link link, Stage<?, ?> stage) implements Rule {

    @Override
    public Identity identity() {
        return new Identity(id, link, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<?> outcome = line.get(stage);
        List<String> missing = outcome.missing();
        return missing.isEmpty()
                ? SILENT
                : new Judgement.Ask(missing, Text.of("Wanted: {}.", Wanted.words(line.rig(), missing)));
    }
}
