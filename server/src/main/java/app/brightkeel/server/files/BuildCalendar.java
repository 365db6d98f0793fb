package app.brightkeel.server.files;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Schedule;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.quantity.Habit;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Uid;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Date;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The days of a build as a calendar (RFC 5545): each with an id that stays when the days move, times in UTC. */
public final class BuildCalendar {

    private static final String MADE_BY = "-//Bright Keel//build//EN";

    private BuildCalendar() {}

    /**
     * @param id      of the rig
     * @param savedAt when what it was worked out from was saved
     */
    public static String of(String id, String rig, Instant savedAt, BuildPlan plan, Habit habit) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(MADE_BY);
        calendar.setName(rig + ", build");
        Map<String, Step> steps = new HashMap<>();
        plan.steps().forEach(step -> steps.put(step.id(), step));
        List<Schedule.Sitting> sittings = plan.schedule().sittings();
        for (int s = 0; s < sittings.size(); s++) {
            Schedule.Sitting sitting = sittings.get(s);
            VEvent event = event("sitting-" + (s + 1), id, savedAt);
            event.setDateStart(date(sitting.begin()), true);
            event.setDateEnd(date(sitting.end()), true);
            event.setSummary(rig + (sitting.water() ? ", at the water: " : ": ") + sitting.what());
            event.setDescription(sitting.steps().stream()
                    .map(steps::get)
                    .filter(step -> step != null)
                    .map(step -> step.title().in(habit))
                    .collect(Collectors.joining("\n")));
            calendar.addEvent(event);
            for (Schedule.Resting rest : sitting.rests()) {
                Step step = steps.get(rest.step());
                if (step != null) {
                    VEvent end = event(rest.step(), id, savedAt);
                    end.setDateStart(date(rest.until()), true);
                    end.setSummary(rig + ", it has cured: " + step.title().in(habit));
                    end.setTransparency(true);
                    calendar.addEvent(end);
                }
            }
        }
        return DayCalendar.written(calendar);
    }

    private static VEvent event(String what, String rig, Instant savedAt) {
        VEvent event = new VEvent();
        event.setUid(new Uid(what + "@" + rig));
        event.setDateTimeStamp(Date.from(savedAt));
        return event;
    }

    private static Date date(String at) {
        return Date.from(OffsetDateTime.parse(at).toInstant());
    }
}
