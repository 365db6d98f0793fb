package app.brightkeel.server.http;

import app.brightkeel.core.line.Working;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.util.List;
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

/** What could be had instead of what a revision of a rig has. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/changes", produces = MediaType.APPLICATION_JSON_VALUE)
class ChangeController {

    private final RigStore store;
    private final RigReviewer reviewer;
    private final RevisionAnswers answers;
    private final Answers saved;
    private final Turns turns;
    private final Lines lines;
    private final OwnChanges own;

    ChangeController(
            RigStore store,
            RigReviewer reviewer,
            RevisionAnswers answers,
            Answers saved,
            Turns turns,
            Lines lines,
            OwnChanges own) {
        this.store = store;
        this.reviewer = reviewer;
        this.answers = answers;
        this.saved = saved;
        this.turns = turns;
        this.lines = lines;
        this.own = own;
    }

    /** What could be had instead, on one link. */
    @GetMapping
    Kept<List<Comparison.Offer>> listChanges(
            @PathVariable String id,
            @RequestParam Link link,
            @RequestParam(defaultValue = "false") boolean wider,
            @RequestParam(required = false) @Nullable Long revision) {
        return answers.ofLong(
                id,
                revision,
                "changes " + link + wider + own.stamp(),
                line -> wider
                        ? Comparison.wider(line, link, reviewer)
                        : Comparison.of(line, link, own.offers(line, link), reviewer));
    }

    /** A change with the rig it leads to; nothing is kept. */
    @GetMapping("/{change}")
    Kept<ChangePreview> previewChange(
            @PathVariable String id,
            @PathVariable String change,
            @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(
                id,
                revision,
                "change " + change + own.of(change),
                line -> ChangePreview.of(own.find(line, change), line, reviewer));
    }

    /** How the figures of a link would come about after a change. */
    @GetMapping("/{change}/workings")
    Kept<List<Working>> listChangeWorkings(
            @PathVariable String id,
            @PathVariable String change,
            @RequestParam Link link,
            @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(
                id,
                revision,
                "workings " + link + " after " + change + own.of(change),
                line -> Links.of(link).workings(line.with(own.find(line, change).after())));
    }

    /** Takes an offered change, as one step. */
    @PostMapping("/{change}")
    ResponseEntity<Saved> takeChange(
            @PathVariable String id,
            @PathVariable String change,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        long revision = IfMatch.revision(ifMatch);
        StoredRig rig = store.get(id);
        Change found = turns.take(() -> own.find(lines.of(rig), change));
        return saved.of(store.save(id, revision, found.after()));
    }
}
