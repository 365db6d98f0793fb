package app.brightkeel.core.layout;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.carry.CarryRules;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Bail;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.HullSection;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Stand;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Statics by hand: moments about the edge of the base. */
public class TipTest {

    private static final MassAt BUCKET = new MassAt("bucket", 1.5, 0.15, 0, 0);

    private static Footprint box(double lengthM, double beamM) {
        return Footprint.of(Craft.of(CraftKind.ICE_WALK_OUT)
                .with(c -> c.lengthM(Figure.measured(lengthM)).beamM(Figure.measured(beamM))));
    }

    /** 1.5 kg × 0.15 m hold, 1 kg × 0.20 m tip: 1.125. A battery opposite, 2 kg × 0.25 m, makes it 3.625. */
    @Test
    public void aScreenHangsOutOverABucket() {
        MassAt screen = new MassAt("screen", 1, 0.15, -0.35, 0.4);
        Tip tip = Tip.of(box(0.3, 0.3), List.of(BUCKET, screen));
        assertEquals(tip.edge(), BaseEdge.LEFT);
        assertEquals(tip.margin(), 1.5 * 0.15 / (1 * 0.20), 1e-9);
        Tip held = Tip.of(box(0.3, 0.3), List.of(BUCKET, screen, new MassAt("battery", 2, 0.15, 0.10, 0)));
        assertEquals(held.margin(), (1.5 * 0.15 + 2 * 0.25) / 0.20, 1e-9);
    }

    /** Ballast at the far edge: (1.3 × 0.4 − 0.225) / 0.3 = 0.983 kg, and with it the margin is what was asked. */
    @Test
    public void ballastMakesTheMarginThatIsAsked() {
        MassAt heavy = new MassAt("screen", 2, 0.15, -0.35, 0.4);
        Tip tip = Tip.of(box(0.3, 0.3), List.of(BUCKET, heavy));
        double ballast = tip.ballastKg(Tip.WANTED);
        assertEquals(ballast, (1.3 * 0.4 - 0.225) / 0.3, 1e-9);
        MassAt stone = new MassAt("stone", ballast, 0.15, 0.15, 0);
        assertEquals(Tip.of(box(0.3, 0.3), List.of(BUCKET, heavy, stone)).margin(), 1.3, 1e-9);
        assertEquals(tip.ballastKg(0.1), 0.0);
    }

    /**
     * A bucket of 1.1 kg and 0.30 m across, its edge 0.15 m from its middle; a screen on an arm; a battery 98 mm wide, whose
     * middle stands 0.15 − 0.049 = 0.101 m out at most, so 0.251 m from the edge. Moments about the edge by hand.
     */
    @DataProvider
    public Object[][] onBothSides() {
        double bucket = 1.1 * 0.15;
        return new Object[][] {
            // screen kg, arm beyond the edge, battery kg, place of the battery, kickstand, margin by hand
            {0.9, 0.35, 0.0, 0.0, 0.0, bucket / (0.9 * 0.35), Verdict.FAILS},
            {0.6, 0.25, 0.0, 0.0, 0.0, bucket / (0.6 * 0.25), Verdict.CLOSE},
            {0.9, 0.35, 0.62, 0.0, 0.0, (bucket + 0.62 * 0.15) / (0.9 * 0.35), Verdict.FAILS},
            {0.9, 0.35, 0.62, 0.14, 0.0, (bucket + 0.62 * 0.251) / (0.9 * 0.35), Verdict.CLOSE},
            {0.9, 0.35, 2.70, 0.14, 0.0, (bucket + 2.70 * 0.251) / (0.9 * 0.35), Verdict.HOLDS},
            {0.9, 0.15, 0.0, 0.0, 0.0, bucket / (0.9 * 0.15), Verdict.CLOSE},
            {0.9, 0.35, 0.0, 0.0, 0.15, 1.1 * 0.30 / (0.9 * 0.20), Verdict.HOLDS},
        };
    }

