package app.brightkeel.core.review.whole;

import static app.brightkeel.core.rig.Figure.measured;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import java.util.List;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rules of boxes on both sides of what they ask. */
public class BoxRulesTest {

    private static Object[] row(String rule, Chemistry chemistry, UnaryOperator<Enclosure> box, Verdict expected) {
        return new Object[] {rule, chemistry, box, expected};
    }

    private static UnaryOperator<Enclosure> tight(boolean tight, boolean vented) {
        return box -> box.with(b -> b.tight(tight).vented(vented));
    }

    private static UnaryOperator<Enclosure> hole(boolean tight, BaseEdge wall, boolean sealed, double lidM) {
        return box ->
                box.with(b -> b.tight(tight).lidM(measured(lidM)).exits(List.of(FitOutTriggers.exit(wall, sealed))));
    }

    /** The display of the rig is 7 in: 0.21 m wide and more; a pocket takes it turned any way, or not at all. */
    private static UnaryOperator<Enclosure> pocket(double deep, double wide, double tall, String holds) {
        return box -> box.withPockets(List.of(new Pocket(
                "pocket", "pocket", Pose.STOWED, new Size(measured(deep), measured(wide), measured(tall)), holds)));
    }

    /** Two alike, in one state or in two. */
    private static UnaryOperator<Enclosure> pockets(double deep, double wide, double tall, boolean apart) {
        Size size = new Size(measured(deep), measured(wide), measured(tall));
        return box -> box.withPockets(List.of(
                new Pocket("a", "left pocket", Pose.STOWED, size, ""),
                new Pocket("b", "right pocket", apart ? Pose.IN_USE : Pose.STOWED, size, "")));
    }

    @DataProvider
    public Object[][] boxes() {
        Size display = RuleTriggers.good().device("display").size();
        double deep = display.deepM().value();
        double wide = display.wideM().value();
        double tall = display.tallM().value();
        return new Object[][] {
            // lead gives off gas, lithium does not; a vent or a box that is not tight lets it out
            row("carry.gas-shut-in", Chemistry.AGM, tight(true, false), Verdict.FAILS),
            row("carry.gas-shut-in", Chemistry.FLOODED, tight(true, false), Verdict.FAILS),
            row("carry.gas-shut-in", Chemistry.AGM, tight(true, true), Verdict.HOLDS),
            row("carry.gas-shut-in", Chemistry.AGM, tight(false, false), Verdict.HOLDS),
            row("carry.gas-shut-in", Chemistry.LIFEPO4, tight(true, false), Verdict.HOLDS),
            // a rating ends at the first hole that is not sealed; what was never tight loses nothing
            row("carry.no-longer-tight", Chemistry.LIFEPO4, hole(true, BaseEdge.LEFT, false, 0), Verdict.CLOSE),
            row("carry.no-longer-tight", Chemistry.LIFEPO4, hole(true, BaseEdge.LEFT, true, 0), Verdict.HOLDS),
            row("carry.no-longer-tight", Chemistry.LIFEPO4, hole(false, BaseEdge.LEFT, false, 0), Verdict.HOLDS),
            // through the lid, and nobody counted what is under it
            row("carry.lid-meets", Chemistry.LIFEPO4, hole(false, BaseEdge.NONE, true, 0), Verdict.CLOSE),
            row("carry.lid-meets", Chemistry.LIFEPO4, hole(false, BaseEdge.NONE, true, 0.03), Verdict.HOLDS),
            row("carry.lid-meets", Chemistry.LIFEPO4, hole(false, BaseEdge.BACK, true, 0), Verdict.HOLDS),
            // turned any way, or too large by a millimetre
            row("carry.pocket-too-small", Chemistry.LIFEPO4, pocket(deep, wide, tall, "display"), Verdict.HOLDS),
            row("carry.pocket-too-small", Chemistry.LIFEPO4, pocket(tall, deep, wide, "display"), Verdict.HOLDS),
            row(
                    "carry.pocket-too-small",
                    Chemistry.LIFEPO4,
                    pocket(deep, wide - 0.001, tall, "display"),
                    Verdict.FAILS),
            row("carry.pocket-too-small", Chemistry.LIFEPO4, pocket(0.01, 0.01, 0.01, ""), Verdict.HOLDS),
            row("carry.pocket-too-small", Chemistry.LIFEPO4, pocket(0.01, 0.01, 0.01, "transducer"), Verdict.HOLDS),
            // a battery goes in with its plug on: 30 mm on top where nobody said otherwise
            row("carry.pocket-too-small", Chemistry.LIFEPO4, pocket(0.151, 0.098, 0.125, "pack"), Verdict.HOLDS),
            row("carry.pocket-too-small", Chemistry.LIFEPO4, pocket(0.151, 0.098, 0.124, "pack"), Verdict.FAILS),
            // 300 × 280 × 220 mm less two walls of 2 mm: two of 138 mm side by side, not two of 139; any way round; in
            // different states they are not there at once
            row("carry.pockets-too-many", Chemistry.LIFEPO4, pockets(0.200, 0.138, 0.210, false), Verdict.HOLDS),
            row("carry.pockets-too-many", Chemistry.LIFEPO4, pockets(0.210, 0.200, 0.138, false), Verdict.HOLDS),
            row("carry.pockets-too-many", Chemistry.LIFEPO4, pockets(0.200, 0.150, 0.210, false), Verdict.FAILS),
            row("carry.pockets-too-many", Chemistry.LIFEPO4, pockets(0.200, 0.150, 0.210, true), Verdict.HOLDS),
            row("carry.pockets-too-many", Chemistry.LIFEPO4, pocket(0.2965, 0.1, 0.1, ""), Verdict.HOLDS),
            row("carry.pockets-too-many", Chemistry.LIFEPO4, pocket(0.298, 0.1, 0.1, ""), Verdict.FAILS),
            // 30 mm of the box's height go to the lid: 220 mm less that, two walls of 2 mm, and 95 + 30 mm of battery
            row("carry.does-not-fit", Chemistry.LIFEPO4, box -> box.withLidM(measured(0.03)), Verdict.HOLDS),
            row("carry.does-not-fit", Chemistry.LIFEPO4, box -> box.withLidM(measured(0.17)), Verdict.FAILS),
            row("carry.does-not-fit", Chemistry.LIFEPO4, box -> box.withClearM(measured(0.08)), Verdict.FAILS),
        };
    }

