package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** A step while it is written. */
final class StepDraft {

    private final StepKind kind;
    private final String subject;
    private final Text title;
    private final List<Text> says = new ArrayList<>();
    private final List<Fact> facts = new ArrayList<>();
    private final List<Check> checks = new ArrayList<>();
    private final Set<String> places = new LinkedHashSet<>();
    private final Set<String> parts = new LinkedHashSet<>();
    private final Set<String> tools;
    private final Set<String> materials = new LinkedHashSet<>();
    private final Set<String> minds;
    private final Set<String> cautions = new LinkedHashSet<>();
    private double minutes;
    private Piece piece = Piece.NONE;

    StepDraft(StepKind kind, String subject, Text title) {
        this.kind = kind;
        this.subject = subject;
        this.title = title.capital();
        tools = new LinkedHashSet<>(kind.tools());
        minds = new LinkedHashSet<>(kind.minds());
        minutes = kind.minutes();
    }

    String id() {
        return kind.of(subject);
    }

    /** How it is done, a sentence. */
    StepDraft say(String template, Object... parts) {
        says.add(Text.of(template, parts).capital());
        return this;
    }

    /** The same where something is so. */
    StepDraft sayIf(boolean so, String template, Object... parts) {
        return so ? say(template, parts) : this;
    }

    StepDraft fact(String name, String template, Object... parts) {
        facts.add(new Fact(name, Text.of(template, parts)));
        return this;
    }

    StepDraft check(String id, String see, String why) {
        return check(id, Text.of("{}", see), why);
    }

    StepDraft check(String id, Text see, String why) {
        checks.add(new Check(id, see, Text.of("{}", why)));
        return this;
    }

    StepDraft at(String... stations) {
        return at(List.of(stations));
    }

    StepDraft at(Collection<String> stations) {
        stations.stream().filter(each -> !each.isEmpty()).forEach(places::add);
        return this;
    }

    StepDraft of(String... ids) {
        return of(List.of(ids));
    }

    StepDraft of(Collection<String> ids) {
        ids.stream().filter(each -> !each.isEmpty()).forEach(parts::add);
        return this;
    }

    StepDraft tool(String... words) {
        tools.addAll(List.of(words));
        return this;
    }

    StepDraft material(String... words) {
        materials.addAll(List.of(words));
        return this;
    }

    StepDraft mind(String sentence) {
        minds.add(sentence);
        return this;
    }

    StepDraft caution(String id) {
        cautions.add(id);
        return this;
    }

    StepDraft minutes(double all) {
        minutes = all;
        return this;
    }

    StepDraft times(int count) {
        minutes = kind.minutes() * Math.max(1, count);
        return this;
    }

    StepDraft piece(Piece.Of of, Collection<String> drawn) {
        piece = new Piece(of, List.copyOf(places), List.copyOf(drawn));
        return this;
    }

    Step done(String id) {
        return new Step(
                id,
                kind,
                kind.link(),
                subject,
                title,
                says,
                facts,
                Step.fingerprint(kind, subject, facts),
                checks,
                List.copyOf(places),
                List.copyOf(parts),
                List.copyOf(tools),
                List.copyOf(materials),
                List.copyOf(minds),
                List.copyOf(cautions),
                minutes,
                piece);
    }
}
