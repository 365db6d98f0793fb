package app.brightkeel.server.files.log;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.refusal.Refusal;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.sf.marineapi.nmea.sentence.Checksum;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Small logs of every sort, each with what a person would expect of it: ten minutes over 6.1 m, in water of 7.4 °C where
 * it says so. Forms of sentences from the public definitions of NMEA 0183 (as gathered in the open manual of gpsd), of
 * tracks from the schemas of GPX 1.0 and 1.1; names of what hangs in a track are common practice, no source.
 */
public class LogKindsTest {

    private static final int SECONDS = 600;

    /** 6.1 m in feet and fathoms, 7.4 °C in degrees Fahrenheit. */
    private static final String FEET = "20.0";

    private static final String FATHOMS = "3.34";

    private static String sum(String body) {
        return Checksum.add("$" + body);
    }

    private static String hms(int s) {
        return String.format(Locale.ROOT, "%02d%02d%02d", 6 + s / 3600, s / 60 % 60, s % 60);
    }

    private static String rmc(int s) {
        return sum("GPRMC," + hms(s) + ",A,6012.0,N,00512.0,E,1.2,45.0,120926,,");
    }

    /** A second each. */
    private static String each(IntFunction<String> line) {
        return IntStream.rangeClosed(0, SECONDS)
                .mapToObj(s -> line.apply(s) + "\r\n")
                .collect(Collectors.joining());
    }

    private static String clocked(IntFunction<String> line) {
        return each(s -> rmc(s) + "\r\n" + line.apply(s));
    }

    private static String gpx(String inside) {
        return "<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"t\" xmlns=\"http://www.topografix.com/GPX/1/1\">"
                + inside + "</gpx>";
    }

    private static String point(int s, String inside) {
        return "<trkpt lat=\"60.2\" lon=\"5.2\">" + time(s) + inside + "</trkpt>";
    }

    private static String time(int s) {
        return String.format(Locale.ROOT, "<time>2026-09-12T%02d:%02d:%02dZ</time>", 6 + s / 3600, s / 60 % 60, s % 60);
    }

    /** A point each ten seconds with these extensions. */
    private static String track(String extensions) {
        return gpx(segment(10, "<extensions>" + extensions + "</extensions>"));
    }

    private static String segment(int apartS, String inside) {
        return "<trk><trkseg>"
                + IntStream.rangeClosed(0, SECONDS / apartS)
                        .mapToObj(i -> point(i * apartS, inside))
                        .collect(Collectors.joining())
                + "</trkseg></trk>";
    }

    private static final double NONE = Double.NaN;

