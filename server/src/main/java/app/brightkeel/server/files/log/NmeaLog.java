package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.water.DepthLog;
import app.brightkeel.core.water.Fished;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.sf.marineapi.nmea.parser.DataNotAvailableException;
import net.sf.marineapi.nmea.parser.SentenceFactory;
import net.sf.marineapi.nmea.sentence.DBTSentence;
import net.sf.marineapi.nmea.sentence.DPTSentence;
import net.sf.marineapi.nmea.sentence.MTWSentence;
import net.sf.marineapi.nmea.sentence.RMCSentence;
import net.sf.marineapi.nmea.sentence.Sentence;
import net.sf.marineapi.nmea.sentence.SentenceValidator;
import net.sf.marineapi.nmea.util.DataStatus;

/**
 * Sentences of NMEA 0183, one a line: DPT and DBT for depths, MTW for temperatures, RMC for the clock. A word before
 * the sentence, as loggers write it, is passed over.
 */
final class NmeaLog {

    /** Where no clock is in it, a depth comes about once a second; common practice, no source. */
    private static final double NO_CLOCK_S = 1;

    private final Map<String, DepthLog> depths = new TreeMap<>();
    private final SentenceFactory factory = SentenceFactory.getInstance();
    private double clockS = Double.NaN;
    private int clocks;
    private long sentences;
    private long damaged;
    private boolean cutOff;

    /** Whether its sentences carry checksums: then one without is damaged. */
    private boolean summed;

    private final List<Double> temperatures = new ArrayList<>();

    private NmeaLog() {}

    static LogRead read(InputStream in, String name) throws IOException {
        NmeaLog log = new NmeaLog();
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.ISO_8859_1))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (!line.isBlank()) {
                    log.line(line);
                }
            }
        }
        return log.done(name);
    }

    private void line(String line) {
        int from = line.indexOf('$');
        String sentence = from < 0 ? "" : line.substring(from).strip();
        cutOff = false;
        if (from < 0 && line.indexOf('!') >= 0) {
            sentences++;
            return;
        }
        boolean signed = sentence.indexOf('*') >= 0;
        if (sentence.length() < 7 || summed && !signed || !SentenceValidator.isValid(sentence)) {
            damaged++;
            cutOff = from >= 0 && !signed;
            return;
        }
        sentences++;
        summed |= signed;
        switch (sentence.substring(3, 6)) {
            case "DBT", "DPT", "MTW", "RMC" -> known(sentence);
            default -> {}
        }
    }

    private void known(String sentence) {
        try {
            Sentence parsed = factory.createParser(sentence);
            if (parsed instanceof DPTSentence dpt) {
                depth(sentence, dpt.getDepth() + Math.max(0, offset(dpt)));
            } else if (parsed instanceof DBTSentence dbt) {
                depth(sentence, dbt.getDepth());
            } else if (parsed instanceof MTWSentence mtw) {
                temperatures.add(mtw.getTemperature());
            } else if (parsed instanceof RMCSentence rmc && rmc.getStatus() == DataStatus.ACTIVE) {
                clock(rmc);
            }
        } catch (DataNotAvailableException e) {
            // an empty field: the sounder had no bottom just then
            return;
        } catch (RuntimeException e) {
            damaged++;
        }
    }

    /** From the transducer up to the surface; one down to the keel is of no use here. */
    private static double offset(DPTSentence dpt) {
        try {
            return dpt.getOffset();
        } catch (DataNotAvailableException e) {
            return 0;
        }
    }

    private void clock(RMCSentence rmc) {
        clockS = LocalDateTime.of(
                                rmc.getDate().getYear(),
                                rmc.getDate().getMonth(),
                                rmc.getDate().getDay(),
                                rmc.getTime().getHour(),
                                rmc.getTime().getMinutes())
                        .toEpochSecond(ZoneOffset.UTC)
                + rmc.getTime().getSeconds();
        clocks++;
    }

    private void depth(String sentence, double metres) {
        String source = sentence.substring(1, 3) + " " + sentence.substring(3, 6);
        DepthLog log = depths.computeIfAbsent(source, s -> new DepthLog());
        log.depth(clocks > 0 ? clockS : NO_CLOCK_S * (log.samples() + 1), metres);
    }

    private LogRead done(String name) {
        if (sentences == 0) {
            throw LogReader.refusal("no line in it is a sentence of NMEA 0183, and it is no GPX file");
        }
        Map.Entry<String, DepthLog> most = depths.entrySet().stream()
                .max(Comparator.comparingInt(entry -> entry.getValue().samples()))
                .orElseThrow(this::noDepth);
        temperatures.forEach(most.getValue()::temperature);
        Fished fished = most.getValue().fished(name).orElseThrow(this::noDepth);
        return new LogRead(fished, remarks(most.getKey(), fished));
    }

    private Refusal noDepth() {
        return LogReader.refusal(
                "no depth in it that could be used: of %d sentences, %d are of a clock, %d of a temperature, %d damaged"
                        .formatted(sentences, clocks, temperatures.size(), damaged));
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
