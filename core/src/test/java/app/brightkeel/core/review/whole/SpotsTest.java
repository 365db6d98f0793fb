package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.measured;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.HoleList;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Stands;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** What stands where: one thing to a spot, nothing screwed down where nobody wants to drill, what fills a room. */
public class SpotsTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    private static List<String> doubled(Rig rig) {
        return rig.craft().stations().stream()
                .map(Station::id)
                .filter(id -> Stands.at(rig, id).size() > 1)
                .toList();
    }

    /** Of every demo rig with a second display beside the seat: nothing that is offered puts two things on one spot. */
    @Test
    public void nothingIsOfferedWhereSomethingStands() {
        int offered = 0;
        List<Rig> rigs = new ArrayList<>(DemoRigs.all());
        rigs.add(TestRigs.twoScreens());
        for (Rig rig : List.copyOf(rigs)) {
            Device second = rig.devices().get(0).withId("second-screen").withName("second display");
            List<Device> devices = new ArrayList<>(rig.devices());
            devices.add(second);
            Rig more = rig.withDevices(devices);
            rig.craft().stations().stream()
                    .filter(station -> station.spot().takesDisplay()
                            && Stands.at(more, station.id()).isEmpty())
                    .findFirst()
                    .ifPresent(station -> rigs.add(more.with(new Placement(second.id(), station.id(), true))));
        }
        for (Rig rig : rigs) {
            Line line = Line.of(rig);
            List<String> before = doubled(rig);
            for (Link link : List.of(Link.SCREEN, Link.MOUNT, Link.CABLE)) {
                for (Change change : Links.of(link).alternatives(line)) {
                    List<String> after = new ArrayList<>(doubled(change.after()));
                    after.removeAll(before);
                    assertEquals(
                            after, List.of(), rig.name() + ": " + change.label().plain());
                    offered++;
                }
            }
        }
        assertTrue(offered > 200, "offered " + offered);
    }

    /** A drilled holder is pointed out, comes behind the others, and stands among the holes. */
    @Test
    public void aDrilledHolderIsPointedOutAndListed() {
        Rig rig = DemoRigs.oystercatcher();
        assertEquals(rig.schools().drilling(), Schools.Drilling.NO_DRILL);
        Holder plate = Catalogue.holders().stream()
                .filter(item -> item.id().equals("base-plate"))
                .findFirst()
                .orElseThrow();
        Rig drilled = rig.with(plate.withHolds(rig.devices().get(0).id()));
        Review review = REVIEWER.review(Line.of(drilled));
        assertTrue(review.findings().stream().anyMatch(f -> f.rule().equals("screen.school-drilling")));
        List<HoleList.Row> rows = HoleList.of(Line.of(drilled));
        assertEquals(rows.size(), HoleList.of(Line.of(rig)).size() + 1);
        assertEquals(rows.get(rows.size() - 1).there(), "drill");
        assertTrue(rows.get(rows.size() - 1).name().contains(plate.name()));
        boolean behind = false;
        for (Comparison.Offer offer : Comparison.of(Line.of(rig), Link.SCREEN, REVIEWER)) {
            boolean screwed = Catalogue.holders().stream()
                    .anyMatch(item -> item.drills() && offer.id().endsWith("." + item.id()));
            if (offer.id().startsWith("screen.hold.") && offer.after().verdict() != Verdict.FAILS) {
                assertTrue(screwed || !behind, offer.label().plain() + " stands behind a drilled one");
                behind |= screwed;
            }
        }
        assertTrue(behind, "a drilled one is compared too");
    }

    /** Nor is a box drilled without a word: one that came with its hole is not named. */
    @Test
    public void aDrilledBoxIsPointedOutToo() {
        for (boolean cut : new boolean[] {true, false}) {
            Rig rig = FitOutTriggers.boxed(box -> box.withExits(
                            List.of(FitOutTriggers.exit(BaseEdge.LEFT, true).withCut(cut))))
                    .withSchools(Schools.UNDECIDED.withDrilling(Schools.Drilling.NO_DRILL));
            assertEquals(
                    REVIEWER.review(Line.of(rig)).findings().stream()
                            .anyMatch(finding -> finding.rule().equals("cable.school-drilling")
                                    && finding.text().plain().contains("drilled into the box")),
                    cut);
        }
    }

    /** What does not fit is told with what the plug takes of it. */
    @Test
    public void whatTakesTheRoomIsNamed() {
        Rig rig = DemoRigs.oystercatcher();
        Rig tall = rig.with(rig.harness()
                .pack("pack")
                .with(pack -> pack.plugM(measured(0.03)).size(pack.size().withTallM(measured(0.9)))));
        Finding finding = REVIEWER.review(Line.of(tall)).findings().stream()
                .filter(each -> each.rule().equals("carry.does-not-fit"))
                .findFirst()
                .orElseThrow();
        assertTrue(
                finding.text().plain().contains("30 mm on top of"),
                finding.text().plain());
    }

    /** A puck inside sits on the skin wherever a hand gets to it; under the skin of what is blown up there is air. */
    @Test
    public void aPuckSitsOnAnySolidSkin() {
        for (String id : List.of("sit-on-top-3-9", "pedal-3-6")) {
            Rig rig = on(id);
            List<Change> inHull = Links.of(Link.MOUNT).alternatives(Line.of(rig)).stream()
                    .filter(change -> change.id().contains(".in-hull."))
                    .toList();
            assertTrue(inHull.size() > 0, id);
            for (Change change : inHull) {
                assertTrue(
                        REVIEWER.review(Line.of(change.after())).findings().stream()
                                .noneMatch(finding -> finding.rule().equals("mount.not-through-hull")),
                        id + ": " + change.label().plain());
                Rig blown = change.after().withCraft(change.after().craft().withKind(CraftKind.INFLATABLE));
                assertTrue(
                        REVIEWER.review(Line.of(blown)).findings().stream()
                                .anyMatch(finding -> finding.rule().equals("mount.not-through-hull")
                                        && finding.verdict() == Verdict.FAILS),
                        change.label().plain());
            }
        }
    }

    /** A single cone on a ready craft, nothing else. */
    private static Rig on(String id) {
        Craft craft = Catalogue.crafts().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow()
                .craft();
        Transducer cone = DemoRigs.oystercatcher().transducers().get(0);
        return DemoRigs.oystercatcher()
                .with(rig -> rig.craft(craft)
                        .runs(List.of())
                        .places(List.of())
                        .transducers(List.of(cone.withMount(Mount.UNDECIDED))));
    }

    /** Of mounts that hold alike, one in a place that was made for it comes before every other, and says so. */
    @Test
    public void whatWasMadeForItLosesToNothingByPoints() {
        Rig rig = DemoRigs.gannet();
        List<Comparison.Offer> offers = Comparison.of(Line.of(rig), Link.MOUNT, REVIEWER);
        List<Comparison.Offer> pocketed = offers.stream()
                .filter(offer -> offer.id().contains(".hull-pocket."))
                .toList();
        assertFalse(pocketed.isEmpty());
        Comparison.Offer best = pocketed.get(0);
        for (Comparison.Offer offer : offers.subList(0, offers.indexOf(best))) {
            assertTrue(
                    offer.planned()
                            || offer.after().verdict().compareTo(best.after().verdict()) != 0,
                    offer.label().plain() + " stands before " + best.label().plain());
        }
        assertTrue(
                pocketed.stream()
                        .flatMap(offer -> offer.reasons().stream())
                        .anyMatch(reason -> reason.plain().contains("made for it")),
                pocketed.toString());
    }
}
