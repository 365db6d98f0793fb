package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.trip.Calibration;
import app.brightkeel.core.trip.Hindsight;
import app.brightkeel.core.trip.Lesson;
import app.brightkeel.core.trip.Outlook;
import java.util.List;

/**
 * What the log of a rig teaches.
 *
 * @param taught     each thing before and after, and what was left out; none where there is no trip yet
 * @param hindsights each trip as the plan had it and as it was, the last first
 * @param outlook    of the battery; none where there is no trip yet
 * @param offers     what of it can be taken into the rig, and what would be changed by it
 * @param picture    hours planned and had, capacity over the seasons
 * @param waits      what is missing before anything can be taught; no words where nothing is
 */
public record TripLessons(
        long revision,
        List<Calibration> taught,
        List<Hindsight> hindsights,
        List<Outlook> outlook,
        List<LessonOffer> offers,
        Picture picture,
        Text waits) {

    /**
     * A lesson that can be taken as one step.
     *
     * @param alsoIn names of other rigs that have the piece of gear which it is about
     */
    public record LessonOffer(Lesson lesson, List<Text> changes, List<String> alsoIn) {}

    TripLessons withOffers(List<LessonOffer> others) {
        return new TripLessons(revision, taught, hindsights, outlook, others, picture, waits);
    }
}
