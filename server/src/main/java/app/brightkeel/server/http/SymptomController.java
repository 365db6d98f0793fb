package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.symptom.Symptom;
import app.brightkeel.core.symptom.SymptomCase;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** From what a rig does to why it does it; nothing is kept, the answers stand in the address. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/symptoms", produces = MediaType.APPLICATION_JSON_VALUE)
class SymptomController {

    private static final int MOST_ANSWERS = 60;

    private final RigStore rigs;
    private final Lines lines;
    private final Reviews reviews;
    private final Turns turns;

    SymptomController(RigStore rigs, Lines lines, Reviews reviews, Turns turns) {
        this.rigs = rigs;
        this.lines = lines;
        this.reviews = reviews;
        this.turns = turns;
    }

    /** What a person may see of this rig. */
    record SymptomSeen(Symptom symptom, String words) {}

    /** What may be seen of a rig that has what it takes. */
    @GetMapping
    List<SymptomSeen> listSymptoms(@PathVariable String id) {
        Line line = lines.of(rigs.get(id));
        return Stream.of(Symptom.values())
                .filter(symptom -> symptom.canBe(line.rig()))
                .map(symptom -> new SymptomSeen(symptom, Worded.capital(symptom.words())))
                .toList();
    }

    /**
     * Why it may be so, and what to ask next.
     *
     * @param answers ids of tests in the order in which they were answered, each behind y or n: ypack-load
     */
    @GetMapping("/{symptom}")
    SymptomCase getSymptomCase(
            @PathVariable String id,
            @PathVariable Symptom symptom,
            @RequestParam(name = "answer", defaultValue = "") List<String> answers) {
        Checks.atMost("answer", MOST_ANSWERS, answers);
        StoredRig stored = rigs.get(id);
        Line line = lines.of(stored);
        List<Finding> findings = reviews.of(id, stored.revision(), stored.rig()).findings();
        Map<String, Boolean> said = new LinkedHashMap<>();
        for (String answer : answers) {
            if (!answer.isEmpty()) {
                said.put(answer.substring(1), answer.charAt(0) == 'y');
            }
        }
        return turns.take(() -> SymptomCase.of(line, findings, symptom, said));
    }
}
