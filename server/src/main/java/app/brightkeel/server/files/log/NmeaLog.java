package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.water.DepthLog;
import app.brightkeel.core.water.Fished;
import app.brightkeel.core.water.MeanTemperature;
import java.io.IOException;
import java.io.InputStream;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Sentences of NMEA 0183, one a line, each read as it comes: DPT and DBT for depths, MTW for temperatures, RMC for the clock. A word before
 * the sentence, as loggers write it, is passed over.
 */
final class NmeaLog {

    /** Where no clock is in it, a depth comes about once a second; common practice, no source. */
    private static final double NO_CLOCK_S = 1;

    private static final double DAY_S = 86_400;

    /** Sounders that are listened to: each takes room, and a spoilt log could name thousands. */
    private static final int MOST_SOURCES = 16;

    private final Map<String, DepthLog> depths = new TreeMap<>();
    private double clockS = Double.NaN;
    private double midnightS;
    private String lastDate = "";
    private int clocks;
    private long sentences;
    private long damaged;
    private boolean cutOff;

    /** Whether its sentences carry checksums: then one without is damaged. */
    private boolean summed;

    private final MeanTemperature temperature = new MeanTemperature();

    private NmeaLog() {}

    static LogRead read(InputStream in, String name) throws IOException {
        NmeaLog log = new NmeaLog();
        Lines lines = new Lines(in);
        for (String line = lines.next(); line != null; line = lines.next()) {
            if (!line.isBlank()) {
                log.line(line);
            }
        }
        return log.done(name);
    }

    private void line(String line) {
        int from = line.indexOf('$');
        cutOff = false;
        if (from < 0 || line.length() < from + 7) {
            if (line.indexOf('!') >= 0) {
                sentences++;
            } else {
                damaged++;
                cutOff = from >= 0;
            }
            return;
        }
        switch (line.substring(from + 3, from + 6)) {
            case "DBT", "DPT", "MTW", "RMC" -> known(line.substring(from).strip());
            default -> sentences++;
        }
    }

    private void known(String line) {
        boolean signed = line.indexOf('*') >= 0;
        try {
            NmeaSentence sentence = NmeaSentence.of(line);
            if (summed && !signed) {
                throw new IllegalArgumentException("a sentence without its sum among others that have one");
            }
            summed |= signed;
            take(sentence);
            sentences++;
        } catch (IllegalArgumentException | DateTimeException e) {
            damaged++;
            cutOff = !signed;
        }
    }

    /** An empty field says that the sounder had no bottom just then. */
    private void take(NmeaSentence sentence) {
        switch (sentence.kind()) {
            case "DPT" ->
                sentence.number(0)
                        .ifPresent(below -> depth(
                                sentence, below + Math.max(0, sentence.number(1).orElse(0))));
            case "DBT" -> sentence.number(2).ifPresent(below -> depth(sentence, below));
            case "MTW" -> sentence.number(0).ifPresent(temperature::add);
            default -> {
                if (sentence.field(1).equals("A")) {
                    clock(sentence.field(0), sentence.field(8));
                }
            }
        }
    }

    /** @param time hhmmss.ss, and {@code date} ddmmyy */
    private void clock(String time, String date) {
        if (!date.equals(lastDate)) {
            lastDate = date;
            midnightS = LocalDate.of(2000 + part(date, 4), part(date, 2), part(date, 0))
                            .toEpochDay()
                    * DAY_S;
        }
        clockS = midnightS + 3600 * part(time, 0) + 60 * part(time, 2) + Double.parseDouble(time.substring(4));
        clocks++;
    }

    /** Two digits. */
    private static int part(String digits, int from) {
        if (digits.length() < from + 2) {
            throw new IllegalArgumentException("no clock: " + digits);
        }
        return Integer.parseInt(digits.substring(from, from + 2));
    }

    private void depth(NmeaSentence sentence, double metres) {
        String source = sentence.talker() + " " + sentence.kind();
        if (depths.size() == MOST_SOURCES && !depths.containsKey(source)) {
            return;
        }
        DepthLog log = depths.computeIfAbsent(source, s -> new DepthLog(temperature));
        log.depth(clocks > 0 ? clockS : NO_CLOCK_S * (log.samples() + 1), metres);
    }

    private LogRead done(String name) {
        if (sentences == 0) {
            throw LogReader.refusal("no line in it is a sentence of NMEA 0183, and it is no GPX file");
        }
        Map.Entry<String, DepthLog> most = depths.entrySet().stream()
                .max(Comparator.comparingInt(entry -> entry.getValue().samples()))
                .orElseThrow(this::noDepth);
        Fished fished = most.getValue().fished(name).orElseThrow(this::noDepth);
        return new LogRead(fished, remarks(most.getKey(), fished));
    }

    private Refusal noDepth() {
        return LogReader.refusal(
                "no depth in it that could be used: of %d sentences, %d are of a clock, %d of a temperature, %d damaged"
                        .formatted(sentences, clocks, temperature.count(), damaged));
    }

    private List<Text> remarks(String used, Fished fished) {
        List<Text> remarks = new ArrayList<>();
        if (depths.size() > 1) {
            remarks.add(Text.of(
                    "Several sources say depths ({}); {} said most and was taken.",
                    String.join(", ", depths.keySet()),
                    used));
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
        if (fished.dropped() > 0) {
            remarks.add(Text.of(
                    "{} depths cannot be true, or jumped for a moment, and were left out.",
                    new Amount(fished.dropped(), Unit.COUNT)));
        }
        if (clocks == 0) {
            remarks.add(Text.of("There is no clock in it: each depth is taken to stand for a second."));
        }
        return remarks;
    }
}
