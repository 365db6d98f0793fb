package app.brightkeel.core.parts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Crimps;
import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Wires to cut, ends to crimp, things to buy. */
public class HarnessListsTest {

    /** ABYC E-11 pull for a minute [lbf]; colours are common practice, no source. */
    @DataProvider
    public Object[][] crimps() {
        return new Object[][] {
            {18, 10, "red"},
            {16, 15, "red"},
            {14, 30, "blue"},
            {12, 35, "yellow"},
            {10, 40, "yellow"},
            {8, 45, ""},
            {6, 50, ""}
        };
    }

    @Test(dataProvider = "crimps")
    public void pullOfAbycE11(int awg, double pounds, String colour) {
        double area = WireTables.awg(awg).areaMm2();
        assertEquals(Crimps.pullN(area).orElseThrow() / 4.44822, pounds, 0.001);
        assertEquals(Crimps.terminal(area).map(Crimps.Terminal::colour).orElse(""), colour);
    }

    @Test
    public void thinWireHasNoPullAndMetricTakesTheNextThinner() {
        assertTrue(Crimps.pullN(0.5).isEmpty());
        assertEquals(Crimps.pullN(2.5).orElseThrow() / 4.44822, 30, 0.001);
        assertEquals(Crimps.terminal(2.5).orElseThrow().colour(), "blue");
        assertEquals(Crimps.terminal(4).orElseThrow().colour(), "yellow");
    }

    /**
     * Gannet by hand: 18 AWG is 2.0 + 1.2 + 0.8 + 1.5 = 5.5 m, with a tenth more 6.05 m, sold as 6.5 m of each colour; 20 AWG
     * 3 m, 3.3, 3.5 m. Two 5 A blades, one 3 A, one 1 A and the strip, two spares of each; ties at 457 mm: 6 + 4 + 2 + 1 + 3.
     */
    @Test
    public void shoppingForGannet() {
        List<ShoppingList.Item> items = ShoppingList.of(Line.of(DemoRigs.gannet()));
        assertEquals(amount(items, "wire", "red, 0.82 mm², tinned"), 6.5, 0);
        assertEquals(amount(items, "wire", "black, 0.82 mm², tinned"), 6.5, 0);
        assertEquals(amount(items, "wire", "red, 0.52 mm², tinned"), 3.5, 0);
        assertEquals(amount(items, "fuse", "5 A, blade"), 2, 0);
        assertEquals(amount(items, "spare fuse", "5 A, blade"), 4, 0);
        assertEquals(amount(items, "fuse", "10 A, bolt-down strip"), 1, 0);
        // the main strip has its own; the blades of the branches sit in the block
        assertTrue(items.stream().noneMatch(item -> item.item().plain().equals("for a blade")), items.toString());
        assertEquals(amount(items, "fuse holder", "for a bolt-down strip"), 1, 0);
        assertEquals(amount(items, "where wires meet", "fuse block of 6 ways"), 1, 0);
        assertEquals(amount(items, "plug", "quick plug, open-pin half"), 1, 0);
        assertEquals(amount(items, "plug", "quick plug, shrouded half"), 1, 0);
        assertEquals(amount(items, "cable tie or clip", "one every 457 mm"), 16, 0);
        assertEquals(amount(items, "crimp terminal", "red"), 20, 0);
    }

    /** Heavy wire takes bare lugs; a blade in line its own holder. */
    @Test
    public void lugsOfHeavyWire() {
        Rig rig = DemoRigs.oystercatcher();
        Segment lead = rig.harness().segment("lead");
        Rig heavy = rig.with(lead.withWire(lead.wire().withGauge(new Gauge.Awg(8))));
        List<ShoppingList.Item> items = ShoppingList.of(Line.of(heavy));
        // two ends of two wires, and as many at the two halves of the plug in the middle
        assertEquals(amount(items, "lug", "tinned lug, for 8.37 mm²"), 8, 0);
        assertEquals(amount(items, "heat-shrink sleeve", "adhesive, 9.5 mm"), 8, 0);
        assertTrue(items.stream().noneMatch(item -> item.what().equals("crimp terminal")), items.toString());
        assertEquals(amount(items, "fuse holder", "for a blade"), 1, 0);
        assertEquals(ConnectorList.of(Line.of(heavy)).get(1).crimp(), "tinned lug");
    }

