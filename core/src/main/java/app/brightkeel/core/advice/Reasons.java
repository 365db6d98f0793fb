package app.brightkeel.core.advice;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.ProposedParts;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Why a rig answers as it does: what would be, if one question alone were answered as in the rig that was planned. */
final class Reasons {

    /** Of hours that were had with what was planned: of another display or battery they say nothing. */
    private static final String SEEN_OF_THE_OTHER = "screen.runs-otherwise";

    static final RigReviewer REVIEWER = new RigReviewer();

    private final Space space;

    Reasons(Space space) {
        this.space = space;
    }

    /** Every question with its answer, and with the reason where it is another than before. */
    List<Advice.Answer> answers(int[] choice) {
        Worth worth = worth(choice).orElse(null);
        return space.answers(choice).stream()
                .map(answer -> answer.now() || worth == null
                        ? answer
                        : new Advice.Answer(
                                answer.axis(), answer.label(), false, because(choice, answer.axis(), worth)))
                .toList();
    }

    private Optional<Worth> worth(int[] choice) {
        return space.line(choice).map(space.measures()::of);
    }

    private Text because(int[] choice, RigAxis axis, Worth worth) {
        int[] back = choice.clone();
        back[axis.ordinal()] = 0;
        Text before = space.options(axis).get(0).label();
        Optional<Line> line = space.line(back);
        if (line.isEmpty()) {
            return Text.of("{} does not go with the rest", before);
        }
        Optional<Finding> fails = findings(line.get(), Verdict.FAILS).stream().findFirst();
        if (fails.isPresent()) {
            return Text.of("with {}: {}", before, fails.get().text());
        }
        Text worse = Advice.told(space.measures().of(line.get()), worth, -1);
        return worse.plain().isEmpty() ? Text.of("") : Text.of("with {}: {}", before, worse);
    }

    /** What is found of one verdict: {@link #findings(Line)}. */
    static List<Finding> findings(Line line, Verdict verdict) {
        return findings(line).filter(finding -> finding.verdict() == verdict).toList();
    }

    /** What is found, but for what was put aside, and for what was seen of the rig as it was planned. */
    static Stream<Finding> findings(Line line) {
        return REVIEWER.review(line).findings().stream()
                .filter(finding -> !finding.putAside() && !finding.rule().equals(SEEN_OF_THE_OTHER));
    }

    /** A rig with its reasons as notes of the parts they are about, those parts marked as proposed. */
    Optional<Rig> kept(int[] choice) {
        return space.rig(choice).map(rig -> {
            Map<String, List<String>> said = new LinkedHashMap<>();
            for (Advice.Answer answer : answers(choice)) {
                if (!answer.now()) {
                    part(rig, answer.axis())
                            .ifPresent(part -> said.computeIfAbsent(part, each -> new ArrayList<>())
                                    .add(told(answer)));
                }
            }
            Rig noted = rig;
            for (Map.Entry<String, List<String>> each : said.entrySet()) {
                noted = noted(noted, each.getKey(), String.join("\n", each.getValue()));
            }
            Set<String> markable = ProposedParts.of(rig).keySet();
            return ProposedParts.marked(noted, said.keySet().stream().filter(markable::contains));
        });
    }

    private static String told(Advice.Answer answer) {
        String because = answer.because().plain();
        return "Advised, " + answer.axis().words() + ": " + answer.label().plain()
                + (because.isEmpty() ? "" : "; " + because);
    }

    /** What the person said stays, and stands first. */
    private static Rig noted(Rig rig, String part, String text) {
        Optional<Note> old =
                rig.notes().stream().filter(each -> each.part().equals(part)).findFirst();
        String all = old.map(each -> each.text() + "\n" + text).orElse(text);
        if (all.length() > Note.LONGEST || old.isEmpty() && rig.notes().size() >= Rig.MOST_NOTES) {
            return rig;
        }
        List<Note> notes = new ArrayList<>(rig.notes());
        old.ifPresent(notes::remove);
        notes.add(new Note(part, all));
        return rig.withNotes(notes);
    }

    /** Of which part the answer to a question speaks. */
    private Optional<String> part(Rig rig, RigAxis axis) {
        return switch (axis) {
            case DISPLAY, PLACE -> Options.display(rig).map(each -> each.id());
            case TRANSDUCER, MOUNT, CABLES ->
                rig.transducers().stream().findFirst().map(Transducer::id);
            case HOLDER ->
                Options.display(rig).flatMap(each -> rig.holderOf(each.id())).map(Holder::id);
            case BANK, STOWAGE -> Options.pack(rig).map(Pack::id);
            case SCHOOL -> firstAnew(rig);
            case BOX -> Options.box(rig).map(each -> each.id());
        };
    }

    /** Of the harness: its first joint that was not there, or wire. */
    private Optional<String> firstAnew(Rig rig) {
        Set<String> before = ProposedParts.of(space.base().entered()).keySet();
        List<String> all = new ArrayList<>();
        rig.harness().junctions().forEach(each -> all.add(each.id()));
        rig.harness().segments().forEach(each -> all.add(each.id()));
        return all.stream()
                .filter(id -> !before.contains(id))
                .findFirst()
                .or(() -> all.stream().findFirst());
    }
}
