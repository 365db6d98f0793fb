package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.FadingScene;
import app.brightkeel.core.picture.HadScene;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.TripScene;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.RigDifferences;
import app.brightkeel.core.trip.Gear;
import app.brightkeel.core.trip.Hindsight;
import app.brightkeel.core.trip.Learnt;
import app.brightkeel.core.trip.Lesson;
import app.brightkeel.core.trip.Lessons;
import app.brightkeel.core.trip.Outlook;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What logs teach, worked out once for the same rig and the same trips. */
@Component
class TripTeacher {

    private static final int KEPT = 60;

    private record Asked(String id, long revision, String stamp) {}

    private record Known(Learnt learnt, TripLessons lessons) {}

    private final Cache<Asked, Known> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private final TripStore trips;
    private final Revisions revisions;
    private final Lines lines;
    private final Turns turns;

    TripTeacher(TripStore trips, Revisions revisions, Lines lines, Turns turns) {
        this.trips = trips;
        this.revisions = revisions;
        this.lines = lines;
        this.turns = turns;
    }

    /** Everything that the log of a rig teaches. */
    TripLessons lessons(StoredRig stored) {
        Line line = lines.of(stored);
        Outcome<Gear> gear = turns.take(() -> Gear.of(line));
        if (!gear.isKnown()) {
            return none(stored, Text.of("Waits for {}.", Wanted.words(line.rig(), gear.missing())));
        }
        return known(stored, line, gear.value()).map(Known::lessons).orElseGet(() -> none(stored, Text.of("")));
    }

    private static TripLessons none(StoredRig stored, Text waits) {
        return new TripLessons(stored.revision(), List.of(), List.of(), List.of(), List.of(), Picture.NONE, waits);
    }

    private Optional<Known> known(StoredRig stored, Line line, Gear gear) {
        if (trips.count(stored.id()) == 0) {
            return Optional.empty();
        }
        Asked asked = new Asked(stored.id(), stored.revision(), trips.stamp(stored.id()));
        return Optional.of(known.get(asked, key -> {
            List<Trip> all = trips.trips(stored.id(), 0, Learnt.MOST_TRIPS);
            return turns.takeLong(() -> learn(stored, line, gear, plan(stored, gear), all));
        }));
    }

    /** As it stood when the log began, while the battery is the same: what was taken from it since came from these trips. */
    private Gear plan(StoredRig stored, Gear now) {
        long first = trips.firstRevision(stored.id());
        return revisions
                .get(stored.id(), first)
                .filter(revision -> first != stored.revision())
                .flatMap(revision -> revisions.legible(stored.id(), revision))
                .map(rig -> Gear.of(lines.of(stored.id(), first, rig)))
                .filter(Outcome::isKnown)
                .map(Outcome::value)
                .filter(now::sameBattery)
                .orElse(now);
    }

    private static Known learn(StoredRig stored, Line line, Gear gear, Gear plan, List<Trip> all) {
        Learnt learnt = Learnt.of(plan, all);
        List<Hindsight> hindsights = learnt.hindsights();
        Outlook outlook = learnt.outlook(line, gear);
        List<Scene> scenes = new ArrayList<>();
        if (!hindsights.isEmpty()) {
            scenes.add(HadScene.of(hindsights));
        }
        scenes.add(
                FadingScene.of(outlook, Outlook.year(LocalDate.parse(all.get(0).day()))));
        TripLessons lessons = new TripLessons(
                stored.revision(),
                List.of(learnt.calibration()),
                hindsights,
                List.of(outlook),
                offers(line, gear, learnt),
                new Picture(scenes, Text.of("")),
                Text.of(""));
        return new Known(learnt, lessons);
    }

    private static List<TripLessons.LessonOffer> offers(Line line, Gear gear, Learnt learnt) {
        List<TripLessons.LessonOffer> offers = new ArrayList<>();
        for (Lesson lesson : Lesson.values()) {
            if (Lessons.worth(lesson, gear, learnt.calibration())) {
                Lessons.taken(lesson, line, gear, learnt.calibration())
                        .map(rig -> RigDifferences.between(line.entered(), rig))
                        .filter(changes -> !changes.isEmpty())
                        .ifPresent(changes -> offers.add(new TripLessons.LessonOffer(lesson, changes, List.of())));
            }
        }
        return offers;
    }

    /** The rig with a lesson taken; empty where it teaches nothing. */
    Optional<Rig> taken(StoredRig stored, Lesson lesson) {
        Line line = lines.of(stored);
        Outcome<Gear> gear = turns.take(() -> Gear.of(line));
        if (!gear.isKnown()) {
            return Optional.empty();
        }
        return known(stored, line, gear.value())
                .flatMap(all ->
                        Lessons.taken(lesson, line, gear.value(), all.learnt().calibration()))
                .filter(rig -> !rig.equals(line.entered()));
    }

    /** Volts of one trip; empty where there is no such trip, or it does not say how full the battery was. */
    Optional<Scene> picture(StoredRig stored, String trip) {
        return lessons(stored).hindsights().stream()
                .filter(each -> each.trip().equals(trip))
                .findFirst()
                .map(TripScene::of);
    }
}
