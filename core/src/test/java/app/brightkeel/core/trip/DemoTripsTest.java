package app.brightkeel.core.trip;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.demo.DemoTrips;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Three invented seasons of three invented rigs: the file that ships is what these worlds said, and what is learnt from it is what was
 * put there. {@code -Dkeel.write=true} writes the file anew.
 */
public class DemoTripsTest {

    private static final Path FILE = Path.of("src/main/resources/app/brightkeel/core/demo/trips.csv");
    private static final String HEAD = """
            # source: invented; made by DemoTripsTest from worlds whose truth stands there
            rig,day,hours,brightness,modules,packC,charged,beforeV,afterV,countedAh,ranOut,link,trouble,note
            """;

    /**
     * @param off  of the truth from the plan, in standard deviations
     * @param from month of a year in which a season begins, {@code months} long
     * @param slip trip on which a figure was typed wrong
     */
    private record Told(
            Rig rig, double[] off, int from, int months, double warmest, double coldest, double hours, long seed) {
        @Override
        public String toString() {
            return rig.name();
        }
    }

    private static final List<Told> WORLDS = List.of(
            new Told(DemoRigs.oystercatcher(), new double[] {1.3, 1.1, -1.3, 0.6, 0.3}, 4, 8, 19, 7, 6, 41),
            new Told(DemoRigs.lanternCrate(), new double[] {1.1, 0.4, -1.3, 1.2, 0.7}, 12, 4, -3, -16, 3, 7),
            new Told(DemoRigs.gannet(), new double[] {1.3, -0.7, -1.5, 2.2, 0.2}, 3, 8, 14, 4, 8, 13));

    private static final String[][] SAID = {
        {"screen", "Dark for a moment as a wave came over", ""},
        {"cable", "Plug had worked loose", "Pushed home; a second tie put on."},
        {"", "", "Lent to a neighbour for the morning."},
        {"transducer", "Lost the bottom at speed", "Weed on the face."},
        {"", "", "Sun behind us: full brightness all day."},
        {"carry", "Wet at the lid", "Lip wiped and greased."},
    };

    private static World world(Told told) {
        Random random = new Random(new Random(told.seed()).nextLong());
        World world = new World(told.rig(), told.off(), random, 0.08);
        List<LocalDate> days = new ArrayList<>();
        for (int year = 2023; year < 2026; year++) {
            LocalDate first = LocalDate.of(year, told.from(), 1).plusYears(told.from() == 12 ? 0 : 1);
            for (int t = 0; t < 9; t++) {
                days.add(first.plusDays((long) ((t + random.nextDouble()) * told.months() * 30 / 9)));
            }
        }
        for (int t = 0; t < days.size(); t++) {
            double season = Math.sin(Math.PI * (t % 9 + 0.5) / 9);
            // on ice the middle of the season is the coldest, on the water the warmest
            double celsius = told.from() == 12
                    ? told.warmest() + (told.coldest() - told.warmest()) * season
                    : told.coldest() + (told.warmest() - told.coldest()) * season;
            world.out(
                    days.get(t),
                    days.get(days.size() - 1),
                    Math.round(celsius + 2 * random.nextGaussian()),
                    Math.round(10 * (0.4 + 0.6 * random.nextDouble())) / 10.0,
                    Math.round(10 * random.nextDouble()) / 10.0,
                    told.hours() * (0.5 + 0.7 * random.nextDouble()));
        }
        return world;
    }

