package app.brightkeel.server.http;

import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.lists.TripListing;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.files.ListCsv;
import app.brightkeel.server.files.log.LogReader;
import app.brightkeel.server.files.log.TrackSpan;
import app.brightkeel.server.store.PhotoStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Days on the water as they were. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/trips", produces = MediaType.APPLICATION_JSON_VALUE)
class TripController {

    private static final int PAGE = 100;

    private static final double DAY_H = 24;
    private static final double LEAST_H = 0.05;

    private final RigStore rigs;
    private final TripStore trips;
    private final TripTeacher teacher;
    private final PacksOut packs;
    private final PhotoStore photos;
    private final Clock clock;

    TripController(
            RigStore rigs, TripStore trips, TripTeacher teacher, PacksOut packs, PhotoStore photos, Clock clock) {
        this.rigs = rigs;
        this.trips = trips;
        this.teacher = teacher;
        this.packs = packs;
        this.photos = photos;
        this.clock = clock;
    }

    /** A page of the log. */
    @GetMapping
    TripLog getLog(@PathVariable String id, @RequestParam(defaultValue = "0") int from) {
        Checks.within("from", from, 0, Integer.MAX_VALUE, "");
        return log(rigs.get(id), from);
    }

    private TripLog log(StoredRig stored, int from) {
        return log(stored, from, List.of());
    }

    private TripLog log(StoredRig stored, int from, List<Text> said) {
        return new TripLog(
                stored.revision(),
                trips.trips(stored.id(), from, PAGE),
                trips.count(stored.id()),
                pictures(stored),
                said);
    }

    private List<TripLog.TripPhoto> pictures(StoredRig stored) {
        return photos.all(stored.id()).stream()
                .filter(each -> each.step().startsWith(PhotoStore.OF_A_TRIP))
                .map(each -> new TripLog.TripPhoto(each.id(), each.step().substring(PhotoStore.OF_A_TRIP.length())))
                .toList();
    }

    /** Keeps a photo of a trip: JPEG or PNG by its content, at most 8 MB. It is read where those of steps are. */
    @PostMapping(path = "/{trip}/photos", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    TripLog addTripPhoto(@PathVariable String id, @PathVariable String trip, InputStream body) throws IOException {
        StoredRig stored = rigs.get(id);
        if (!trips.has(id, trip)) {
            throw new NoSuchStep("trip");
        }
        Shots.Taken taken = Shots.Taken.of(body);
        photos.add(id, PhotoStore.OF_A_TRIP + trip, taken.shot(), taken.wide(), taken.tall());
        return log(stored, 0);
    }

    /** All of it as CSV. */
    @GetMapping(path = "/list", produces = "text/csv")
    ResponseEntity<byte[]> tripList(@PathVariable String id, @RequestParam(defaultValue = "metric") Habit habit) {
        StoredRig stored = rigs.get(id);
        Listing listing = TripListing.of(trips.trips(id, 0, Integer.MAX_VALUE));
        return ListController.csv(stored.rig().name(), "trips", ListCsv.of(listing, habit));
    }

    /** Rest volts of one trip against the plan; nothing to see where it does not say how full the battery was. */
    @GetMapping("/{trip}/picture")
    Picture getTripPicture(@PathVariable String id, @PathVariable String trip) {
        return teacher.picture(rigs.get(id), trip)
                .map(scene -> new Picture(List.of(scene), Text.of("")))
                .orElse(Picture.NONE);
    }

    /**
     * What a track says of a trip; nothing is kept of it.
     *
     * @param day   on which it began
     * @param hours from its first time to its last
     */
    record TrackRead(LocalDate day, double hours) {}

    /** Reads day and hours of a track or a log of sentences while it comes in. */
    @PostMapping(path = "/track", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    TrackRead readTrack(@PathVariable String id, InputStream body) throws IOException {
        rigs.get(id);
        TrackSpan span = LogReader.span(body);
        LocalDate day = span.day(clock.getZone());
        if (day.isAfter(Been.latest(clock))) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    "day",
                    day.toString(),
                    "a track of a day that has been; its clock is wrong");
        }
        Checks.within("hours", span.hours(), LEAST_H, DAY_H, "h; a track of one trip");
        return new TrackRead(day, span.hours());
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
        Been.check(clock, trip.day());
        double others = trips.hoursOn(stored.id(), trip.day(), trip.id());
        if (others + trip.hours() > DAY_H) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    "legs",
                    trip.hours() + " h",
                    "what is left of that day: " + (DAY_H - others) + " h; another trip of this rig has the rest");
        }
        List<Text> said = packs.told(stored, trip);
        trips.keep(stored.id(), stored.revision(), trip);
        return log(stored, 0, said);
    }

    /** Takes a trip out of the log, its photos with it. */
    @DeleteMapping("/{trip}")
    TripLog deleteTrip(@PathVariable String id, @PathVariable String trip) {
        StoredRig stored = rigs.get(id);
        if (!trips.delete(id, trip)) {
            throw new NoSuchStep("trip");
        }
        return log(stored, 0);
    }
}
