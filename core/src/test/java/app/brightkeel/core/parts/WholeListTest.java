package app.brightkeel.core.parts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.WholeList.Row;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.PartsOf;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Purse;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.WantedView;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Everything that a plan names stands in the whole list, with what it comes to. */
public class WholeListTest {

    /** What is no thing to have: ways, places, phases, packs to compare with, and what is part of a thing. */
    private static final Set<PartKind> NO_THINGS = EnumSet.of(
            PartKind.RUN,
            PartKind.ON_HAND,
            PartKind.PHASE,
            PartKind.STATION,
            PartKind.PASSAGE,
            PartKind.OBSTRUCTION,
            PartKind.KEPT_ROOM,
            PartKind.BEAM,
            PartKind.RIB,
            PartKind.EXIT,
            PartKind.POCKET);

    @DataProvider
    public Object[][] rigs() {
        return Stream.of(
                        DemoRigs.all(),
                        TestRigs.all(),
                        DemoRigs.all().stream().map(EveryList::in).toList())
                .flatMap(List::stream)
                .map(rig -> new Object[] {rig})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "rigs")
    public void noNamedPartIsForgotten(Rig rig) {
        Set<String> listed = new HashSet<>();
        Set<String> own = new HashSet<>();
        for (Row row : WholeList.of(Line.of(rig))) {
            row.ids().forEach(id -> listed.add(id.replaceAll("/.*", "")));
            assertFalse(row.name().plain().isBlank(), row.toString());
            assertTrue(row.amount().si() > 0, row.toString());
            // what a person says of a line is kept by its id
            assertTrue(row.usual() || row.ids().size() == 1 && own.add(row.ids().get(0)), "twice: " + row);
        }
        for (PartKind kind : EnumSet.complementOf(EnumSet.copyOf(NO_THINGS))) {
            for (String id : PartsOf.of(rig).getOrDefault(kind, Set.of())) {
                assertTrue(listed.contains(id), rig.name() + ": " + kind + " " + id + " is in no list");
            }
        }
    }

    private static Rig said(Rig rig, Having having, double price) {
        String origin = rig.devices().get(0).origin();
        String device = rig.devices().get(0).id();
        return rig.withPurse(
                new Purse(Figure.UNSET, List.of(new Purchase(device, "", origin, having, Figure.chosen(price), ""))));
    }

    private static double toBuy(Rig rig) {
        return Bill.of(WholeList.of(Line.of(rig)), Figure.UNSET).toBuy();
    }

    /** What is on hand or comes with something costs nothing; what nobody said is not there yet. */
    @Test
    public void onlyWhatIsMissingIsPaid() {
        Rig rig = DemoRigs.oystercatcher();
        double others = toBuy(rig);
        assertEquals(toBuy(said(rig, Having.BUY, 300)), others + 300, 1e-9);
        assertEquals(toBuy(said(rig, Having.UNDECIDED, 300)), others + 300, 1e-9);
        assertEquals(toBuy(said(rig, Having.OWNED, 300)), others, 1e-9);
        assertEquals(toBuy(said(rig, Having.COMES_WITH, 300)), others, 1e-9);
    }

    /** Of another display in its place nothing was said. */
    @Test
    public void anotherThingInItsPlaceIsNotOwned() {
        Rig owned = said(DemoRigs.oystercatcher(), Having.OWNED, 300);
        Rig other = owned.with(owned.devices().get(0).withOrigin("display-9-in"));
        assertEquals(having(owned), Having.OWNED);
        assertEquals(having(other), Having.UNDECIDED);
        assertEquals(having(owned.with(owned.devices().get(0).withName("mine"))), Having.OWNED);
    }

    private static Having having(Rig rig) {
        return WholeList.of(Line.of(rig)).stream()
                .filter(row -> row.ids().contains(rig.devices().get(0).id()))
                .findFirst()
                .orElseThrow()
                .having();
    }

    /** What comes in the box of another part says so, and that part says what comes with it. */
    @Test
    public void whatComesWithWhat() {
        Rig rig = DemoRigs.oystercatcher();
        String display = rig.devices().get(0).id();
        Transducer transducer = rig.transducers().get(0);
        Rig kit = rig.withPurse(new Purse(
                Figure.UNSET,
                List.of(new Purchase(
                        transducer.id(), "", transducer.origin(), Having.COMES_WITH, Figure.UNSET, display))));
        assertEquals(
                note(kit, transducer.id()),
                "in the box of the " + rig.devices().get(0).name());
        assertTrue(note(kit, display).startsWith("with it come: " + transducer.name()), note(kit, display));
        assertTrue(Bill.of(WholeList.of(Line.of(kit)), Figure.UNSET).toBuy() <= toBuy(rig));
        // what it came with is gone: it still came with something
        Rig without = kit.without(PartKind.DEVICE, display);
        assertEquals(without.purse().purchases().get(0).cameWith(), "");
    }

