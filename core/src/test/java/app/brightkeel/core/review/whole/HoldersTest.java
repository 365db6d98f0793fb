package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fixing;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Holders against the places and displays they are to fit, both sides of every limit. */
public class HoldersTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** A 7-in display of 205 mm on the left rail, held by a 38 mm ball with an arm in a track. */
    private static Rig held(UnaryOperator<Holder> holder, UnaryOperator<Device> display) {
        Rig rig = DemoRigs.oystercatcher();
        Holder item = Catalogue.holders().stream()
                .filter(each -> each.id().equals("ball-large"))
                .findFirst()
                .orElseThrow()
                .with(h -> h.id("holder").holds("display"));
        Device seven = rig.devices().get(0);
        return rig.with(display.apply(seven)).with(holder.apply(item));
    }

    private static Figure mm(double millimetres) {
        return Figure.measured(millimetres / 1000);
    }

    /** What is changed, and the verdict of the rule it is about. */
    @DataProvider
    public Object[][] fits() {
        UnaryOperator<Device> same = d -> d;
        UnaryOperator<Holder> any = h -> h;
        UnaryOperator<Holder> bolted = h -> h.withBolts("40 × 90 mm");
        return new Object[][] {
            {"screen.holder-misfit", any, same, Verdict.HOLDS},
            {"screen.holder-misfit", op(h -> h.withMostWideM(mm(205))), same, Verdict.HOLDS},
            {"screen.holder-misfit", op(h -> h.withMostWideM(mm(204))), same, Verdict.FAILS},
            {"screen.holder-misfit", op(h -> h.withLeastWideM(mm(205))), same, Verdict.HOLDS},
            {"screen.holder-misfit", op(h -> h.withLeastWideM(mm(206))), same, Verdict.FAILS},
            {"screen.holder-misfit", bolted, same, Verdict.HOLDS},
            {"screen.holder-misfit", op(h -> h.withBolts("30 × 60 mm")), same, Verdict.FAILS},
            {"screen.holder-misfit", op(h -> h.withArmBallM(mm(25))), same, Verdict.FAILS},
            {"screen.holder-misfit", op(h -> h.withGrip(Grip.RIM)), same, Verdict.FAILS},
            {"screen.holder-misfit", any, ball(38), Verdict.HOLDS},
            {"screen.holder-misfit", any, ball(25), Verdict.FAILS},
            // 0.9 kg · 9.81 · 0.5 m = 4.41 N·m
            {"screen.holder-overloaded", op(h -> carries(h, 4.42)), same, Verdict.HOLDS},
            {"screen.holder-overloaded", op(h -> carries(h, 4.40)), same, Verdict.FAILS},
        };
    }

    private static UnaryOperator<Holder> op(UnaryOperator<Holder> change) {
        return change;
    }

    private static UnaryOperator<Device> ball(double millimetres) {
        return device -> device.withFixing(new Fixing("", mm(millimetres)));
    }

    private static Holder carries(Holder holder, double newtonMetres) {
        return holder.with(h -> h.armM(Figure.measured(0.5)).carriesNm(Figure.rated(newtonMetres)));
    }

    @Test(dataProvider = "fits")
    public void isJudgedByWhatBothSidesDeclare(
            String id, UnaryOperator<Holder> holder, UnaryOperator<Device> display, Verdict verdict) {
        Line line = Line.of(held(holder, display));
        Rule rule =
                Rules.ALL.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
        assertEquals(rule.verdict(rule.judge(line)), verdict, String.valueOf(rule.judge(line)));
    }

    /** Not the watts of the screen stand in the strip, where it is a ball that does not fit. */
    @Test
    public void aMisfitIsShownByItsMeasures() {
        Line line = Line.of(held(h -> h, ball(25)));
        LinkState.Judged screen = (LinkState.Judged) REVIEWER.state(line, Link.SCREEN);
        assertEquals(screen.number().plain(), "25 mm, holder takes 38 mm");
    }

    /** Every holder is offered; those that fail are ranked behind those that hold, with the reason. */
    @Test
    public void everyHolderIsComparedAndTheMisfitsSayWhy() {
        List<Comparison.Offer> offers = Comparison.of(Line.of(held(h -> h, d -> d)), Link.SCREEN, REVIEWER).stream()
                .filter(offer -> offer.id().startsWith("screen.hold."))
                .toList();
        // the one it has stands once, as what is planned
        assertEquals(offers.size(), Catalogue.holders().size() - 1);
        boolean failed = false;
        for (Comparison.Offer offer : offers) {
            boolean fails = offer.after().verdict() == Verdict.FAILS;
            assertTrue(fails || !failed, offer.id() + " stands behind one that fails");
            assertEquals(!offer.fails().isEmpty(), fails, offer.id());
            failed |= fails;
        }
        assertTrue(failed, "some do not fit");
    }

    /** Sandpiper fails in three places and nowhere else; the right base cures its holder. */
    @Test
    public void sandpiper() {
        Line line = Line.of(DemoRigs.sandpiper());
        List<String> found = REVIEWER.review(line).findings().stream()
                .map(Finding::rule)
                .sorted()
                .toList();
        assertEquals(found, List.of("carry.does-not-fit", "fuse.missing", "screen.holder-misfit"));
        Rig cured = Comparison.find(line, "screen.base.holder").orElseThrow().after();
        assertEquals(REVIEWER.state(Line.of(cured), Link.SCREEN).verdict(), Verdict.HOLDS);
    }

    /** Every type in every mount: the best twenty, each of which can be had. */
    @Test
    public void typesAndMountsTogether() {
        Line line = Line.of(DemoRigs.gannet());
        List<Comparison.Offer> offers = Comparison.wider(line, Link.MOUNT, REVIEWER);
        assertEquals(offers.size(), 20);
        for (Comparison.Offer offer : offers) {
            assertTrue(Comparison.find(line, offer.id()).isPresent(), offer.id());
        }
        assertEquals(
                offers.get(0).after().verdict(), Verdict.HOLDS, offers.get(0).id());
    }
}
