package app.brightkeel.server.http;

import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Lesson;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the trips of a rig teach. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/taught", produces = MediaType.APPLICATION_JSON_VALUE)
class LessonController {

    private final RigStore rigs;
    private final TripTeacher teacher;
    private final GarageUses uses;
    private final Answers answers;

    LessonController(RigStore rigs, TripTeacher teacher, GarageUses uses, Answers answers) {
        this.rigs = rigs;
        this.teacher = teacher;
        this.uses = uses;
        this.answers = answers;
    }

    /** All of it. */
    @GetMapping
    TripLessons getLessons(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        TripLessons lessons = teacher.lessons(stored);
        return lessons.withOffers(lessons.offers().stream()
                .map(offer ->
                        new TripLessons.LessonOffer(offer.lesson(), offer.changes(), alsoIn(stored, offer.lesson())))
                .toList());
    }

    /** Other rigs learn of it once it is written into the garage. */
    private List<String> alsoIn(StoredRig stored, Lesson lesson) {
        Map<String, List<GarageUses.InRig>> all = uses.all();
        return teacher.taken(stored, lesson).map(after -> Uses.changed(stored.rig(), after)).orElse(List.of()).stream()
                .flatMap(item -> all.getOrDefault(item, List.of()).stream()
                        .filter(use -> !use.compared() && !use.rig().id().equals(stored.id())))
                .map(use -> use.rig().name())
                .distinct()
                .toList();
    }

    /** Takes a lesson into the rig, as one step that can be undone. */
    @PostMapping("/{lesson}")
    ResponseEntity<Saved> takeLesson(
            @PathVariable String id,
            @PathVariable Lesson lesson,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        Rig changed = teacher.taken(rigs.get(id), lesson).orElseThrow(() -> new NoSuchStep("lesson"));
        return answers.of(rigs.save(id, IfMatch.revision(ifMatch), changed));
    }
}