    /** By hand: an end spliced on takes two sealed splices in place of two terminals; a plug in the middle four crimps. */
    @Test
    public void splicesAndPlugsInTheMiddle() {
        Rig rig = DemoRigs.oystercatcher();
        Segment thin = rig.harness().segment("lead");
        Segment lead = thin.withWire(thin.wire().withGauge(new Gauge.Awg(16)));
        Rig spliced = rig.with(lead.with(s ->
                s.end(Ending.of(Ending.Terminal.BUTT, Ending.Half.UNDECIDED)).fittings(List.of())));
        String colour = Crimps.terminal(lead.wire().gauge().size().areaMm2())
                .orElseThrow()
                .colour();
        List<ShoppingList.Item> items = ShoppingList.of(Line.of(spliced));
        assertEquals(amount(items, "sealed butt splice", colour), 2, 0);
        assertEquals(amount(items, "crimp terminal", colour), 2, 0);
        Rig joined = rig.with(lead.withFittings(List.of(new Fitting.Joint("mid", "plug", Figure.UNSET))));
        assertEquals(amount(ShoppingList.of(Line.of(joined)), "crimp terminal", colour), 8, 0);
        ConnectorList.End middle = ConnectorList.of(Line.of(joined)).stream()
                .filter(end -> end.partId().equals("mid"))
                .findFirst()
                .orElseThrow();
        assertEquals(middle.crimp(), colour);
    }

    /** Three batteries in series have two jumpers, as thick as the lead that leaves the lowest. */
    @Test
    public void jumpersOfASeries() {
        Rig rig = DemoRigs.oystercatcher();
        Pack first = rig.harness().packs().get(0);
        Rig three = rig.withHarness(rig.harness()
                .withPacks(List.of(
                        first,
                        first.with(p -> p.id("second").onTopOf(first.id())),
                        first.with(p -> p.id("third").onTopOf("second")))));
        double area = rig.harness().segment("lead").wire().gauge().size().areaMm2();
        ShoppingList.Item jumpers = ShoppingList.of(Line.of(three)).stream()
                .filter(item -> item.what().equals("series jumper"))
                .findFirst()
                .orElseThrow();
        assertEquals(jumpers.amount().si(), 2, 0);
        assertEquals(jumpers.item().amounts().get(0).si(), area, 1e-9);
        assertEquals(
                ConnectorList.of(Line.of(three)).stream()
                        .filter(end -> end.end().startsWith("series jumper"))
                        .map(ConnectorList.End::joinedId)
                        .toList(),
                List.of(first.id(), "second"));
    }

    private static double amount(List<ShoppingList.Item> items, String what, String item) {
        return items.stream()
                .filter(each -> each.what().equals(what) && each.item().plain().equals(item))
                .findFirst()
                .orElseThrow(() -> new AssertionError(what + " " + item + " is not among " + items))
                .amount()
                .si();
    }

    /** A plug wider than a hole on the way goes on afterwards; what carries nothing is capped; spares are named as such. */
    @Test
    public void remarksOfTheWireList() {
        Rig rig = DemoRigs.oystercatcher();
        Segment lead = rig.harness().segment("lead");
        Rig wide = rig.with(lead.with(s -> s.end(Ending.of(Ending.Terminal.SCREW_RING_PLUG, Ending.Half.SHROUDED)
                        .withAcrossM(Figure.measured(0.06)))
                .wire(lead.wire().with(w -> w.unused(2).colours("white and blue")))));
        WireList.Cut cut = WireList.of(Line.of(wide)).get(0);
        assertEquals(cut.colours(), "white and blue");
        assertEquals(cut.remarks().size(), 2, cut.remarks().toString());
        assertTrue(cut.remarks().get(1).plain().contains("60 mm goes on after the wire has passed"));
        List<WireList.Cut> gannet = WireList.of(Line.of(DemoRigs.gannet()));
        assertEquals(gannet.size(), 6);
        assertEquals(gannet.get(5).remarks().get(0).plain(), "a spare, joined to nothing");
    }

    /** Every end is listed: the pack, both ends of each wire and spare; the trunk starts with pins, 20 AWG has no pull. */
    @Test
    public void everyEndIsListed() {
        List<ConnectorList.End> ends = ConnectorList.of(Line.of(DemoRigs.gannet()));
        assertEquals(ends.size(), 1 + 2 * 5 + 2);
        assertEquals(ends.get(1).ending(), "quick plug, open-pin half");
        assertTrue(ends.get(1).pull().isEmpty());
        assertEquals(ends.get(3).crimp(), "red");
        assertEquals(ends.get(3).sleeve().orElseThrow().si(), 0.0048, 1e-9);
        assertEquals(ends.get(3).pull().orElseThrow().si(), 10 * 4.44822, 0.001);
    }
}
