package app.brightkeel.server.http;

import app.brightkeel.core.line.Working;
import app.brightkeel.core.picture.Moment;
import app.brightkeel.core.review.AssumedFigures;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.review.whole.Shuttle;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What follows from a revision of a rig: the one named, or as it stands. */
@RestController
@RequestMapping(path = "/api/rigs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class LineController {

    private final RigReviewer reviewer;
    private final Reviews reviews;
    private final RevisionAnswers answers;
    private final Trips trips;

    LineController(RigReviewer reviewer, Reviews reviews, RevisionAnswers answers, Trips trips) {
        this.reviewer = reviewer;
        this.reviews = reviews;
        this.answers = answers;
        this.trips = trips;
    }

    /** States, findings, cautions and what is assumed. */
    @GetMapping("/review")
    Kept<Review> getReview(@PathVariable String id, @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(id, revision, "review", (at, line) -> reviews.of(id, at.number(), line.entered()));
    }

    /** What may be done about what the review finds. */
    @GetMapping("/remedies")
    Kept<List<Remedy>> listRemedies(@PathVariable String id, @RequestParam(required = false) @Nullable Long revision) {
        return answers.ofLong(id, revision, "remedies", reviewer::remedies);
    }

    /** The pictures of a link. */
    @GetMapping("/scenes/{link}")
    Kept<Picture> getPicture(
            @PathVariable String id, @PathVariable Link link, @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(id, revision, "scene " + link, line -> Picture.of(line, link));
    }

    /** The harness at any moment of the day, or at any charge, with what is switched on. */
    @GetMapping("/harness")
    Kept<Picture> getHarness(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable Long revision,
            @RequestParam(defaultValue = "empty") Moment.Charge charge,
            @RequestParam(defaultValue = "0") double hour,
            @RequestParam(defaultValue = "false") boolean starting,
            @RequestParam(defaultValue = "") Set<String> off) {
        Moment moment = new Moment(charge, hour, starting, off);
        return answers.of(id, revision, "harness " + moment, line -> Picture.of(line, moment));
    }

    /** How the figures of a link came about. */
    @GetMapping("/workings")
    Kept<List<Working>> listWorkings(
            @PathVariable String id, @RequestParam Link link, @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(
                id, revision, "workings " + link, line -> Links.of(link).workings(line));
    }

    /** What a link takes for granted, to be given. */
    @GetMapping("/assumed")
    Kept<List<AssumedFigures.Told>> listAssumed(
            @PathVariable String id, @RequestParam Link link, @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(
                id,
                revision,
                "assumed " + link,
                (at, line) -> AssumedFigures.of(line.rig(), reviews.of(id, at.number(), line.entered()), link));
    }

    /** How the battery of this rig does on others, those saved last. */
    @GetMapping("/shuttle")
    Kept<List<Shuttle.TriedOn>> listTrips(@PathVariable String id) {
        return trips.of(id);
    }
}