    @Test(dataProvider = "onBothSides")
    public void marginByHand(
            double screenKg,
            double armM,
            double batteryKg,
            double batteryM,
            double standM,
            double expected,
            Verdict verdict) {
        Rig crate = DemoRigs.lanternCrate();
        Stand stand = standM > 0 ? new Stand(BaseEdge.LEFT, Figure.measured(standM), true) : Stand.NONE;
        Craft bucket = crate.craft()
                .with(c -> c.lengthM(Figure.measured(0.30))
                        .beamM(Figure.measured(0.30))
                        .massKg(Figure.measured(1.1))
                        .stand(stand)
                        .stations(crate.craft().stations().stream()
                                .map(s -> switch (s.id()) {
                                    case "arm-left" ->
                                        s.with(at -> at.fromBowM(Figure.measured(0.15))
                                                .sideM(Figure.measured(-0.15 - armM)));
                                    case "floor-right" ->
                                        s.with(at -> at.fromBowM(Figure.measured(0.15))
                                                .sideM(Figure.measured(batteryM)));
                                    default -> s;
                                })
                                .toList()));
        Pack pack = crate.harness().pack("pack");
        Rig rig = crate.withCraft(bucket)
                .with(crate.device("display").withMassKg(Figure.measured(screenKg)))
                .with(pack.with(p -> p.massKg(Figure.measured(Math.max(0.05, batteryKg)))
                        .size(new Size(Figure.measured(0.15), Figure.measured(0.098), Figure.measured(0.095)))));
        // the lightest pack there is weighs 50 g: it counts where none is wanted
        double least = batteryKg == 0 ? 0.05 * (0.15 + standM) / (screenKg * (armM - standM)) : 0;
        Line line = Line.of(rig);
        assertEquals(line.get(CarryStage.STAGE).value().tip().orElseThrow().margin(), expected + least, 1e-9);
        assertEquals(new RigReviewer().state(line, Link.CARRY).verdict(), verdict);
    }

    /** Equal moments to both sides: as good as level; the handle's axis runs through both, its middle between. */
    @Test
    public void equalMomentsBalance() {
        List<MassAt> even = List.of(new MassAt("left", 3, 0.1, -0.10, 0), new MassAt("right", 1, 0.5, 0.30, 0));
        HandleLine handle = HandleLine.of(even);
        assertEquals(handle.yM(), 0, 1e-12);
        assertEquals(handle.xM(), (3 * 0.1 + 0.5) / 4, 1e-12);
        assertEquals(Math.toDegrees(handle.alongRad()), 45, 1e-9);
        Rig rig = DemoRigs.gannet();
        double side = Line.of(rig).get(FloatStage.STAGE).value().sideKgM();
        Ballast weight = new Ballast("weight", "weight", Figure.measured(side / 0.36), "rail-left");
        Rig level = rig.withFitOut(rig.fitOut().withBallast(List.of(weight)));
        assertEquals(Line.of(level).get(FloatStage.STAGE).value().heelRad(), 0, 1e-12);
    }

    /** What is lifted by its handle is the crate with what stands on it; what hangs in the hole is not. */
    @Test
    public void theHandleStandsOverWhatIsLifted() {
        Line line = Line.of(DemoRigs.lanternCrate());
        HandleLine handle = HandleLine.of(
                line.needs(CarryStage.STAGE).value().base().orElseThrow().masses());
        assertEquals(handle.xM(), 0.45, 1e-9);
        assertEquals(handle.yM(), (2.7 * 0.10 - 0.5 * 0.38) / (6 + 2.7 + 0.5), 1e-9);
    }

    @Test
    public void foreAndAftCountToo() {
        Tip tip = Tip.of(box(0.6, 0.4), List.of(new MassAt("box", 4, 0.3, 0, 0), new MassAt("screen", 1, 0.8, 0, 0.4)));
        assertEquals(tip.edge(), BaseEdge.BACK);
        assertEquals(tip.margin(), 4 * 0.3 / 0.2, 1e-9);
        assertEquals(Tip.of(box(0.6, 0.4), List.of(BUCKET)).margin(), 1000, 1e-9);
    }