    private static String note(Rig rig, String id) {
        return WholeList.of(Line.of(rig)).stream()
                .filter(row -> row.ids().equals(List.of(id)))
                .findFirst()
                .orElseThrow()
                .note();
    }

    /** By hand: a nest for 151 × 98 with a battery of 139 × 98 in it wants 12 mm. */
    @Test
    public void aNestTooLargeWantsASpacer() {
        Rig rig = DemoRigs.oystercatcher();
        Pack pack = rig.harness().packs().get(0);
        Size nest = new Size(Figure.measured(0.151), Figure.measured(0.098), Figure.measured(0.095));
        Rig small = rig.with(pack.withSize(nest.withDeepM(Figure.measured(0.139))))
                .with(rig.placeOf(pack.id())
                        .orElseThrow()
                        .withHeld(Held.UNKNOWN.with(h -> h.how(Holding.NEST).tried(nest))));
        assertEquals(spacers(small), List.of("spacer of 12 mm in the nest of " + pack.name()));
        assertEquals(spacers(small.with(pack.withSize(nest))), List.of());
    }

    private static List<String> spacers(Rig rig) {
        return WholeList.of(Line.of(rig)).stream()
                .filter(row -> row.what().equals("spacer"))
                .map(row -> row.name().plain())
                .toList();
    }

    /** By hand: two lines of 60 and 50 against 100 break at the second. */
    @Test
    public void theLineThatBreaksTheBudgetIsNamed() {
        List<Row> rows = Stream.of(row("a", 60, Having.BUY), row("b", 90, Having.OWNED), row("c", 50, Having.UNDECIDED))
                .toList();
        Bill bill = Bill.of(rows, Figure.chosen(100));
        assertEquals(bill.toBuy(), 110, 1e-9);
        assertEquals(bill.breaks().orElseThrow().ids(), List.of("c"));
        assertTrue(Bill.of(rows, Figure.chosen(110)).breaks().isEmpty());
        assertTrue(Bill.of(rows, Figure.UNSET).breaks().isEmpty());
    }

    private static Row row(String id, double price, Having having) {
        return new Row(
                List.of(id),
                "thing",
                Text.of(id),
                new Amount(1, Unit.COUNT),
                having,
                Optional.of(new Amount(price, Unit.MONEY)),
                false,
                "");
    }

    /** What the plan knows is not asked, what it does not is. */
    @Test
    public void questionsFollowWhatIsOpen() {
        Rig rig = DemoRigs.oystercatcher();
        long asked = pins(rig);
        Transducer transducer = rig.transducers().get(0);
        Rig open = rig.with(transducer.withPlug(transducer.plug().withPins(Figure.UNSET)));
        assertEquals(asked, 0);
        assertEquals(pins(open), 1);
        Rig wanted = rig.withOuting(rig.outing().withViews(List.of(WantedView.SIDES)));
        assertEquals(Questions.of(wanted).size(), Questions.of(rig).size() + 1);
    }

    private static long pins(Rig rig) {
        return Questions.of(rig).stream()
                .filter(each -> each.ask().startsWith("How many pins"))
                .count();
    }

    /** What swings over water wants a tether, what sits in the hull or over ice does not. */
    @Test
    public void whatCanBeLostHasATether() {
        Rig rig = DemoRigs.oystercatcher();
        for (MountKind kind : MountKind.values()) {
            Transducer mounted = rig.transducers()
                    .get(0)
                    .withMount(rig.transducers().get(0).mount().withKind(kind));
            Rig settled = Tethers.settled(rig, mounted);
            assertEquals(settled.fitOut().has(ExtraKind.TETHER, mounted.id()), kind.losable(), kind.words());
            assertEquals(Tethers.settled(settled, mounted), settled);
            Transducer inside = mounted.withMount(mounted.mount().withKind(MountKind.IN_HULL));
            assertEquals(Tethers.settled(settled, inside), rig, "taken away again");
        }
        Rig crate = DemoRigs.lanternCrate();
        Transducer arm = crate.transducers().get(0);
        assertFalse(Tethers.wanted(crate, arm.withMount(arm.mount().withKind(MountKind.SWING_ARM))));
    }
}