    @Test(dataProvider = "boxes")
    public void onBothSides(String id, Chemistry chemistry, UnaryOperator<Enclosure> change, Verdict expected) {
        Rig rig = FitOutTriggers.boxed(change);
        Rig packed = rig.with(rig.harness().pack("pack").withChemistry(chemistry));
        Rule rule =
                Rules.ALL.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
        assertEquals(rule.verdict(rule.judge(Line.of(packed))), expected);
    }

    /** A strap of 4 mm lies over a battery whose plug takes no room. */
    @Test
    public void aStrapTakesRoomInAPocket() {
        for (Holding how : List.of(Holding.STRAP, Holding.SLOT)) {
            Rig rig = FitOutTriggers.boxed(pocket(0.151, 0.098, 0.097, "pack"));
            Rig held = rig.with(rig.harness().pack("pack").withPlugM(measured(0)))
                    .with(rig.placeOf("pack").orElseThrow().withHeld(Held.UNKNOWN.withHow(how)));
            Rule rule = Rules.ALL.stream()
                    .filter(r -> r.id().equals("carry.pocket-too-small"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(rule.verdict(rule.judge(Line.of(held))), how == Holding.STRAP ? Verdict.FAILS : Verdict.HOLDS);
        }
    }

    /** The display's watts over 0.3392 m² of lid and sides: past 55 °C in air of 50, far from it in air of 20. */
    @Test
    public void aShutBoxOverTheDisplay() {
        Line hot = Line.of(FitOutTriggers.shutOverTheDisplay(50));
        Finding finding = new RigReviewer()
                .review(hot).findings().stream()
                        .filter(f -> f.rule().equals("carry.heat-shut-in"))
                        .findFirst()
                        .orElseThrow();
        double watts = finding.text().amounts().get(0).si();
        assertTrue(watts > 5 && watts < 20, "watts " + watts);
        assertEquals(finding.text().amounts().get(1).si(), 50 + watts / (4 * 0.3392), 1e-9);
        Rule rule = Rules.ALL.stream()
                .filter(r -> r.id().equals("carry.heat-shut-in"))
                .findFirst()
                .orElseThrow();
        assertEquals(rule.verdict(rule.judge(Line.of(FitOutTriggers.shutOverTheDisplay(20)))), Verdict.HOLDS);
    }

    /** A box that was not measured asks; one without walls said is taken as thin, and so shown. */
    @Test
    public void whatABoxMissesIsAskedFor() {
        Rig open = FitOutTriggers.boxed(
                box -> box.withOutside(box.outside().withTallM(Figure.UNSET)).withWallM(Figure.UNSET));
        Review review = new RigReviewer().review(Line.of(open));
        Finding asks = review.findings().stream()
                .filter(f -> f.rule().equals("carry.fit.incomplete"))
                .findFirst()
                .orElseThrow();
        assertEquals(asks.pointers(), List.of("/fitOut/boxes/0/outside/tallM"));
        assertEquals(
                asks.text().plain().contains("the height of box in the well"),
                true,
                asks.text().plain());
        assertEquals(
                review.assumed().stream()
                        .filter(each -> each.pointer().equals("/fitOut/boxes/0/wallM"))
                        .count(),
                1);
    }
}