    private static String lines(Told told) {
        StringBuilder all = new StringBuilder();
        Random random = new Random(told.seed());
        for (Trip trip : world(told).trips) {
            Leg leg = trip.legs().get(0);
            String[] said = random.nextInt(4) == 0 ? SAID[random.nextInt(SAID.length)] : new String[] {"", "", ""};
            all.append(String.format(
                    Locale.ROOT,
                    "\"%s\",%s,%.2f,%.1f,%.1f,%.0f,%s,%s,%s,%s,%s,%s,%s,%s%n",
                    told.rig().name(),
                    trip.day(),
                    leg.hours(),
                    leg.brightness(),
                    leg.modules(),
                    trip.packC(),
                    yes(trip.charged()),
                    read(trip.beforeV(), trip.charged() ? 1 : 0),
                    read(trip.afterV(), random.nextDouble()),
                    read(trip.countedAh(), 0),
                    yes(trip.ranOut()),
                    said[0],
                    said[1].isEmpty() ? "" : "\"" + said[1] + "\"",
                    said[2].isEmpty() ? "" : "\"" + said[2] + "\""));
        }
        return all.toString();
    }

    private static String yes(boolean is) {
        return is ? "yes" : "no";
    }

    /** Not everybody measures every time. */
    private static String read(Figure figure, double skipped) {
        return figure.isSet() && skipped < 0.85 ? String.format(Locale.ROOT, "%.2f", figure.value()) : "";
    }

    @Test
    public void theFileIsWhatTheyHaveSaid() throws IOException {
        StringBuilder all = new StringBuilder(HEAD);
        WORLDS.forEach(told -> all.append(lines(told)));
        if (Boolean.getBoolean("keel.write")) {
            Files.writeString(FILE, all);
        }
        assertEquals(Files.readString(FILE, StandardCharsets.UTF_8), all.toString());
    }

    @DataProvider
    public Object[][] worlds() {
        return WORLDS.stream().map(told -> new Object[] {told}).toArray(Object[][]::new);
    }

    /** What was put there is found: nearer than the plan where it matters, and within its band or close to it. */
    @Test(dataProvider = "worlds", dependsOnMethods = "theFileIsWhatTheyHaveSaid")
    public void whatTheyTaughtIsWhatIsTrue(Told told) {
        World world = world(told);
        List<Trip> trips = DemoTrips.of(told.rig().name());
        assertEquals(trips.size(), 27);
        Line line = Line.of(told.rig());
        Learnt learnt = Learnt.of(Gear.of(line).value(), trips);
        Calibration taught = learnt.calibration();
        double capacity = world.gear.ah() * Math.exp(world.truth[2]);
        double draw = (world.gear.baseW() + world.gear.moduleW()) * Math.exp(world.truth[0]);
        Set<String> out = new HashSet<>();
        taught.leftOut().forEach(each -> out.add(each.trip()));
        Reporter.log(
                String.format(
                        Locale.ROOT,
                        "%s: draw %.2f W, true %.2f W, planned %.2f W; capacity %.2f (%.2f to %.2f) Ah, true %.2f Ah, planned %.2f Ah; slips %s, true %s; held %s; %s",
                        told.rig().name(),
                        taught.of(Calibration.What.DRAW).after(),
                        draw,
                        taught.of(Calibration.What.DRAW).before(),
                        taught.of(Calibration.What.CAPACITY).after(),
                        taught.of(Calibration.What.CAPACITY).afterLow(),
                        taught.of(Calibration.What.CAPACITY).afterHigh(),
                        capacity,
                        taught.of(Calibration.What.CAPACITY).before(),
                        out,
                        world.slips,
                        taught.held(),
                        learnt.outlook(line, Gear.of(line).value()).words().stream()
                                .map(words -> words.plain())
                                .toList()),
                true);
        nearer(taught.of(Calibration.What.DRAW), draw);
        nearer(taught.of(Calibration.What.CAPACITY), capacity);
        assertTrue(world.slips.containsAll(out) || out.size() <= 1, out + " of " + world.slips);
    }

    private static void nearer(Calibration.Taught taught, double truth) {
        assertTrue(Math.abs(taught.after() - truth) < Math.abs(taught.before() - truth), taught + " of " + truth);
        double wide = (taught.afterHigh() - taught.afterLow()) / 2;
        assertEquals(taught.after(), truth, 2 * wide, taught.toString());
    }
}
