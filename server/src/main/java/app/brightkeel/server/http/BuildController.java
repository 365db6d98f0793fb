package app.brightkeel.server.http;

import app.brightkeel.core.build.ApartSheet;
import app.brightkeel.core.build.Check;
import app.brightkeel.core.build.OrderJudged;
import app.brightkeel.core.build.Progress;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.build.Tick;
import app.brightkeel.core.build.Workshop;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.PhotoStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Building a rig: its steps in order and by days, what is done of them, and the sheets that take it apart again. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/build", produces = MediaType.APPLICATION_JSON_VALUE)
class BuildController {

    private static final int MOST_NOTE = 2_000;
    private static final int MOST_STEPS = 5_000;

    private final RigStore rigs;
    private final BuildStore store;
    private final PhotoStore photos;
    private final BuildSheets sheets;
    private final RevisionAnswers answers;
    private final Clock clock;

    BuildController(
            RigStore rigs,
            BuildStore store,
            PhotoStore photos,
            BuildSheets sheets,
            RevisionAnswers answers,
            Clock clock) {
        this.rigs = rigs;
        this.store = store;
        this.photos = photos;
        this.sheets = sheets;
        this.answers = answers;
        this.clock = clock;
    }

    /** The steps of the rig as it stands. */
    @GetMapping
    Build getBuild(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        Optional<Workshop> said = store.workshop(id);
        Workshop workshop = said.orElseGet(sheets::usual);
        return new Build(stored.revision(), workshop, said.isPresent(), sheets.plan(stored, workshop));
    }

    /** What is done of it. */
    @GetMapping("/progress")
    BuildProgress getProgress(@PathVariable String id) {
        return progress(rigs.get(id));
    }

    private BuildProgress progress(StoredRig stored) {
        List<Step> steps = sheets.plan(stored).steps();
        return new BuildProgress(
                Progress.of(steps, store.ticks(stored.id())), store.notes(stored.id()), photos.all(stored.id()));
    }

    /** The piece of the drawing that a step bears; empty where it bears none. */
    @GetMapping("/picture")
    Picture getStepPicture(@PathVariable String id, @RequestParam String step) {
        return sheets.picture(rigs.get(id), step);
    }

    /** Sheets to strip, swap, pack down, put on and charge. */
    @GetMapping("/apart")
    Kept<List<ApartSheet>> listApart(@PathVariable String id) {
        return answers.of(id, null, "apart", ApartSheet::all);
    }

    /** Says when and where it is built. */
    @PutMapping("/workshop")
    Build setWorkshop(
            @PathVariable String id,
            @RequestParam String firstDay,
            @RequestParam String zone,
            @RequestParam double celsius,
            @RequestParam double eveningH,
            @RequestParam double saturdayH,
            @RequestParam double sundayH) {
        Workshop workshop = new Workshop(firstDay, zone, celsius, eveningH, saturdayH, sundayH);
        rigs.head(id);
        store.workshop(id, workshop);
        return getBuild(id);
    }

    /** Keeps an order, the id of one step on each line; an order that breaks something is kept, and what it breaks is told. */
    @PutMapping(path = "/order", consumes = MediaType.TEXT_PLAIN_VALUE)
    Build setOrder(@PathVariable String id, @RequestBody(required = false) @Nullable String body) {
        StoredRig stored = rigs.get(id);
        List<String> order = body == null
                ? List.of()
                : body.lines()
                        .map(String::strip)
                        .filter(line -> !line.isEmpty())
                        .toList();
        if (order.size() > MOST_STEPS) {
            throw new Refusal(RefusalCode.TOO_MANY, "order", String.valueOf(order.size()), "at most " + MOST_STEPS);
        }
        OrderJudged.places(sheets.plan(stored).steps(), order);
        store.order(id, order);
        return getBuild(id);
    }

    /** The proposed order again. */
    @DeleteMapping("/order")
    Build clearOrder(@PathVariable String id) {
        rigs.head(id);
        store.order(id, List.of());
        return getBuild(id);
    }

    /**
     * Ticks a step, or one thing that is to be seen at it; or takes that back.
     *
     * @param item        of the check; "" for all of the step
     * @param fingerprint of the step as it was seen: another one by now is refused
     */
    @PutMapping("/ticks")
    BuildProgress setTick(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(defaultValue = "") String item,
            @RequestParam String fingerprint,
            @RequestParam boolean done) {
        StoredRig stored = rigs.get(id);
        Step asked = sheets.step(stored, step);
        if (!asked.fingerprint().equals(fingerprint)) {
            throw new StepChanged();
        }
        List<String> all = asked.checks().stream().map(Check::id).toList();
        if (!item.isEmpty() && !all.contains(item)) {
            throw new Refusal(RefusalCode.DANGLING, "item", item, "something that is to be seen at this step");
        }
        List<String> items = !item.isEmpty() ? List.of(item) : all.isEmpty() ? List.of("") : all;
        if (done) {
            String now = clock.instant().toString();
            store.tick(id, items.stream().map(each -> Tick.of(asked, each, now)).toList());
        } else {
            store.untick(id, step, items);
        }
        return progress(stored);
    }

    /** Keeps a note to a step; an empty one is none. */
    @PutMapping("/notes")
    BuildProgress setStepNote(@PathVariable String id, @RequestParam String step, @RequestParam String text) {
        StoredRig stored = rigs.get(id);
        sheets.step(stored, step);
        String note = text.strip();
        if (note.length() > MOST_NOTE) {
            throw new Refusal(
                    RefusalCode.TOO_MANY, "text", String.valueOf(note.length()), "at most " + MOST_NOTE + " letters");
        }
        store.note(id, step, Checks.text("text", note));
        return progress(stored);
    }

    /** Takes a photo away. */
    @DeleteMapping("/photos/{photo}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deletePhoto(@PathVariable String id, @PathVariable String photo) {
        rigs.head(id);
        if (!photos.delete(id, photo)) {
            throw new NoSuchStep("photo");
        }
    }
}
