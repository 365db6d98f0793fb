package app.brightkeel.server.files;

import app.brightkeel.core.battery.LayUp;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.text.ICalWriter;
import biweekly.property.DateStart;
import biweekly.property.Uid;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Date;
import java.util.List;

/** Work on whole days as a calendar (RFC 5545), each with an id that stays: what is done later moves. */
public final class DayCalendar {

    private static final String MADE_BY = "-//Bright Keel//days//EN";

    private static final int LINE = 25;

    private DayCalendar() {}

    /**
     * One day's work.
     *
     * @param id    that stays
     * @param times how often it was moved: a reader takes the highest
     */
    public record Dated(String id, int times, LocalDate day, String what, String why) {}

    /**
     * @param rig     id of the rig, so that two rigs with a battery of one id are told apart
     * @param savedAt when what it was worked out from was saved
     */
    public static String of(String rig, String name, Instant savedAt, List<Dated> all) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(MADE_BY);
        calendar.setName(name);
        for (Dated dated : all) {
            VEvent event = new VEvent();
            event.setUid(new Uid(dated.id() + "@" + rig));
            event.setDateTimeStamp(Date.from(savedAt));
            event.setSequence(dated.times());
            event.setDateStart(new DateStart(day(dated.day())));
            event.setSummary(dated.what());
            event.setDescription(dated.why());
            event.setTransparency(true);
            calendar.addEvent(event);
        }
        return written(calendar);
    }

    /** What a lay-up wants, where so many charges were written down. */
    public static List<Dated> layUp(List<LayUp.Due> all) {
        int charged = (int) all.stream().filter(LayUp.Due::done).count();
        return all.stream()
                .map(due -> new Dated(due.id(), charged, due.day(), due.pack() + ": " + due.what(), due.why()))
                .toList();
    }

    /** Lines of at most 75 octets, as RFC 5545 wants them: letters of a name may take three. */
    static String written(ICalendar calendar) {
        StringWriter to = new StringWriter();
        try (ICalWriter writer = new ICalWriter(to, ICalVersion.V2_0)) {
            writer.getVObjectWriter().getFoldedLineWriter().setLineLength(LINE);
            writer.write(calendar);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return to.toString();
    }

    /** By its parts, not by an instant: a day is the same day wherever the calendar is read. */
    private static ICalDate day(LocalDate day) {
        return new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
    }
}
