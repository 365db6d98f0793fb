package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Front.Point;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Suitability;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** What is too dear to be asked of every rig of a search, and is asked of the few that are shown: each once. */
final class Shortlist {

    private final Space space;
    private final Reasons reasons;
    private final Map<Point, Boolean> enough = new ConcurrentHashMap<>();
    private final Map<Point, Look> looks = new ConcurrentHashMap<>();

    Shortlist(Space space) {
        this.space = space;
        reasons = new Reasons(space);
    }

    /**
     * A rig, looked at closely.
     *
     * @param answers with reasons
     * @param surely  how long it lasts on nine days of ten; no words where that is open
     * @param tight   what holds by little
     */
    record Look(List<Advice.Answer> answers, Text surely, List<Advice.Tight> tight) {}

    /** Whether nothing dearer is needed for this water: its transducer does there all that this fishing can ask. */
    boolean enough(Point point) {
        return enough.computeIfAbsent(point, each -> {
            Line line = line(each);
            Water water = line.rig().outing().water();
            return line.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                    .anyMatch(sight -> Suitability.of(sight, water).meetsTheGoal());
        });
    }

    Look look(Point point) {
        return looks.computeIfAbsent(point, each -> {
            Line line = line(each);
            Outcome<Text> surely = line.get(RuntimeBand.STAGE).map(band -> surely(band.lowH(), each.worth()));
            return new Look(
                    reasons.answers(each.choice()),
                    surely.orElse(Text.of("")),
                    Reasons.findings(line, Verdict.CLOSE).stream()
                            .map(Shortlist::tight)
                            .toList());
        });
    }

    /** More than is counted may be told beside what is counted. */
    private static Text surely(double lowH, Worth worth) {
        return Text.of(
                lowH > worth.hours() + Worth.HOUR_STEP
                        ? "{} on nine days of ten; no more than twice the day is counted"
                        : "{} on nine days of ten",
                new Amount(lowH, Unit.HOUR));
    }

    private static Advice.Tight tight(Finding finding) {
        return new Advice.Tight(finding.link(), finding.text());
    }

    private Line line(Point point) {
        return space.line(point.choice()).orElse(space.base());
    }
}