    /** What it is, the log, what says its depths, its temperature [°C], what has to be said besides. */
    @DataProvider
    public Object[][] logs() {
        String dpt = sum("SDDPT,6.1,0.0");
        return new Object[][] {
            {"DPT", clocked(s -> dpt), "SD DPT", NONE, ""},
            {"DPT, an offset to the surface", clocked(s -> sum("SDDPT,5.8,0.3,100.0")), "SD DPT", NONE, ""},
            {"DBT in all three units", clocked(s -> sum("SDDBT,20.0,f,6.1,M,3.3,F")), "SD DBT", NONE, ""},
            {"DBT in feet", clocked(s -> sum("SDDBT," + FEET + ",f,,M,,F")), "SD DBT", NONE, ""},
            {"DBT in fathoms", clocked(s -> sum("SDDBT,,f,,M," + FATHOMS + ",F")), "SD DBT", NONE, ""},
            {"DBS", clocked(s -> sum("SDDBS,20.0,f,6.1,M,3.3,F")), "SD DBS", NONE, ""},
            {"DBK", clocked(s -> sum("SDDBK,,,6.1,M,,")), "SD DBK", NONE, "count from the keel"},
            {"XDR depth", clocked(s -> sum("SDXDR,D,6.1,M,Depth")), "XDR Depth", NONE, ""},
            {"MTW", clocked(s -> dpt + "\r\n" + sum("YXMTW,7.4,C")), "SD DPT", 7.4, ""},
            {"MTW in Fahrenheit", clocked(s -> dpt + "\r\n" + sum("YXMTW,45.3,F")), "SD DPT", 7.4, ""},
            {
                "XDR of water and of air",
                clocked(s -> dpt + "\r\n" + sum("WIXDR,C,21.0,C,TempAir,C,7.4,C,WaterTemp")),
                "SD DPT",
                7.4,
                ""
            },
            {"XDR of air alone", clocked(s -> dpt + "\r\n" + sum("WIXDR,C,21.0,C,AirTemp")), "SD DPT", NONE, ""},
            {"several on a line", each(s -> rmc(s) + dpt + sum("YXMTW,7.4,C")), "SD DPT", 7.4, ""},
            {"all on one line", clocked(s -> dpt).replace("\r\n", ""), "SD DPT", NONE, ""},
            {"a stamp before it", clocked(s -> "[06:00:00] " + dpt), "SD DPT", NONE, ""},
            {"a stamp behind the sum", clocked(s -> dpt + " 1789192800"), "SD DPT", NONE, ""},
            {"a stamp behind a comma", clocked(s -> dpt + ",1789192800.25"), "SD DPT", NONE, ""},
            {"a block of tags before it", clocked(s -> "\\s:r003669961,c:1120959341*57\\" + dpt), "SD DPT", NONE, ""},
            {"without sums", each(s -> "$GPRMC," + hms(s) + ",A,,,,,,,120926,,\r\n$SDDPT,6.1,0.0"), "SD DPT", NONE, ""},
            {
                "RMC without a position",
                each(s -> sum("GPRMC," + hms(s) + ",V,,,,,,,120926,,") + "\r\n" + dpt),
                "SD DPT",
                NONE,
                ""
            },
            {
                "GGA alone",
                each(s -> sum("GPGGA," + hms(s) + ".00,6012.0,N,00512.0,E,1,08,1.0,5.0,M,,M,,") + "\r\n" + dpt),
                "SD DPT",
                NONE,
                ""
            },
            {
                "GGA over midnight",
                each(s -> sum("GPGGA,"
                                + String.format("%02d%02d%02d", (86_100 + s) / 3600 % 24, s / 60 % 60, s % 60)
                                        .replaceFirst("^(..)..", "$1" + String.format("%02d", (86_100 + s) / 60 % 60))
                                + ",,,,,,,,,,,,,")
                        + "\r\n" + dpt),
                "SD DPT",
                NONE,
                ""
            },
            {"ZDA", each(s -> sum("GPZDA," + hms(s) + ".00,12,09,2026,00,00") + "\r\n" + dpt), "SD DPT", NONE, ""},
            {
                "RMC beside a ZDA that is a second late",
                clocked(s -> sum("GPZDA," + hms(Math.max(0, s - 1)) + ",12,09,2026,00,00") + "\r\n" + dpt),
                "SD DPT",
                NONE,
                ""
            },
            {
                "a depth each 45 s",
                each(s -> s % 45 == 0 ? rmc(s) + "\r\n" + dpt : "").replaceAll("(\r\n)+", "\r\n"),
                "SD DPT",
                NONE,
                ""
            },
            {"no clock", each(s -> dpt), "SD DPT", NONE, "no clock"},
            {"the same file twice", clocked(s -> dpt) + clocked(s -> dpt), "SD DPT", NONE, "told before"},
            {
                "AIS between",
                clocked(s -> "!AIVDM,1,1,,A,13u?etPv2;0n:dDPwUM1U1Cb069D,0*24\r\n" + dpt),
                "SD DPT",
                NONE,
                ""
            },
            {"GPX, depth of a namespace", track("<x:depth xmlns:x=\"urn:x\">6.1</x:depth>"), "depth", NONE, ""},
            {
                "GPX, nested",
                track("<p:TrackPointExtension xmlns:p=\"urn:p\"><p:atemp>21</p:atemp><p:wtemp>7.4</p:wtemp>"
                        + "<p:depth>6.1</p:depth></p:TrackPointExtension>"),
                "depth",
                7.4,
                "air"
            },
            {"GPX, air alone", track("<depth>6.1</depth><atemp>21</atemp>"), "depth", NONE, "air"},
            {"GPX, a temperature of nothing", track("<depth>6.1</depth><temp>7.4</temp>"), "depth", 7.4, ""},
            {
                "GPX, the water's before nothing's",
                track("<temp>21</temp><waterTemp>7.4</waterTemp><depth>6.1</depth>"),
                "depth",
                7.4,
                ""
            },
            {
                "GPX in feet and Fahrenheit",
                track("<depth unit=\"ft\">20.0</depth><water_temperature unit=\"F\">45.3</water_temperature>"),
                "depth",
                7.4,
                ""
            },
            {"GPX in fathoms", track("<Depth units=\"fathoms\">3.34</Depth>"), "Depth", NONE, ""},
            {
                "GPX, units in the text",
                track("<water-depth>6.1 m</water-depth><wtemp>7,4 °C</wtemp>"),
                "water-depth",
                7.4,
                ""
            },
            {"GPX, feet in the name", track("<depth_ft>20.0</depth_ft>"), "depth_ft", NONE, ""},
            {"GPX, a decimal comma", track("<depth>6,1</depth>"), "depth", NONE, ""},
            {"GPX, counted down", track("<depth>-6.1</depth>"), "depth", NONE, ""},
            {
                "GPX 1.0",
                "<gpx version=\"1.0\" creator=\"t\" xmlns=\"http://www.topografix.com/GPX/1/0\">"
                        + segment(10, "<depth>6.1</depth>") + "</gpx>",
                "depth",
                NONE,
                ""
            },
            {"GPX, a point a minute", gpx(segment(60, "<depth>6.1</depth>")), "depth", NONE, ""},
            {
                "GPX, the same track twice",
                gpx(segment(10, "<depth>6.1</depth>") + segment(10, "<depth>6.1</depth>")),
                "depth",
                NONE,
                "told before"
            },
            {
                "GPX, some points without a time",
                gpx(segment(10, "<depth>6.1</depth>")
                        .replace(
                                "</trkseg>",
                                "<trkpt lat=\"1\" lon=\"1\"><depth>30</depth></trkpt>".repeat(50) + "</trkseg>")),
                "depth",
                NONE,
                "50 points have no time"
            },
            {
                "GPX without any time",
                gpx("<trk><trkseg>" + "<trkpt lat=\"1\" lon=\"1\"><depth>6.1</depth></trkpt>".repeat(SECONDS + 1)
                        + "</trkseg></trk>"),
                "depth",
                NONE,
                "taken to stand for a second"
            },
            {
                "GPX, cut off",
                gpx(segment(10, "<depth>6.1</depth>")).replaceAll("</trkseg>.*", "<trkpt lat=\"6"),
                "depth",
                NONE,
                "cut off"
            },
            {
                "GPX, times without a zone",
                gpx(segment(10, "<depth>6.1</depth>")).replace("Z</time>", "</time>"),
                "depth",
                NONE,
                ""
            },
            {
                "GPX, waypoints beside a track",
                gpx("<wpt lat=\"1\" lon=\"1\"><name>a</name></wpt>" + segment(10, "<depth>6.1</depth>")),
                "depth",
                NONE,
                ""
            },
        };
    }

