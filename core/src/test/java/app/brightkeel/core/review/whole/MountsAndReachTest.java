package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.measured;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Hand;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools.Drilling;
import app.brightkeel.core.rig.Schools.Post;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rules of mounts, reach and room, on both sides of their limits. */
public class MountsAndReachTest {

    private static final Rig RIG = DemoRigs.oystercatcher();

    private static Rig mounted(MountKind kind, String station) {
        Transducer transducer = RIG.transducers().get(0);
        return RIG.with(transducer.withMount(new Mount(kind, station, Figure.UNSET, Figure.UNSET)));
    }

    private static Rig school(Rig rig, Drilling drilling) {
        return rig.withSchools(rig.schools().withDrilling(drilling));
    }

    private static Rig moving(Rig rig, Motion motion) {
        return rig.withOuting(rig.outing().withWater(rig.outing().water().withMotion(motion)));
    }

    /** A side fan at the aft left scupper, with a post of 40 mm abeam of it to the right. */
    private static Rig sideFan(double awayM, double belowM) {
        Transducer fan = Catalogue.transducers().stream()
                .filter(item -> item.id().equals("side-line-cone"))
                .findFirst()
                .orElseThrow();
        Rig rig = RIG.with(Catalogue.inPlaceOf(RIG.transducers().get(0), fan));
        Obstruction post = new Obstruction(
                "post",
                "post",
                ObstructionKind.OTHER,
                measured(2.60),
                measured(-0.20 + awayM),
                measured(belowM),
                measured(0.02));
        return rig.withCraft(rig.craft().withObstructions(List.of(post)));
    }

    private static Rig handed(Hand hand, Post post) {
        return RIG.withAngler(RIG.angler().withHand(hand))
                .withSchools(RIG.schools().withPost(post));
    }

    private static Rig shown(double textM) {
        return RIG.with(RIG.devices().get(0).withTextM(measured(textM)));
    }

    private static Rig at(String station) {
        return RIG.with(new Placement("display", station, true));
    }

    private static Rig withKeypad(Rig rig) {
        return withPart(rig, DeviceKind.KEYPAD, "A");
    }

    /** A small part of a family; the display is of family A. */
    private static Rig withPart(Rig rig, DeviceKind kind, String family) {
        Device item = Catalogue.devices().stream()
                .filter(each -> each.id().equals("keypad"))
                .findFirst()
                .orElseThrow();
        Device keypad = item.with(part -> part.kind(kind).sockets(item.sockets().withFamily(family)));
        List<Device> devices = new ArrayList<>(rig.devices());
        devices.add(keypad);
        return rig.withDevices(devices);
    }

    private static Rig well(double heightM) {
        Craft craft = RIG.craft();
        return RIG.withCraft(craft.withStations(craft.stations().stream()
                .map(s -> s.id().equals("stern-well") ? s.withHeightM(measured(heightM)) : s)
                .toList()));
    }

    /** Limits are common practice, no source, but for figures of 20 minutes of arc (ISO 9241-303). */
    @DataProvider
    public Object[][] limits() {
        double water = 0.097;
        return new Object[][] {
            {"mount.hole-unasked", school(mounted(MountKind.KEEL_BOLT, "scupper-aft-left"), Drilling.UNDECIDED), "FAILS"
            },
            {"mount.hole-unasked", school(mounted(MountKind.KEEL_BOLT, "scupper-aft-left"), Drilling.NO_DRILL), "FAILS"
            },
            {
                "mount.hole-unasked",
                school(mounted(MountKind.KEEL_BOLT, "scupper-aft-left"), Drilling.BELOW_WATERLINE),
                "HOLDS"
            },
            {"mount.fouls", mounted(MountKind.SWING_ARM, "arm-left"), "CLOSE"},
            {"mount.fouls", mounted(MountKind.SCUPPER, "scupper-aft-left"), "HOLDS"},
            {"mount.too-fast", moving(mounted(MountKind.SUCTION_CUP, "arm-left"), Motion.TROLLING), "CLOSE"},
            {"mount.too-fast", moving(mounted(MountKind.SUCTION_CUP, "arm-left"), Motion.DRIFTING), "HOLDS"},
            {"mount.side-lost", sideFan(0.6, 0.01), "HOLDS"},
            {"mount.side-lost", sideFan(0.6, 0.15), "CLOSE"},
            {"mount.side-lost", sideFan(0.6, 0.40), "FAILS"},
            {"screen.out-of-reach", at("rail-left"), "HOLDS"},
            {"screen.out-of-reach", at("foot-well"), "CLOSE"},
            {"screen.out-of-reach", withKeypad(at("foot-well")), "HOLDS"},
            {"mount.proud-of-pocket", RuleTriggers.pocketed(-0.005), "HOLDS"},
            {"mount.proud-of-pocket", RuleTriggers.pocketed(0), "HOLDS"},
            {"mount.proud-of-pocket", RuleTriggers.pocketed(0.002), "CLOSE"},
            {"screen.out-of-reach", withPart(at("foot-well"), DeviceKind.KEYPAD, ""), "HOLDS"},
            {"screen.out-of-reach", withPart(at("foot-well"), DeviceKind.KEYPAD, "B"), "CLOSE"},
            {"screen.out-of-reach", withPart(at("foot-well"), DeviceKind.HEADING_SENSOR, "A"), "CLOSE"},
            {"screen.out-of-reach", withPart(at("foot-well"), DeviceKind.BRIDGE, "A"), "CLOSE"},
            {"screen.out-of-reach", withPart(at("foot-well"), DeviceKind.SMALL_PART, "A"), "CLOSE"},
            {"screen.hard-to-read", shown(0.0048), "HOLDS"},
            {"screen.hard-to-read", shown(0.0045), "CLOSE"},
            {"screen.school-post", handed(Hand.UNDECIDED, Post.AT_HAND), "HOLDS"},
            {"screen.school-post", handed(Hand.LEFT, Post.AT_HAND), "HOLDS"},
            {"screen.school-post", handed(Hand.RIGHT, Post.AT_HAND), "CLOSE"},
            {"screen.school-post", handed(Hand.RIGHT, Post.ROD_SIDE_FREE), "HOLDS"},
            {"carry.under-water", well(water + 0.05), "HOLDS"},
            {"carry.under-water", well(water + 0.01), "CLOSE"},
            {"carry.under-water", well(water - 0.03), "FAILS"},
        };
    }