    /** What hangs in the hole does not hold the crate; what comes off is told apart from what stays. */
    @Test
    public void theCrateByHand() {
        Rig rig = DemoRigs.lanternCrate();
        Carried carried = Line.of(rig).get(CarryStage.STAGE).value();
        assertEquals(carried.massKg(), 2.7 + 0.5 + 0.4, 1e-9);
        double holds = 6 * 0.225 + 2.7 * (0.225 + 0.10);
        assertEquals(carried.tip().orElseThrow().margin(), holds / (0.5 * (0.38 - 0.225)), 1e-9);
        Rig stays = rig.with(rig.places().get(1).withComesOff(false));
        Carried left = Line.of(stays).get(CarryStage.STAGE).value();
        assertEquals(left.comesOff(), List.of("5-in display"));
        assertEquals(left.comesOffKg(), 0.5, 1e-9);
    }

    private static Craft craft(String id) {
        return Catalogue.crafts().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow()
                .craft();
    }

    /** A round bucket of 0.30 m: 0.9 kg so far from its middle tips it alike whichever way it hangs out. */
    @DataProvider
    public Object[][] round() {
        return new Object[][] {
            // degrees from the front to the right, metres from the middle, to which side
            {0, 0.30, "front"},
            {45, 0.30, "front right"},
            {90, 0.30, "right"},
            {135, 0.345, "back right"},
            {160, 0.25, "back"},
            {225, 0.30, "back left"},
            {303, 0.30, "front left"},
        };
    }

    @Test(dataProvider = "round")
    public void aRoundBucketTipsAlikeInEveryDirection(double degrees, double outM, String side) {
        Craft bucket = craft("ice-bucket");
        double x = 0.15 - outM * Math.cos(Math.toRadians(degrees));
        double y = outM * Math.sin(Math.toRadians(degrees));
        Tip tip = Tip.of(
                Footprint.withStand(bucket),
                List.of(new MassAt("bucket", 1.1, 0.15, 0, 0), new MassAt("screen", 0.9, x, y, 0.4)));
        double byHand = 1.1 * 0.15 / (0.9 * (outM - 0.15));
        assertEquals(tip.margin(), byHand, 0.01 * byHand);
        assertEquals(tip.side(), side);
        assertEquals(tip.acrossM(), 0.30, 0.006);
    }