    private static LogRead read(String log, Charset as) throws IOException {
        return LogReader.read(new ByteArrayInputStream(log.getBytes(as)), "a log");
    }

    @Test(dataProvider = "logs")
    public void aLogOfEverySort(String what, String log, String from, double waterC, String said) throws IOException {
        assertDay(read(log, StandardCharsets.UTF_8), from, waterC, said);
        // with a mark and without one, either way round
        assertDay(read("\uFEFF" + log, StandardCharsets.UTF_8), from, waterC, said);
        for (Charset wide : new Charset[] {StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE}) {
            assertDay(read("\uFEFF" + log, wide), from, waterC, said);
            assertDay(read(log, wide), from, waterC, said);
        }
    }

    private static void assertDay(LogRead read, String from, double waterC, String said) {
        assertEquals(read.depthsFrom(), from);
        assertEquals(read.fished().leastM(), 6.1, 0.06);
        assertEquals(read.fished().mostM(), 6.1, 0.06);
        assertEquals(read.fished().logged().hours(), SECONDS / 3600.0, 45 / 3600.0);
        assertEquals(read.fished().waterC().orElse(NONE), waterC, 0.03);
        assertEquals(read.temperatureFrom().isEmpty(), Double.isNaN(waterC), read.temperatureFrom());
        String remarks = read.remarks().stream().map(text -> text.plain()).collect(Collectors.joining(" "));
        assertTrue(remarks.contains(said), remarks);
        assertEquals(remarks.isEmpty(), said.isEmpty(), remarks);
    }

    /** What it is, the log, what the refusal has to say. */
    @DataProvider
    public Object[][] refused() {
        String spoilt = sum("SDDBT,20.0,f,,M,,F").replaceFirst("\\*..", "*00");
        return new Object[][] {
            {"sums wrong", clocked(s -> spoilt), "601 lines of DBT in feet whose sums are wrong, 601 lines of RMC"},
            {"no sums among sums", clocked(s -> "$SDDPT,6.1,0.0"), "601 lines of DPT without their sum"},
            {"no depths", each(s -> sum("YXMTW,7.4,C")), "601 lines of MTW"},
            {"AIS alone", each(s -> "!AIVDM,1,1,,A,13u?etPv2;0n:dDPwUM1U1Cb069D,0*24"), "601 lines of other kinds"},
            {
                "waypoints",
                gpx("<wpt lat=\"1\" lon=\"1\"><name>a</name></wpt>".repeat(12)),
                "12 waypoints and routes of 0"
            },
            {"a route", gpx("<rte>" + "<rtept lat=\"1\" lon=\"1\"/>".repeat(30) + "</rte>"), "routes of 30 points"},
            {"heights alone", gpx(segment(10, "<ele>6.1</ele>")), "its points say ele, time"},
            {"unknown unit", track("<depth unit=\"rods\">6.1</depth>"), "its points say depth, time"},
            {
                "an hour apart",
                gpx("<trk><trkseg>" + point(0, "<depth>6.1</depth>") + point(3600, "<depth>6.1</depth>")
                        + point(7200, "<depth>6.1</depth>") + "</trkseg></trk>"),
                "of 3 none lies within ten minutes"
            },
            {"cut off in its first point", gpx("<trk><trkseg><trkpt lat=\"6").replace("</gpx>", ""), "cut off"},
        };
    }

    @Test(dataProvider = "refused")
    public void aRefusalSaysWhatItSaw(String what, String log, String why) {
        Refusal refusal = expectThrows(Refusal.class, () -> read(log, StandardCharsets.UTF_8));
        assertTrue(refusal.allowed().contains(why), refusal.allowed());
    }
}