    @Test(dataProvider = "limits")
    public void limit(String id, Rig rig, String verdict) {
        Rule rule =
                Rules.ALL.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
        Rule.Judgement judgement = rule.judge(Line.of(rig));
        assertEquals(rule.verdict(judgement).name(), verdict, judgement.toString());
    }

    /** Whoever likes the screen ahead gets a keypad offered, of the display's family; with it nothing is out of reach. */
    @Test
    public void aScreenFarAheadWantsAKeypad() {
        Line line = Line.of(at("foot-well"));
        List<String> cures = Mended.ids(line.rig(), "screen.out-of-reach");
        assertTrue(cures.contains("screen.keypad.keypad"), cures.toString());
        assertTrue(!cures.contains("screen.keypad.keypad-b"), "of another family: " + cures);
        Rig cured = Comparison.find(line, "screen.keypad.keypad").orElseThrow().after();
        for (LinkState state : new RigReviewer().review(Line.of(cured)).links()) {
            assertTrue(state.verdict() != Verdict.UNSET, state.toString());
        }
    }

    /** A post on the side that is kept free is offered a place on the other. */
    @Test
    public void aPostOnTheWrongSideIsOfferedTheOther() {
        Rig gannet = DemoRigs.gannet();
        Rig rig = gannet.withAngler(gannet.angler().withHand(Hand.LEFT))
                .withSchools(gannet.schools().withPost(Post.AT_HAND))
                .with(new Placement("nine", "rail-left", true));
        List<String> cures = Mended.ids(rig, "screen.school-post");
        assertEquals(cures, List.of("mount.take.head.live-pole.arm-left"));
    }

    /** 0.9 kg · 9.81 · 0.18 m = 1.589 N·m stands in the working with what it comes from. */
    @Test
    public void theMomentOfADisplayHasItsWorking() {
        Rig rig = RIG.with(Catalogue.holders().stream()
                .filter(item -> item.id().equals("ball-large"))
                .findFirst()
                .orElseThrow()
                .with(h -> h.id("holder").holds("display")));
        Working working = Links.of(Link.SCREEN).workings(Line.of(rig)).get(2);
        assertTrue(working.pointers().containsAll(List.of("/holders/0/armM", "/devices/0/massKg")));
        double moment = working.rows().stream()
                .filter(Working.Row.Result.class::isInstance)
                .map(Working.Row.Result.class::cast)
                .mapToDouble(result -> result.amount().si())
                .sum();
        assertEquals(moment, 0.9 * 9.81 * 0.18, 1e-9);
    }

    /** A recessed bay loses a sector of its side view and is close at worst; a longer housing wants a plate. */
    @Test
    public void aPocketIsCloseAndAPlateCarriesWhatIsTooLong() {
        Rig gannet = DemoRigs.gannet();
        Transducer fan = Catalogue.inPlaceOf(
                gannet.transducers().get(0),
                Catalogue.transducers().stream()
                        .filter(item -> item.id().equals("side-line-cone"))
                        .findFirst()
                        .orElseThrow());
        Rig rig = gannet.with(fan);
        List<Finding> found = new RigReviewer().review(Line.of(rig)).findings();
        Finding bay = found.stream()
                .filter(f -> f.rule().equals("mount.side-lost"))
                .findFirst()
                .orElseThrow();
        assertEquals(bay.verdict(), Verdict.CLOSE);
        Finding tooLong = found.stream()
                .filter(f -> f.rule().equals("mount.does-not-fit"))
                .findFirst()
                .orElseThrow();
        assertEquals(tooLong.verdict(), Verdict.FAILS);
        Remedy.Cure plate = Mended.of(rig, tooLong.rule()).get(0);
        assertTrue(plate.id().startsWith("mount.plate."), plate.id());
        Rig plated = Comparison.find(Line.of(rig), plate.id()).orElseThrow().after();
        assertTrue(new RigReviewer()
                .review(Line.of(plated)).findings().stream()
                        .noneMatch(f -> f.rule().equals("mount.does-not-fit")));
    }

    /** A clamp bar's hole goes with the height of the gunwale: 25 mm more of it is one hole more. */
    @Test
    public void theHoleOfAClampBar() {
        assertEquals(hole(0.325) - hole(0.300), 1.0);
        assertEquals(hole(0.300), Math.ceil((0.300 - 0.06) / 0.025));
    }

    private static double hole(double depthM) {
        Rig rig = mounted(MountKind.CLAMP_BAR, "arm-left");
        Line line = Line.of(rig.withCraft(rig.craft().withDepthM(measured(depthM))));
        return Links.of(Link.MOUNT).workings(line).stream()
                .flatMap(working -> working.rows().stream())
                .filter(Working.Row.Step.class::isInstance)
                .map(Working.Row.Step.class::cast)
                .filter(step -> step.label().toString().contains("hole of the bar"))
                .mapToDouble(step -> step.amount().si())
                .findFirst()
                .orElseThrow();
    }
}
