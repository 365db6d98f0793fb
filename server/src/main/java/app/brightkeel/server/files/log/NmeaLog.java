package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import java.io.IOException;
import java.io.InputStream;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Sentences of NMEA 0183, each read as it comes: DPT, DBT, DBS and DBK for depths, MTW and XDR for temperatures, RMC, ZDA
 * and GGA for the clock.
 */
final class NmeaLog {

    /** Where no clock is in it, a depth comes about once a second; common practice, no source. */
    private static final double NO_CLOCK_S = 1;

    private static final Set<String> KNOWN = Set.of("DPT", "DBT", "DBS", "DBK", "MTW", "XDR", "RMC", "ZDA", "GGA");

    /** Fields of one measurement of XDR: its type, value, unit and name. */
    private static final int XDR_FIELDS = 4;

    private final Sources sources = new Sources();
    private final NmeaClock clock = new NmeaClock();
    private final TrackTimes times = new TrackTimes();
    private final Seen seen = new Seen();
    private long sentences;
    private long damaged;
    private boolean cutOff;

    /** Whether any line of it begins like a sentence. */
    private boolean begun;

    /** Whether its sentences carry checksums: then one without is damaged. */
    private boolean summed;

    private NmeaLog() {}

    static LogRead read(InputStream in, String name) throws IOException {
        return of(in).done(name);
    }

    /** When its first and its last sentence with a time were, by a clock that knows its day. */
    static TrackSpan span(InputStream in) throws IOException {
        return of(in).times.span("no clock with a date in it (RMC, ZDA)");
    }

    private static NmeaLog of(InputStream in) throws IOException {
        NmeaLog log = new NmeaLog();
        Lines lines = new Lines(in);
        for (String line = lines.next(); line != null; line = lines.next()) {
            if (!line.isBlank()) {
                log.line(line);
            }
        }
        return log;
    }

    private void line(String line) {
        cutOff = false;
        if (!line.startsWith("$") || line.length() < 7) {
            if (line.indexOf('!') >= 0) {
                begun = true;
                sentences++;
                seen.add("of other kinds");
            } else {
                damaged++;
                seen.add("that are no sentence");
                cutOff = line.startsWith("$");
            }
            return;
        }
        begun = true;
        String kind = line.substring(3, 6);
        if (KNOWN.contains(kind)) {
            known(line.strip());
        } else {
            sentences++;
            seen.add("of other kinds");
        }
    }

    private void known(String line) {
        boolean signed = line.indexOf('*') >= 0;
        try {
            NmeaSentence sentence = NmeaSentence.of(line);
            if (summed && !signed) {
                damaged(kind(sentence) + " without their sum", signed);
            } else {
                take(sentence);
                summed |= signed;
                sentences++;
                seen.add(kind(sentence));
            }
        } catch (NmeaSentence.WrongSum e) {
            damaged(kind(e.sentence()) + " whose sums are wrong", signed);
        } catch (IllegalArgumentException | DateTimeException e) {
            damaged("of " + line.substring(3, 6) + " that cannot be read", signed);
        }
    }

    private void damaged(String kind, boolean signed) {
        damaged++;
        seen.add(kind);
        cutOff = !signed;
    }

    /** With the unit where it is not metres. */
    private static String kind(NmeaSentence sentence) {
        String kind = "of " + sentence.kind();
        if (!sentence.kind().startsWith("DB") || !sentence.field(2).isEmpty()) {
            return kind;
        }
        return kind
                + (!sentence.field(0).isEmpty()
                        ? " in feet"
                        : !sentence.field(4).isEmpty() ? " in fathoms" : "");
    }

