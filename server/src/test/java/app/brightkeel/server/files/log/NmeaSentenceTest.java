package app.brightkeel.server.files.log;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Locale;
import java.util.Random;
import net.sf.marineapi.nmea.parser.SentenceFactory;
import net.sf.marineapi.nmea.sentence.Checksum;
import net.sf.marineapi.nmea.sentence.DBTSentence;
import net.sf.marineapi.nmea.sentence.DPTSentence;
import net.sf.marineapi.nmea.sentence.MTWSentence;
import net.sf.marineapi.nmea.sentence.RMCSentence;
import net.sf.marineapi.nmea.sentence.Sentence;
import net.sf.marineapi.nmea.sentence.SentenceValidator;
import org.testng.annotations.Test;

/** Sentences taken apart, against the Java Marine API. */
public class NmeaSentenceTest {

    private static String body(Random random, int kind) {
        double a = random.nextInt(4000) / 10.0;
        String talker = random.nextBoolean() ? "SD" : "II";
        return switch (kind) {
            case 0 -> String.format(Locale.ROOT, "$%sDPT,%.1f,%.1f", talker, a, random.nextInt(20) / 10.0 - 1);
            case 1 -> String.format(Locale.ROOT, "$%sDBT,%.1f,f,%.1f,M,%.1f,F", talker, a * 3.3, a, a / 1.8);
            case 2 -> String.format(Locale.ROOT, "$%sMTW,%.1f,C", talker, a / 10);
            default ->
                String.format(
                        Locale.ROOT,
                        "$GPRMC,%02d%02d%02d.%02d,A,6012.000,N,00512.000,E,%.1f,45.0,%02d%02d26,,",
                        random.nextInt(24),
                        random.nextInt(60),
                        random.nextInt(60),
                        random.nextInt(100),
                        a / 100,
                        1 + random.nextInt(28),
                        1 + random.nextInt(12));
        };
    }

    @Test
    public void agreesWithALibrary() {
        Random random = new Random(11);
        SentenceFactory library = SentenceFactory.getInstance();
        for (int i = 0; i < 4000; i++) {
            String sentence = Checksum.add(body(random, i % 4));
            NmeaSentence ours = NmeaSentence.of(sentence);
            Sentence theirs = library.createParser(sentence);
            assertEquals(ours.kind(), theirs.getSentenceId(), sentence);
            assertEquals(ours.talker(), theirs.getTalkerId().toString(), sentence);
            if (theirs instanceof DPTSentence dpt) {
                assertEquals(ours.number(0).orElseThrow(), dpt.getDepth());
                assertEquals(ours.number(1).orElseThrow(), dpt.getOffset());
            } else if (theirs instanceof DBTSentence dbt) {
                assertEquals(ours.number(2).orElseThrow(), dbt.getDepth());
            } else if (theirs instanceof MTWSentence mtw) {
                assertEquals(ours.number(0).orElseThrow(), mtw.getTemperature());
            } else if (theirs instanceof RMCSentence rmc) {
                assertEquals(
                        Double.parseDouble(ours.field(0).substring(4)),
                        rmc.getTime().getSeconds(),
                        1e-9);
                assertEquals(
                        Integer.parseInt(ours.field(8).substring(2, 4)),
                        rmc.getDate().getMonth());
            }
        }
    }

    /** Whatever one character turns into, both refuse it or neither does. */
    @Test
    public void refusesWhatALibraryRefuses() {
        Random random = new Random(12);
        int refused = 0;
        for (int i = 0; i < 4000; i++) {
            StringBuilder spoilt = new StringBuilder(Checksum.add(body(random, i % 4)));
            spoilt.setCharAt(1 + random.nextInt(spoilt.length() - 1), "0123456789,.AZ".charAt(random.nextInt(14)));
            String sentence = spoilt.toString();
            boolean valid = SentenceValidator.isValid(sentence);
            if (!valid && sentence.indexOf('*') >= 0) {
                refused++;
                expectThrows(IllegalArgumentException.class, () -> NmeaSentence.of(sentence));
            } else if (valid) {
                NmeaSentence.of(sentence);
            }
        }
        assertTrue(refused > 2000, "only " + refused);
    }
}
