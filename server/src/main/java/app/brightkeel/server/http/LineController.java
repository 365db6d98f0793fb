package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.review.AssumedFigures;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Comparison;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Links;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.core.review.battery.Shuttle;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
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

    private final RigStore store;
    private final Revisions revisions;
    private final RigReviewer reviewer;
    private final Reviews reviews;
    private final Answers answers;
    private final Known known;
    private final Turns turns;
    private final Trips trips;
    private final Lines lines;

    LineController(
            RigStore store,
            Revisions revisions,
            RigReviewer reviewer,
            Reviews reviews,
            Answers answers,
            Known known,
            Turns turns,
            Trips trips,
            Lines lines) {
        this.store = store;
        this.revisions = revisions;
        this.reviewer = reviewer;
        this.reviews = reviews;
        this.answers = answers;
        this.known = known;
        this.turns = turns;
        this.trips = trips;
        this.lines = lines;
    }

    /** States, findings, cautions and what is assumed. */
    @GetMapping("/review")
    Kept<Review> getReview(@PathVariable String id) {
        Revision head = store.head(id);
        return known.of(id, head.number(), "review", () -> reviews.of(id, head.number(), revisions.rig(id, head)));
    }

    /** What may be done about what the review finds. */
    @GetMapping("/remedies")
    Kept<List<Remedy>> listRemedies(@PathVariable String id) {
        return knownLong(id, "remedies", reviewer::remedies);
    }

    /** The pictures of a link. */
    @GetMapping("/scenes/{link}")
    Kept<Picture> getPicture(@PathVariable String id, @PathVariable Link link) {
        return known(id, "scene " + link, line -> Picture.of(line, link));
    }

    /** The harness at any moment of the day, or at any charge, with what is switched on. */
    @GetMapping("/harness")
    Kept<Picture> getHarness(
            @PathVariable String id,
            @RequestParam(defaultValue = "empty") Moment.Charge charge,
            @RequestParam(defaultValue = "0") double hour,
            @RequestParam(defaultValue = "false") boolean starting,
            @RequestParam(defaultValue = "") Set<String> off) {
        Moment moment = new Moment(charge, hour, starting, off);
        return known(id, "harness " + moment, line -> Picture.of(line, moment));
    }

    /** How the figures of a link came about. */
    @GetMapping("/workings")
    Kept<List<Working>> listWorkings(@PathVariable String id, @RequestParam Link link) {
        return known(id, "workings " + link, line -> Links.of(link).workings(line));
    }

    /** What a link takes for granted, to be given. */
    @GetMapping("/assumed")
    Kept<List<AssumedFigures.Told>> listAssumed(@PathVariable String id, @RequestParam Link link) {
        Revision head = store.head(id);
        return known.of(id, head.number(), "assumed " + link, () -> {
            Line line = line(id, head);
            return AssumedFigures.of(line.rig(), reviews.of(id, head.number(), line.entered()), link);
        });
    }

    /** What could be had instead, on one link. */
    @GetMapping("/changes")
    Kept<List<Comparison.Offer>> listChanges(
            @PathVariable String id, @RequestParam Link link, @RequestParam(defaultValue = "false") boolean wider) {
        return knownLong(
                id,
                "changes " + link + wider,
                line -> wider ? Comparison.wider(line, link, reviewer) : Comparison.of(line, link, reviewer));
    }

    /** A change with the rig it leads to; nothing is kept. */
    @GetMapping("/changes/{change}")
    Kept<ChangePreview> previewChange(@PathVariable String id, @PathVariable String change) {
        return knownLong(id, "change " + change, line -> ChangePreview.of(find(line, change), line, reviewer));
    }

    /** How the figures of a link would come about after a change. */
    @GetMapping("/changes/{change}/workings")
    Kept<List<Working>> listChangeWorkings(
            @PathVariable String id, @PathVariable String change, @RequestParam Link link) {
        return knownLong(
                id,
                "workings " + link + " after " + change,
                line -> Links.of(link).workings(line.with(find(line, change).after())));
    }

    /** Takes an offered change, as one step. */
    @PostMapping("/changes/{change}")
    ResponseEntity<Saved> takeChange(
            @PathVariable String id,
            @PathVariable String change,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        long revision = IfMatch.revision(ifMatch);
        StoredRig rig = store.get(id);
        Change found = turns.takeLong(() -> find(lines.of(rig), change));
        return answers.of(store.save(id, revision, found.after()));
    }

    /** How the battery of this rig does on others, those saved last. */
    @GetMapping("/shuttle")
    Kept<List<Shuttle.Trip>> listTrips(@PathVariable String id) {
        return trips.of(id);
    }

    /** Of the head as it is now, whatever is saved while one computes. */
    private <T> Kept<T> known(String id, String what, Function<Line, T> made) {
        Revision head = store.head(id);
        return known.of(id, head.number(), what, () -> made.apply(line(id, head)));
    }

    /** The same where many rigs are judged for it. */
    private <T> Kept<T> knownLong(String id, String what, Function<Line, T> made) {
        Revision head = store.head(id);
        return known.ofLong(id, head.number(), what, () -> made.apply(line(id, head)));
    }

    private Line line(String id, Revision head) {
        return lines.of(id, head.number(), revisions.rig(id, head));
    }

    private static Change find(Line line, String id) {
        return Comparison.find(line, id).orElseThrow(() -> new ChangeNotOffered(id));
    }
}
