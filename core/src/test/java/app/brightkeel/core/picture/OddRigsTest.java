package app.brightkeel.core.picture;

import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.HullSection;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** Legal rigs nobody would build, at the ends of what fields hold: judged, drawn and explained without a fault. */
public class OddRigsTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final int RIGS = Share.of(1500);

    private final Random random = new Random(5);

    private Figure perhaps(double value) {
        return random.nextBoolean() ? Figure.UNSET : Figure.chosen(value);
    }

    private double between(double low, double high) {
        return low + random.nextDouble() * (high - low);
    }

    /** Evenly over the powers of ten. */
    private double scaled(double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }

    private <T> T any(T[] all) {
        return all[random.nextInt(all.length)];
    }

    private Water water(Water water) {
        double least = scaled(0.2, 1000);
        double most = Math.min(1000, least * between(1, 20));
        return water.with(w -> w.leastM(Figure.chosen(least))
                .mostM(Figure.chosen(most))
                .typicalM(perhaps((least + most) / 2))
                .slopeDeg(Figure.chosen(between(0, 60)))
                .fishLengthM(Figure.chosen(scaled(0.03, 5)))
                .fishM(Figure.chosen(scaled(0.02, 10)))
                .style(any(FishingStyle.values()))
                .motion(any(Motion.values()))
                .kind(any(WaterKind.values()))
                .waterC(Figure.chosen(between(-2, 40)))
                .salinity(perhaps(between(0, 45))));
    }

    private Transducer transducer(Transducer old) {
        Transducer item = Catalogue.transducers()
                .get(random.nextInt(Catalogue.transducers().size()));
        List<Beam> beams = new ArrayList<>(item.beams());
        beams.set(
                0,
                beams.get(0)
                        .with(b -> b.shape(any(BeamShape.values()))
                                .fullDeg(Figure.chosen(between(1, 170)))
                                .alongDeg(perhaps(between(0.2, 90)))
                                .ratedM(perhaps(scaled(1, 3000)))
                                .kiloHertz(perhaps(scaled(10, 2000)))
                                .quoted(any(Beam.Quoted.values()))));
        return Catalogue.inPlaceOf(old, random.nextBoolean() ? item : item.withBeams(beams))
                .with(t -> t.look(any(Look.values()))
                        .handle(any(Handle.values()))
                        .tiltDeg(perhaps(between(0, 45)))
                        .leanDeg(perhaps(between(0, 45)))
                        .mount(old.mount().withKind(any(MountKind.values()))));
    }

    @Test
    public void areJudgedDrawnAndExplained() {
        List<Rig> rigs = new ArrayList<>();
        for (int i = 0; i < RIGS; i++) {
            Rig rig = DemoRigs.all().get(i % DemoRigs.all().size());
            rigs.add(rig.with(transducer(rig.transducers().get(0)))
                    .withOuting(rig.outing().withWater(water(rig.outing().water()))));
        }
        int drawn = IntStream.range(0, RIGS)
                .parallel()
                .map(i -> drawn(rigs.get(i), i % 50 == 0))
                .sum();
        assertTrue(drawn > 3 * RIGS, "only " + drawn + " pictures");
    }

    /** Hulls of every corner that a section may have, everywhere and at one place alone: nothing is divided by nothing. */
    @Test
    public void hullsOfAnyFormAreDrawn() {
        Rig rig = TestRigs.twoScreens();
        List<HullSection> usual = Catalogue.crafts().stream()
                .map(item -> item.craft().sections())
                .filter(sections -> sections.size() > 4)
                .findFirst()
                .orElseThrow();
        List<Rig> rigs = new ArrayList<>();
        for (double[] form : corners()) {
            for (int only = -1; only < usual.size(); only++) {
                List<HullSection> sections = new ArrayList<>(usual);
                for (int s = 0; s < usual.size(); s++) {
                    if (only < 0 || only == s) {
                        sections.set(s, new HullSection(usual.get(s).at(), form[0], form[1], form[2]));
                    }
                }
                rigs.add(rig.withCraft(rig.craft().with(craft -> craft.sections(sections))));
            }
        }
        int drawn = rigs.parallelStream().mapToInt(odd -> drawn(odd, false)).sum();
        assertTrue(drawn > 3 * rigs.size(), "only " + drawn + " pictures");
    }

    private static List<double[]> corners() {
        List<double[]> all = new ArrayList<>();
        for (double breadth : new double[] {0, 1}) {
            for (double keel : new double[] {0, 1}) {
                for (double fullness : new double[] {0, 3}) {
                    all.add(new double[] {breadth, keel, fullness});
                }
            }
        }
        return all;
    }

    private static int drawn(Rig odd, boolean compared) {
        Line line = Line.of(odd);
        REVIEWER.review(line);
        int drawn = 0;
        for (Link link : Link.values()) {
            Links.of(link).workings(line);
            for (Outcome<Scene> scene : Pictures.all(line, link)) {
                drawn += scene.map(OddRigsTest::finite).orElse(0);
            }
        }
        if (compared) {
            Comparison.of(line, Link.TRANSDUCER, REVIEWER);
            REVIEWER.remedies(line)
                    .forEach(remedy -> remedy.offers()
                            .forEach(offer ->
                                    assertTrue(Comparison.find(line, offer.id()).isPresent(), offer.id())));
        }
        return drawn;
    }

    private static int finite(Scene scene) {
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Path path) {
                path.points().forEach(point -> finite(scene, point));
            } else if (mark instanceof Mark.Pick pick) {
                pick.area().forEach(point -> finite(scene, point));
            } else if (mark instanceof Mark.Note note) {
                finite(scene, note.at());
            }
        }
        return 1;
    }

    private static void finite(Scene scene, Point point) {
        assertTrue(
                Double.isFinite(point.x()) && Double.isFinite(point.y()),
                scene.title().plain());
    }
}
