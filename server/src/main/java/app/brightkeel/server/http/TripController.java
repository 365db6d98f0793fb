package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Calibration;
import app.brightkeel.core.trip.Gear;
import app.brightkeel.core.trip.Lessons;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
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

/** Days on the water as they were, and what they teach. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/trips", produces = MediaType.APPLICATION_JSON_VALUE)
class TripController {

    private static final int PAGE = 100;

    /** As many as are learnt from. */
    private static final int MOST_TAUGHT = 400;

    private static final double DAY_H = 24;

    private final RigStore rigs;
    private final TripStore trips;
    private final Lines lines;
    private final Turns turns;
    private final Answers answers;
    private final Clock clock;

    TripController(RigStore rigs, TripStore trips, Lines lines, Turns turns, Answers answers, Clock clock) {
        this.rigs = rigs;
        this.trips = trips;
        this.lines = lines;
        this.turns = turns;
        this.answers = answers;
        this.clock = clock;
    }

    /** What a lesson changes. */
    enum Lesson {
        DRAWS,
        CAPACITY
    }

    /** A page of the log, and what all of it teaches. */
    @GetMapping
    TripLog getLog(@PathVariable String id, @RequestParam(defaultValue = "0") int from) {
        Checks.within("from", from, 0, Integer.MAX_VALUE, "");
        return log(rigs.get(id), from);
    }

    private TripLog log(StoredRig stored, int from) {
        Line line = lines.of(stored);
        Outcome<Gear> gear = turns.take(() -> Gear.of(line));
        int count = trips.count(stored.id());
        List<Calibration> taught = gear.isKnown() && count > 0 ? List.of(taught(stored, gear.value())) : List.of();
        return new TripLog(
                stored.revision(),
                trips.trips(stored.id(), from, PAGE),
                count,
                taught,
                gear.isKnown() ? Text.of("") : Text.of("Waits for {}.", Wanted.words(line.rig(), gear.missing())));
    }

    private Calibration taught(StoredRig stored, Gear gear) {
        List<Trip> all = trips.trips(stored.id(), 0, MOST_TAUGHT);
        return turns.takeLong(() -> Calibration.of(gear, all));
    }

    /** Keeps a trip. */
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    TripLog addTrip(@PathVariable String id, @RequestBody TripSaid said) {
        return keep(rigs.get(id), said.trip(UUID.randomUUID().toString()));
    }

    /** Keeps it as it is told now. */
    @PutMapping(path = "/{trip}", consumes = MediaType.APPLICATION_JSON_VALUE)
    TripLog setTrip(@PathVariable String id, @PathVariable String trip, @RequestBody TripSaid said) {
        StoredRig stored = rigs.get(id);
        if (!trips.has(id, trip)) {
            throw new NoSuchStep("trip");
        }
        return keep(stored, said.trip(trip));
    }

    private TripLog keep(StoredRig stored, Trip trip) {
        LocalDate tomorrow = LocalDate.now(clock).plusDays(1);
        if (LocalDate.parse(trip.day()).isAfter(tomorrow)) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE, "day", trip.day(), "a day that has been, " + tomorrow + " at the latest");
        }
        double others = trips.hoursOn(stored.id(), trip.day(), trip.id());
        if (others + trip.hours() > DAY_H) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    "legs",
                    trip.hours() + " h",
                    "what is left of that day: " + (DAY_H - others) + " h; another trip of this rig has the rest");
        }
        trips.keep(stored.id(), stored.revision(), trip);
        return log(stored, 0);
    }

    /** Takes a trip out of the log. */
    @DeleteMapping("/{trip}")
    TripLog deleteTrip(@PathVariable String id, @PathVariable String trip) {
        StoredRig stored = rigs.get(id);
        if (!trips.delete(id, trip)) {
            throw new NoSuchStep("trip");
        }
        return log(stored, 0);
    }

    /** Takes what the log teaches into the rig, as one step that can be undone. */
    @PostMapping("/taught/{lesson}")
    ResponseEntity<Saved> takeLesson(
            @PathVariable String id,
            @PathVariable Lesson lesson,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        StoredRig stored = rigs.get(id);
        Line line = lines.of(stored);
        Outcome<Gear> gear = turns.take(() -> Gear.of(line));
        if (!gear.isKnown() || trips.count(id) == 0) {
            throw new NoSuchStep("lesson");
        }
        Calibration taught = taught(stored, gear.value());
        Rig changed = lesson == Lesson.DRAWS
                ? Lessons.draws(line, gear.value(), taught).orElseThrow(() -> new NoSuchStep("lesson"))
                : Lessons.capacity(line, gear.value(), taught);
        return answers.of(rigs.save(id, IfMatch.revision(ifMatch), changed));
    }
}
