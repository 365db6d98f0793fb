package app.brightkeel.server.files.bundle;

import app.brightkeel.core.build.Tick;
import app.brightkeel.core.build.Workshop;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;

/**
 * What was done of building a rig, as it stands in a bundle beside the rig itself.
 *
 * @param format   {@link #FORMAT}
 * @param version  of the format; this program writes {@link #VERSION}
 * @param workshop when and where it is built: one, or none where nobody said
 * @param order    ids of steps as a person put them; empty for the proposed order
 * @param ticks    what was done, each step's item once
 * @param notes    to steps, one at most for each
 * @param readings of a meter, one at most for each point
 * @param photos   each in a file of its own
 */
public record BuildDocument(
        String format,
        int version,
        List<Workshop> workshop,
        List<String> order,
        List<Tick> ticks,
        List<Written> notes,
        List<Measured> readings,
        List<Taken> photos) {

    public static final String FORMAT = "bright-keel-build";
    public static final int VERSION = 1;

    /** Of one rig: more than any sheet has. */
    private static final int MOST = 5000;

    private static final int LONGEST_STEP = 200;

    public BuildDocument {
        workshop = Checks.atMost("workshop", 1, workshop);
        order = Checks.atMost("order", MOST, order);
        ticks = Checks.atMost("ticks", MOST, ticks);
        notes = Checks.atMost("notes", MOST, notes);
        readings = Checks.atMost("readings", MOST, readings);
        photos = Checks.atMost("photos", MOST, photos);
        Checks.distinct("order", order);
        order.forEach(step -> checkId("order", step));
        for (Tick tick : ticks) {
            checkId("ticks", tick.step());
            Checks.text("ticks", tick.item());
            Checks.text("ticks", tick.fingerprint());
            moment("ticks", tick.at());
        }
        Checks.distinct(
                "ticks",
                ticks.stream().map(tick -> tick.step() + " " + tick.item()).toList());
        Checks.distinct("notes", notes.stream().map(Written::step).toList());
        Checks.distinct("readings", readings.stream().map(Measured::point).toList());
        Checks.distinct("photos", photos.stream().map(Taken::file).toList());
    }

    /** A person's own words to a step. */
    public record Written(String step, String text) {

        private static final int LONGEST = 2000;

        public Written {
            checkId("step", step);
            if (text.isBlank() || text.length() > LONGEST) {
                throw new Refusal(
                        RefusalCode.BAD_TEXT,
                        "text",
                        Checks.cut(text, LONGEST_STEP),
                        "1 to " + LONGEST + " characters");
            }
            Checks.sound("text", text);
        }
    }

    /**
     * What a meter said.
     *
     * @param value  in V, A or Ω, −1e12 to 1e12
     * @param byHand typed, not taken from a meter that is connected
     * @param readAt as 2026-10-31T19:00:00Z
     */
    public record Measured(String point, double value, boolean byHand, String readAt) {

        private static final double MOST = 1e12;

        public Measured {
            checkId("point", point);
            Checks.within("value", value, -MOST, MOST, "");
            moment("readAt", readAt);
        }
    }

    /**
     * A photo of a step.
     *
     * @param file    its name in the bundle
     * @param takenAt as 2026-10-31T19:00:00Z
     */
    public record Taken(String file, String step, String takenAt) {

        public Taken {
            checkId("step", step);
            Checks.text("file", file);
            moment("takenAt", takenAt);
        }
    }

    private static void checkId(String field, String id) {
        if (id.isBlank() || id.length() > LONGEST_STEP || id.chars().anyMatch(Character::isISOControl)) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT,
                    field,
                    Checks.cut(id, LONGEST_STEP),
                    "1 to " + LONGEST_STEP + " characters on one line");
        }
    }

    private static void moment(String field, String at) {
        try {
            Instant.parse(at);
        } catch (DateTimeException e) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT, field, Checks.cut(at, LONGEST_STEP), "a moment as 2026-10-31T19:00:00Z");
        }
    }
}
