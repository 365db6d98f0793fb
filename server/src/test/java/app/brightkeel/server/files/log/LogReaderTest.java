package app.brightkeel.server.files.log;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.water.Fished;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.sf.marineapi.nmea.sentence.Checksum;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Logs with known depths and times in them, whole and broken. */
public class LogReaderTest {

    private static String sentence(String body, Object... parts) {
        return Checksum.add("$" + String.format(Locale.ROOT, body, parts)) + "\r\n";
    }

    private static String clock(int second) {
        return sentence(
                "GPRMC,%02d%02d%02d,A,6012.0,N,00512.0,E,1.2,45.0,120926,,",
                6 + second / 3600, second / 60 % 60, second % 60);
    }

    /** So many seconds, each with a clock and what a function adds. */
    private static String seconds(int count, IntFunction<String> each) {
        return IntStream.range(0, count).mapToObj(s -> clock(s) + each.apply(s)).collect(Collectors.joining());
    }

    /** An hour at 4 m, an hour at 9, and half an hour at 20. */
    private static double steps(int second) {
        return second < 3600 ? 4 : second < 7200 ? 9 : 20;
    }

    private static LogRead read(String log) {
        try {
            return LogReader.read(new ByteArrayInputStream(log.getBytes(StandardCharsets.ISO_8859_1)), "a log");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> remarks(LogRead read) {
        return read.remarks().stream().map(text -> text.plain()).toList();
    }

    /** By hand: 5 % of 2.5 h lie in the first hour, half of it 15 minutes into the second, 95 % in the last half hour. */
    private static void assertSteps(Fished fished) {
        assertEquals(fished.logged().hours(), 2.5, 0.002);
        assertEquals(fished.leastM(), 4, 0.06);
        assertEquals(fished.typicalM(), 9, 0.06);
        assertEquals(fished.mostM(), 20, 0.06);
    }

    @Test
    public void depthsTimesAndTemperaturesOfSentences() {
        LogRead read = read(seconds(
                9001, s -> sentence("SDDPT,%.1f,0.3", steps(s) - 0.3) + (s % 60 == 0 ? sentence("YXMTW,7.4,C") : "")));
        assertSteps(read.fished());
        assertEquals(read.fished().waterC().orElseThrow(), 7.4, 1e-9);
        assertEquals(read.remarks(), List.of());
        // a negative offset counts down to the keel and is left out; feet and fathoms beside metres do not matter
        assertSteps(
                read(seconds(9001, s -> sentence("SDDPT,%.1f,-0.4", steps(s)))).fished());
        assertSteps(read(seconds(
                        9001, s -> sentence("SDDBT,%.1f,f,%.1f,M,%.1f,F", steps(s) * 3.281, steps(s), steps(s) / 1.83)))
                .fished());
        // words before the sentence, as loggers write them
        assertSteps(read(seconds(9001, s -> "2026-09-12T06:00:00 " + sentence("SDDPT,%.1f,0", steps(s))))
                .fished());
    }

    @Test
    public void withoutAClockEachDepthIsASecond() {
        StringBuilder log = new StringBuilder();
        IntStream.range(0, 9001).forEach(s -> log.append(sentence("SDDPT,%.1f,0", steps(s))));
        LogRead read = read(log.toString());
        assertSteps(read.fished());
        assertTrue(remarks(read).get(0).contains("no clock"), remarks(read).toString());
    }

    /** What is damaged is left out and said; what is left still tells the same. */
    @Test
    public void damageIsSaidAndTheRestIsUsed() {
        String whole = seconds(
                9001,
                s -> sentence("SDDPT,%.1f,0", s % 500 == 17 ? 3000 : steps(s))
                        + (s % 300 == 9 ? "$SDDPT,5.0,0*00\r\n" : "")
                        + (s % 1000 == 3 ? sentence("SDDPT,,") : "")
                        + (s % 700 == 5 ? sentence("SDDPT,300.0,0") : ""));
        LogRead read = read(whole + "$SDDPT,20.");
        assertSteps(read.fished());
        List<String> said = remarks(read);
        assertEquals(said.size(), 3, said.toString());
        assertTrue(said.get(0).startsWith("31 depths"), said.toString());
        assertTrue(said.get(1).contains("31 of 18"), said.toString());
        assertTrue(said.get(2).contains("cut off"), said.toString());
    }

    @Test
    public void ofSeveralSoundersTheOneThatSaysMostIsTaken() {
        LogRead read = read(seconds(
                9001,
                s -> sentence("SDDPT,%.1f,0", steps(s)) + (s % 3 == 0 ? sentence("IIDBT,,f,%.1f,M,,F", 77.0) : "")));
        assertSteps(read.fished());
        assertTrue(
                remarks(read).get(0).contains("II DBT, SD DPT"), remarks(read).toString());
    }

    /** A spoilt log that names 600 sounders takes no more room than one, and the first of them is read. */
    @Test
    public void countlessSoundersAreNotListenedTo() {
        LogRead read = read(seconds(
                9001,
                s -> sentence("SDDPT,%.1f,0", steps(s)) + sentence("%c%cDPT,7.0,0", 'A' + s % 25, 'A' + s / 25 % 25)));
        assertSteps(read.fished());
        assertTrue(remarks(read).get(0).split(", ").length <= 18, remarks(read).toString());
    }

    private static String track(String points) {
        return "<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"test\" xmlns=\"http://www.topografix.com/GPX/1/1\">"
                + "<trk><trkseg>" + points + "</trkseg></trk></gpx>";
    }

    private static String point(int second, String extensions) {
        return "<trkpt lat=\"60.2\" lon=\"5.2\"><time>2026-09-12T%02d:%02d:%02dZ</time>%s</trkpt>"
                .formatted(6 + second / 3600, second / 60 % 60, second % 60, extensions);
    }

    @Test
    public void depthsOfATrack() {
        String points = IntStream.rangeClosed(0, 900)
                .mapToObj(i -> point(
                        i * 10,
                        i % 100 == 99
                                ? ""
                                : "<extensions><x:depth xmlns:x=\"urn:x\">%.1f</x:depth><x:temp xmlns:x=\"urn:x\">8</x:temp></extensions>"
                                        .formatted(steps(i * 10))))
                .collect(Collectors.joining());
        LogRead read = read(track(points));
        assertSteps(read.fished());
        assertEquals(read.fished().waterC().orElseThrow(), 8.0, 1e-9);
        assertTrue(remarks(read).get(0).startsWith("892 of 901"), remarks(read).toString());
    }

    @DataProvider
    public Object[][] refused() {
        String hour =
                IntStream.rangeClosed(0, 360).mapToObj(i -> point(i * 10, "")).collect(Collectors.joining());
        return new Object[][] {
            {"", "empty"},
            {"  \r\n ", "empty"},
            {"depth;time\n4;1\n", "no line in it is a sentence"},
            {"PK\u0003\u0004\u0000", "no line in it is a sentence"},
            {seconds(60, s -> sentence("YXMTW,7.4,C")), "it has 60 lines of MTW, 60 lines of RMC"},
            {seconds(60, s -> sentence("SDDPT,3000.0,0")), "no depth in it that could be used"},
            {seconds(60, s -> sentence("SDDPT,-4.0,0")), "no depth in it that could be used"},
            {sentence("SDDPT,4.0,0"), "no depth in it that could be used"},
            {track(hour), "a track of 361 points over 1.0 hours without one"},
            {track(hour).substring(0, 900), "cut off"},
            {"<html><body>404</body></html>", "begins like a GPX track"},
            {"<!DOCTYPE x [<!ENTITY a SYSTEM \"file:///etc/hostname\">]>" + track("&a;"), "no document type"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatIsNoLogIsRefusedWithTheReason(String log, String why) {
        Refusal refusal = expectThrows(Refusal.class, () -> read(log));
        assertEquals(refusal.field(), "log");
        assertTrue(refusal.allowed().contains(why), refusal.allowed());
    }
}
