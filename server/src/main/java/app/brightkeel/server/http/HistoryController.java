package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.RigDifferences;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a rig was, and the ways back and forth. */
@RestController
@RequestMapping(path = "/api/rigs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class HistoryController {

    private static final int PAGE = 50;

    private final RigStore store;
    private final Revisions revisions;
    private final Answers answers;
    private final Known known;

    HistoryController(RigStore store, Revisions revisions, Answers answers, Known known) {
        this.store = store;
        this.revisions = revisions;
        this.answers = answers;
        this.known = known;
    }

    /** Goes one step back. */
    @PostMapping("/undo")
    ResponseEntity<Saved> undo(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        return answers.of(store.undo(id, IfMatch.revision(ifMatch)));
    }

    /** Goes one step forward again. */
    @PostMapping("/redo")
    ResponseEntity<Saved> redo(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        return answers.of(store.redo(id, IfMatch.revision(ifMatch)));
    }

    /** A page of revisions, newest first, each with what it changed against the one it was edited from. */
    @GetMapping("/revisions")
    Kept<History> listRevisions(@PathVariable String id, @RequestParam(defaultValue = "9007199254740991") long before) {
        long head = store.head(id).number();
        // while the head goes back and forth the list of steps may have grown
        String what = "revisions before " + before + " of " + revisions.newest(id);
        return known.of(id, head, what, () -> history(id, head, before));
    }

    private History history(String id, long head, long before) {
        List<Revision> page = revisions.page(id, before, PAGE);
        List<History.Entry> entries = new ArrayList<>();
        for (Revision revision : page) {
            entries.add(new History.Entry(
                    revision.number(),
                    revision.parent(),
                    revision.savedAt(),
                    revision.number() == head,
                    changes(id, page, revision)));
        }
        boolean more = !page.isEmpty() && page.get(page.size() - 1).number() > 1;
        return new History(List.copyOf(entries), more);
    }

    private List<Text> changes(String id, List<Revision> page, Revision revision) {
        if (revision.parent() == 0) {
            return List.of();
        }
        Revision parent = page.stream()
                .filter(r -> r.number() == revision.parent())
                .findFirst()
                .orElseGet(() -> require(id, revision.parent()));
        Optional<Rig> before = revisions.legible(id, parent);
        Optional<Rig> after = revisions.legible(id, revision);
        if (after.isEmpty()) {
            return List.of(Text.of("This step cannot be read."));
        }
        return before.isEmpty()
                ? List.of(Text.of("What it changed cannot be told: the step before it cannot be read."))
                : RigDifferences.between(before.get(), after.get());
    }

    /** What changed from one revision to another, on whatever branches they are. */
    @GetMapping("/revisions/{number}/differences")
    List<Text> listDifferences(@PathVariable String id, @PathVariable long number, @RequestParam long to) {
        store.head(id);
        return RigDifferences.between(revisions.rig(id, require(id, number)), revisions.rig(id, require(id, to)));
    }

    /** Goes to any revision; the others stay. */
    @PostMapping("/revisions/{number}")
    ResponseEntity<Saved> goToRevision(
            @PathVariable String id,
            @PathVariable long number,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        StoredRig at = store.go(id, IfMatch.revision(ifMatch), number);
        if (at.revision() != number) {
            throw new NoSuchRevision(number);
        }
        return answers.of(at);
    }

    private Revision require(String id, long number) {
        return revisions.get(id, number).orElseThrow(() -> new NoSuchRevision(number));
    }
}
