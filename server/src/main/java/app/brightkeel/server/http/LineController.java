package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Comparison;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Links;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.core.review.battery.Shuttle;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
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

/** What follows from a rig as it stands, and what could be had instead. */
@RestController
@RequestMapping(path = "/api/rigs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class LineController {

    /** Rigs a battery is tried on at once. */
    private static final int MOST_TRIPS = 40;

    private final RigStore store;
    private final Revisions revisions;
    private final RigReviewer reviewer;
    private final Answers answers;

    LineController(RigStore store, Revisions revisions, RigReviewer reviewer, Answers answers) {
        this.store = store;
        this.revisions = revisions;
        this.reviewer = reviewer;
        this.answers = answers;
    }

    @GetMapping("/review")
    Review review(@PathVariable String id) {
        return reviewer.review(line(id));
    }

    @GetMapping("/scenes/{link}")
    Picture scene(@PathVariable String id, @PathVariable Link link) {
        return Picture.of(line(id), link);
    }

    /** The harness at any moment of the day, or at any charge, with what is switched on. */
    @GetMapping("/harness")
    Picture harness(
            @PathVariable String id,
            @RequestParam(defaultValue = "empty") Moment.Charge charge,
            @RequestParam(defaultValue = "0") double hour,
            @RequestParam(defaultValue = "false") boolean starting,
            @RequestParam(defaultValue = "") Set<String> off) {
        return Picture.of(line(id), new Moment(charge, hour, starting, off));
    }

    @GetMapping("/workings")
    List<Working> workings(@PathVariable String id, @RequestParam Link link) {
        return workings(line(id), link);
    }

    private static List<Working> workings(Line line, Link link) {
        return Links.of(link).workings(line);
    }

    @GetMapping("/changes")
    List<Comparison.Offer> changes(
            @PathVariable String id, @RequestParam Link link, @RequestParam(defaultValue = "false") boolean wider) {
        return wider ? Comparison.wider(line(id), link, reviewer) : Comparison.of(line(id), link, reviewer);
    }

    @GetMapping("/changes/{change}")
    ChangePreview change(@PathVariable String id, @PathVariable String change) {
        Line line = line(id);
        return ChangePreview.of(find(line, change), line, reviewer);
    }

    @GetMapping("/changes/{change}/workings")
    List<Working> changeWorkings(@PathVariable String id, @PathVariable String change, @RequestParam Link link) {
        Line line = line(id);
        return workings(line.with(find(line, change).after()), link);
    }

    @PostMapping("/changes/{change}")
    ResponseEntity<Saved> take(
            @PathVariable String id,
            @PathVariable String change,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        long revision = IfMatch.revision(ifMatch);
        Change found = find(line(id), change);
        return answers.of(store.save(id, revision, found.after()));
    }

    /** How the battery of this rig does on others, those saved last. */
    @GetMapping("/shuttle")
    List<Shuttle.Trip> shuttle(@PathVariable String id) {
        Rig home = store.get(id).rig();
        return store.heads().stream()
                .filter(other -> !other.id().equals(id))
                .sorted(Comparator.comparing(RigStore.Head::savedAt).reversed())
                .limit(MOST_TRIPS)
                .flatMap(other -> revisions.get(other.id(), other.revision()).stream())
                .flatMap(other -> revisions.legible(other).stream())
                .flatMap(other -> Shuttle.of(home, other, reviewer).stream())
                .toList();
    }

    private Line line(String id) {
        return Line.of(store.get(id).rig());
    }

    private static Change find(Line line, String id) {
        return Comparison.find(line, id).orElseThrow(() -> new ChangeNotOffered(id));
    }
}