    /** An empty field says that the sounder had no bottom just then. */
    private void take(NmeaSentence sentence) {
        switch (sentence.kind()) {
            case "DPT" ->
                sentence.number(0)
                        .ifPresent(below -> depth(
                                sentence, below + Math.max(0, sentence.number(1).orElse(0))));
            case "DBT", "DBS", "DBK" -> metres(sentence).ifPresent(below -> depth(sentence, below));
            case "MTW" ->
                sentence.number(0)
                        .ifPresent(
                                value -> sources.water(sentence.talker() + " MTW", celsius(sentence.field(1), value)));
            case "XDR" -> measurements(sentence);
            default -> {
                clock.take(sentence);
                times.take(clock.dated() ? clock.nowS() : Double.NaN);
            }
        }
    }

    /** Feet, metres and fathoms stand side by side, each with its unit behind it; any of them may be empty. */
    private static OptionalDouble metres(NmeaSentence sentence) {
        OptionalDouble metres = sentence.number(2);
        if (metres.isPresent()) {
            return metres;
        }
        OptionalDouble feet = sentence.number(0);
        if (feet.isPresent()) {
            return OptionalDouble.of(LogUnit.FOOT.si(feet.getAsDouble()));
        }
        OptionalDouble fathoms = sentence.number(4);
        return fathoms.isPresent()
                ? OptionalDouble.of(LogUnit.FATHOM.si(fathoms.getAsDouble()))
                : OptionalDouble.empty();
    }

    private static double celsius(String unit, double value) {
        return LogUnit.named(unit.isEmpty() ? "C" : unit, false)
                .orElseThrow(() -> new IllegalArgumentException("no unit of temperature: " + unit))
                .si(value);
    }

    /** Of transducers of every sort those are taken that measure depths, or temperatures of what is called water or sea. */
    private void measurements(NmeaSentence sentence) {
        for (int at = 0; at + XDR_FIELDS <= sentence.fields().size(); at += XDR_FIELDS) {
            OptionalDouble value = sentence.number(at + 1);
            if (value.isEmpty()) {
                continue;
            }
            String name = sentence.field(at + 3);
            String small = name.toLowerCase(Locale.ROOT);
            boolean water = small.contains("water") || small.contains("sea") || small.contains("wtemp");
            if (sentence.field(at).equals("C") && water) {
                sources.water("XDR " + name, celsius(sentence.field(at + 2), value.getAsDouble()));
            } else if (sentence.field(at).equals("D") && small.contains("depth")) {
                double metres = LogUnit.named(sentence.field(at + 2), true)
                        .orElse(LogUnit.METRE)
                        .si(value.getAsDouble());
                sources.depth("XDR " + name, now("XDR " + name), metres, true);
            }
        }
    }

    private void depth(NmeaSentence sentence, double metres) {
        String source = sentence.talker() + " " + sentence.kind();
        sources.depth(source, now(source), metres, false);
    }

    private double now(String source) {
        return clock.readings() > 0 ? clock.nowS() : NO_CLOCK_S * (sources.samplesOf(source) + 1);
    }

    private LogRead done(String name) {
        if (sentences == 0 && damaged == 0) {
            throw LogReader.refusal("it is empty");
        }
        LogRead read = sources.read(name).orElseThrow(this::noDepth);
        List<Text> remarks = new ArrayList<>(read.remarks());
        if (read.depthsFrom().endsWith(" DBK")) {
            remarks.add(Text.of("Its depths count from the keel: the water is deeper by what that lies under it."));
        }
        if (damaged > 0) {
            remarks.add(Text.of(
                    "{} of {} lines are damaged or fail their checksum and were left out.",
                    new Amount(damaged, Unit.COUNT),
                    new Amount(sentences + damaged, Unit.COUNT)));
        }
        if (cutOff) {
            remarks.add(Text.of("It is cut off in the middle of its last line."));
        }
        if (clock.readings() == 0) {
            remarks.add(Text.of("There is no clock in it: each depth is taken to stand for a second."));
        }
        return new LogRead(read.fished(), read.depthsFrom(), read.temperatureFrom(), remarks);
    }

    private Refusal noDepth() {
        return LogReader.refusal(
                begun
                        ? "no depth in it that could be used; it has " + seen.told()
                        : "no line in it is a sentence of NMEA 0183, and it is no GPX file");
    }
}
