package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.change.part.BlankRig;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.review.whole.SideBySide;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.store.RigStore;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Rigs that are kept. */
@RestController
@RequestMapping(path = "/api/rigs", produces = MediaType.APPLICATION_JSON_VALUE)
class RigController {

    private final RigStore store;
    private final Shelf shelf;
    private final RigReviewer reviewer;
    private final Answers answers;
    private final Lines lines;
    private final OwnChanges changes;
    private final Turns turns;

    RigController(
            RigStore store,
            Shelf shelf,
            RigReviewer reviewer,
            Answers answers,
            Lines lines,
            OwnChanges changes,
            Turns turns) {
        this.store = store;
        this.shelf = shelf;
        this.reviewer = reviewer;
        this.answers = answers;
        this.lines = lines;
        this.changes = changes;
        this.turns = turns;
    }

    /** Every rig that is kept, what gives first on top. */
    @GetMapping
    Kept<List<ShelfEntry>> listRigs() {
        return shelf.answer();
    }

    /** Rigs whose documents cannot be read; each can be exported as it is, set back or deleted. */
    @GetMapping("/unreadable")
    List<Unreadable> listUnreadable() {
        return shelf.unreadable();
    }

    /** Rigs that were deleted and can come back. */
    @GetMapping("/deleted")
    List<RigStore.Deleted> listDeleted() {
        return store.deleted();
    }

    /** Keeps a new rig. */
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Saved> createRig(@RequestBody RigDocument document) {
        return answers.of(HttpStatus.CREATED, store.create(document.rig()));
    }

    /** Keeps a new rig of which nothing is known but its name, what carries it, and that there is a day. */
    @PostMapping("/blank")
    ResponseEntity<Saved> createBlankRig(@RequestParam String name, @RequestParam CraftKind craft) {
        return answers.of(HttpStatus.CREATED, store.create(BlankRig.of(name, craft)));
    }

    /** A file from elsewhere; beside a rig of the same name it gets a number. */
    @PostMapping(path = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Saved> importRig(@RequestBody RigDocument document) {
        return answers.of(HttpStatus.CREATED, store.createNumbered(document.rig()));
    }

    /** One rig as it stands, with its review. */
    @GetMapping("/{id}")
    ResponseEntity<Kept<Saved>> getRig(@PathVariable String id) {
        return answers.known(store.get(id));
    }

    /** Keeps a rig as its next revision. */
    @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Saved> saveRig(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch,
            @RequestBody RigDocument document) {
        return answers.of(store.save(id, IfMatch.revision(ifMatch), document.rig()));
    }

    /** Takes a rig off the shelf; it can come back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteRig(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        store.delete(id, IfMatch.revision(ifMatch));
    }

    /** Brings a deleted rig back. */
    @PostMapping("/{id}/restore")
    ResponseEntity<Saved> restoreRig(@PathVariable String id) {
        return answers.of(store.restore(id));
    }

    /** A copy beside it, with a number. */
    @PostMapping("/{id}/duplicate")
    ResponseEntity<Saved> duplicateRig(@PathVariable String id) {
        return answers.of(HttpStatus.CREATED, store.createNumbered(store.get(id).rig()));
    }

    /**
     * A few rigs side by side: this one and others.
     *
     * @param with ids of rigs, each with a change behind a colon where it is looked at after that
     */
    @GetMapping("/{id}/comparison")
    SideBySide compareRigs(@PathVariable String id, @RequestParam List<String> with) {
        if (with.size() >= SideBySide.MOST) {
            throw new Refusal(
                    RefusalCode.TOO_MANY,
                    "with",
                    String.valueOf(with.size()),
                    "at most " + (SideBySide.MOST - 1) + " beside the first");
        }
        List<Line> all = new ArrayList<>();
        all.add(lines.of(store.get(id)));
        with.forEach(each -> all.add(asked(each)));
        return turns.takeLong(() -> SideBySide.of(all, reviewer));
    }

    private Line asked(String with) {
        int colon = with.indexOf(':');
        Line line = lines.of(store.get(colon < 0 ? with : with.substring(0, colon)));
        if (colon < 0) {
            return line;
        }
        Change change = turns.take(() -> changes.find(line, with.substring(colon + 1)));
        String name = Checks.fitted(change.label().plain());
        return Line.of(change.after().withName(name));
    }
}
