package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Comparison;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.Links;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rigs that are kept. */
@RestController
@RequestMapping(path = "/api/rigs", produces = MediaType.APPLICATION_JSON_VALUE)
class RigController {

    private final RigStore store;
    private final RigReviewer reviewer;

    RigController(RigStore store, RigReviewer reviewer) {
        this.store = store;
        this.reviewer = reviewer;
    }

    @GetMapping
    List<ShelfEntry> list() {
        return store.all().stream().map(rig -> ShelfEntry.of(rig, reviewer)).toList();
    }

    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Saved> create(@RequestBody RigDocument document) {
        return tagged(HttpStatus.CREATED, store.create(document.rig()));
    }

    @GetMapping("/{id}")
    ResponseEntity<Saved> get(@PathVariable String id) {
        return tagged(HttpStatus.OK, store.get(id));
    }

    @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Saved> save(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody RigDocument document) {
        return tagged(HttpStatus.OK, store.save(id, IfMatch.revision(ifMatch), document.rig()));
    }

    @PostMapping("/{id}/undo")
    ResponseEntity<Saved> undo(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        return tagged(HttpStatus.OK, store.undo(id, IfMatch.revision(ifMatch)));
    }

    @PostMapping("/{id}/redo")
    ResponseEntity<Saved> redo(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        return tagged(HttpStatus.OK, store.redo(id, IfMatch.revision(ifMatch)));
    }

    @GetMapping("/{id}/review")
    Review review(@PathVariable String id) {
        return reviewer.review(line(id));
    }

    @GetMapping("/{id}/export")
    ResponseEntity<RigDocument> export(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"rig-" + id + ".json\"")
                .body(RigDocument.of(store.get(id).rig()));
    }

    @GetMapping("/{id}/scenes/{link}")
    Picture scene(@PathVariable String id, @PathVariable Link link) {
        return Picture.of(line(id), link);
    }

    @GetMapping("/{id}/workings")
    List<Working> workings(@PathVariable String id, @RequestParam Link link) {
        return workings(line(id), link);
    }

    private static List<Working> workings(Line line, Link link) {
        return Links.of(link).map((LinkReview shown) -> shown.workings(line)).orElse(List.of());
    }

    @GetMapping("/{id}/changes")
    List<Comparison.Offer> changes(@PathVariable String id, @RequestParam Link link) {
        return Comparison.of(line(id), link, reviewer);
    }

    @GetMapping("/{id}/changes/{change}")
    ChangePreview change(@PathVariable String id, @PathVariable String change) {
        Line line = line(id);
        return ChangePreview.of(find(line, change), line, reviewer);
    }

    @GetMapping("/{id}/changes/{change}/workings")
    List<Working> changeWorkings(@PathVariable String id, @PathVariable String change, @RequestParam Link link) {
        Line line = line(id);
        return workings(line.with(find(line, change).after()), link);
    }

    @PostMapping("/{id}/changes/{change}")
    ResponseEntity<Saved> take(
            @PathVariable String id,
            @PathVariable String change,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        long revision = IfMatch.revision(ifMatch);
        Change found = find(line(id), change);
        return tagged(HttpStatus.OK, store.save(id, revision, found.after()));
    }

    private Line line(String id) {
        return Line.of(store.get(id).rig());
    }

    private static Change find(Line line, String id) {
        return Comparison.find(line, id).orElseThrow(() -> new ChangeNotOffered(id));
    }

    private ResponseEntity<Saved> tagged(HttpStatus status, StoredRig stored) {
        return ResponseEntity.status(status)
                .eTag("\"" + stored.revision() + "\"")
                .body(Saved.of(stored, reviewer));
    }
}