    /** Of any outline: no line about which it could turn, in a thousand directions, holds less than the one that is told. */
    @Test
    public void noOtherEdgeTipsSooner() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            Craft craft = craft(
                    List.of("ice-bucket", "ice-sled", "ice-bag", "ice-case").get(round % 4));
            double length = craft.lengthM().value();
            double beam = craft.beamM().value();
            List<MassAt> masses =
                    new ArrayList<>(List.of(new MassAt("base", 1 + random.nextDouble(), length / 2, 0, 0)));
            for (int m = 0; m < 3; m++) {
                masses.add(new MassAt(
                        "m" + m,
                        0.2 + random.nextDouble(),
                        length * (2 * random.nextDouble() - 0.5),
                        beam * (2 * random.nextDouble() - 1),
                        0.2));
            }
            Footprint foot = Footprint.withStand(craft.withStand(new Stand(
                    BaseEdge.values()[random.nextInt(5)], Figure.measured(0.02 + 0.9 * random.nextDouble()), true)));
            Tip tip = Tip.of(foot, masses);
            double least = Double.POSITIVE_INFINITY;
            for (Footprint.Corner a : foot.corners()) {
                for (Footprint.Corner b : foot.corners()) {
                    least = Math.min(least, margin(a, b, foot, masses));
                }
            }
            assertEquals(tip.margin(), least, 1e-6 * least, "round " + round);
        }
    }

    /** About the line through two corners; none where corners lie on both sides of it. */
    private static double margin(Footprint.Corner a, Footprint.Corner b, Footprint foot, List<MassAt> masses) {
        double long2 = Math.hypot(b.xM() - a.xM(), b.yM() - a.yM());
        double nx = -(b.yM() - a.yM()) / long2;
        double ny = (b.xM() - a.xM()) / long2;
        double off = nx * a.xM() + ny * a.yM();
        boolean edge = long2 > 0 && foot.corners().stream().allMatch(c -> nx * c.xM() + ny * c.yM() >= off - 1e-9);
        double holds = 0;
        double tips = 0;
        for (MassAt each : masses) {
            double arm = nx * each.xM() + ny * each.yM() - off;
            holds += each.kg() * Math.max(0, arm);
            tips += each.kg() * Math.max(0, -arm);
        }
        return edge ? holds / Math.max(tips, holds / 1000) : Double.POSITIVE_INFINITY;
    }

    /** A handle over a weight outside the base is for what is folded in first; inside it is not said. */
    @Test
    public void aHandleOutsideTheBaseIsSaid() {
        Footprint box = box(0.6, 0.4);
        assertEquals(box.outsideM(0.3, 0), -0.2, 1e-12);
        assertEquals(box.outsideM(0.7, 0), 0.1, 1e-12);
        assertEquals(box.outsideM(0.3, -0.25), 0.05, 1e-12);
        Rig crate = DemoRigs.lanternCrate();
        Rig heavy = crate.with(crate.device("display").withMassKg(Figure.measured(30)));
        assertEquals(told(crate).contains("fold or retract"), false);
        assertEquals(told(heavy).contains("fold or retract"), true);
    }

    private static String told(Rig rig) {
        return CarryStage.STAGE.working(Line.of(rig)).toString();
    }

    /**
     * The crate of 6 kg, 0.40 m tall, its battery of 2.7 kg 0.10 m to the right on its floor, its screen out on the left:
     * moments by hand. A bail athwart carries what hangs out to the side, one fore and aft lets it hang over.
     */
    @DataProvider
    public Object[][] bails() {
        return new Object[][] {
            {Bail.NONE, 0.5, Verdict.HOLDS},
            {Bail.ALONG, 0.5, Verdict.HOLDS},
            {Bail.ALONG, 3.0, Verdict.CLOSE},
            {Bail.ACROSS, 3.0, Verdict.HOLDS},
            {Bail.ALONG, 9.0, Verdict.FAILS},
        };
    }

    @Test(dataProvider = "bails")
    public void aBailRunsAlongTheHeavyParts(Bail bail, double screenKg, Verdict expected) {
        Rig crate = DemoRigs.lanternCrate();
        Rig rig = crate.withCraft(crate.craft().withBail(bail))
                .with(crate.device("display").withMassKg(Figure.measured(screenKg)));
        Line line = Line.of(rig);
        Optional<Hang> hang = Hang.of(line);
        assertEquals(hang.isPresent(), bail != Bail.NONE);
        Craft craft = rig.craft();
        double screenZ =
                craft.station(rig.stationOf("display")).orElseThrow().heightM().value();
        double packZ =
                craft.station(rig.stationOf("pack")).orElseThrow().heightM().value();
        double tall = craft.depthM().value();
        double kg = 6 + 2.7 + screenKg;
        double beside = Math.abs(2.7 * 0.10 - screenKg * 0.38) / kg;
        double below = tall - (6 * tall / 2 + 2.7 * packZ + screenKg * screenZ) / kg;
        if (bail == Bail.ALONG) {
            assertEquals(hang.get().besideM(), beside, 1e-9);
            assertEquals(hang.get().belowM(), below, 1e-9);
        }
        Rule rule = CarryRules.ALL.stream()
                .filter(each -> each.id().equals("carry.hangs-over"))
                .findFirst()
                .orElseThrow();
        double over = below <= 0 ? 180 : Math.toDegrees(Math.atan2(beside, below));
        assertEquals(rule.verdict(rule.judge(line)), expected, "over by " + over);
    }

    /** A form without any width is taken as the box of its measures; figures stay finite. */
    @Test
    public void aFormWithoutWidthIsABox() {
        Craft bucket = craft("ice-bucket");
        Craft thin = bucket.withSections(bucket.sections().stream()
                .map(section -> new HullSection(section.at(), 0, section.keel(), section.fullness()))
                .toList());
        assertEquals(Footprint.of(thin).corners().size(), 4);
        Tip tip = Tip.of(Footprint.withStand(thin), List.of(BUCKET, new MassAt("screen", 1, 0.15, -0.35, 0.4)));
        assertEquals(tip.margin(), 1.5 * 0.15 / (1 * 0.20), 1e-9);
        assertEquals(tip.acrossM(), 0.3, 1e-9);
    }
}
