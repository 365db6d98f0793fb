package app.brightkeel.core.build;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.ClosureKind;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a person said that shuts: off first, on last, the inner before the outer, every screw counted; handbook §11. */
public class ClosuresTest {

    private static final double CELSIUS = 15;

    private static Closure closure(String id, ClosureKind kind, List<String> stations, List<String> parts) {
        return Closure.blank(id, id)
                .with(each -> each.kind(kind).stations(stations).parts(parts).there(true));
    }

    private static Rig with(Rig rig, Closure... closures) {
        return rig.withFitOut(rig.fitOut().withClosures(List.of(closures)));
    }

    private static List<String> order(Rig rig) {
        BuildPlan plan = BuildPlan.of(Line.of(rig), Workshop.usual("2026-12-04", "Europe/Oslo"));
        return plan.steps().stream().map(Step::id).toList();
    }

    @DataProvider
    public Object[][] pairs() {
        Rig gannet = BuildSheetTest.demo("gannet");
        Rig reedling = BuildSheetTest.demo("reedling");
        Closure foam = closure("foam", ClosureKind.FOAM, List.of("floor-aft"), List.of());
        Closure seat = closure("seat", ClosureKind.SEAT, List.of("floor-aft"), List.of());
        // a foam that was said to lie over the seat does so, whatever foam usually does
        Closure over = closure("foam", ClosureKind.FOAM, List.of("floor-aft"), List.of("seat"));
        return new Object[][] {
            // rig, first, later; the plate is under the seat, and over the hull
            {gannet, "open.seat", "open.stern-plate"},
            {gannet, "open.stern-plate", "route.trunk"},
            {gannet, "open.stern-plate", "pass.through-hull"},
            {gannet, "seal.through-hull", "shut.stern-plate"},
            {gannet, "route.trunk", "shut.stern-plate"},
            {gannet, "see.views", "shut.stern-plate"},
            {gannet, "shut.stern-plate", "pinch.stern-plate"},
            {gannet, "pinch.stern-plate", "shut.seat"},
            {gannet, "count.fasteners", "shut.stern-plate"},
            {with(reedling, seat, foam), "shut.foam", "shut.pod"},
            {with(reedling, seat, foam), "pinch.foam", "shut.pod"},
            {with(reedling, seat, foam), "pinch.pod", "shut.seat"},
            {with(reedling, seat, foam), "shut.pod", "shut.seat"},
            {with(reedling, seat, foam), "open.seat", "open.foam"},
            {with(reedling, seat, over), "shut.seat", "shut.foam"},
            {with(reedling, seat, over), "open.foam", "open.seat"},
        };
    }

    @Test(dataProvider = "pairs")
    public void oneComesBeforeTheOther(Rig rig, String first, String later) {
        List<String> at = order(rig);
        assertTrue(at.contains(first) && at.contains(later), first + ", " + later + " of " + at);
        assertTrue(at.indexOf(first) < at.indexOf(later), first + " is not before " + later);
    }

    /** Asked of what was said alone: nothing is done at a place or to a part after it was shut away, nor before it was opened. */
    @Test
    public void nothingIsDoneUnderWhatIsShut() {
        int under = 0;
        for (Rig demo : DemoRigs.all()) {
            Rig rig = EveryList.in(demo);
            BuildPlan plan = BuildPlan.of(Line.of(rig), Workshop.usual("2026-12-04", "Europe/Oslo"));
            List<String> at = order(rig);
            for (Closure each : rig.fitOut().closures()) {
                int shut = at.indexOf(StepKind.SHUT.of(each.id()));
                int open = at.indexOf(StepKind.OPEN.of(each.id()));
                for (Step step : plan.steps()) {
                    boolean hidden = step.kind().chapter() != Chapter.AFLOAT
                            && (step.places().stream().anyMatch(each.stations()::contains)
                                    || step.parts().stream().anyMatch(each.parts()::contains));
                    // cord and travel are tried with the guard on
                    if (hidden && step.kind() != StepKind.CYCLE) {
                        under++;
                        int when = at.indexOf(step.id());
                        assertTrue(
                                when < shut, rig.name() + ": " + step.id() + " after the " + each.name() + " is shut");
                        assertTrue(
                                when > open, rig.name() + ": " + step.id() + " before the " + each.name() + " is off");
                    }
                }
            }
        }
        assertTrue(under > 100, under + " steps under something");
    }

    /** Six came off, six go back; the kit has five of that size. */
    @Test
    public void screwsAreCounted() {
        BuildSheet sheet = BuildSheet.of(Line.of(BuildSheetTest.demo("gannet")), CELSIUS);
        assertTrue(
                says(sheet, "count.fasteners").contains("6 wanted, 5 there, 1 to be had."),
                says(sheet, "count.fasteners"));
        assertTrue(says(sheet, "open.stern-plate").contains("Count what comes out, into the tray: 6."));
        assertEquals(
                see(sheet, "shut.stern-plate", "screws"), "6 went back, as many as came off, and the tray is empty");
        assertEquals(
                see(sheet, "shut.stern-plate", "seated"), "flush all round by feel, before the first screw goes in");
        assertEquals(see(sheet, "shut.seat", "under"), "under it: the rudder cord is tied again");
        assertTrue(check(sheet, "shut.seat", "screws").isEmpty());
    }

    private static String says(BuildSheet sheet, String step) {
        return sheet.step(step).orElseThrow().says().toString();
    }

    private static Optional<Check> check(BuildSheet sheet, String step, String id) {
        return sheet.step(step).orElseThrow().checks().stream()
                .filter(each -> each.id().equals(id))
                .findFirst();
    }

    private static String see(BuildSheet sheet, String step, String id) {
        return check(sheet, step, id).orElseThrow().see().plain();
    }

    /** An own order that shuts too early is named with what it blocks. */
    @Test
    public void whatIsShutTooEarlyIsNamed() {
        BuildGraph graph = new BuildGraph(BuildSheet.of(Line.of(BuildSheetTest.demo("gannet")), CELSIUS));
        List<String> order = new ArrayList<>(WorkOrder.of(graph));
        order.remove("route.trunk");
        order.add(order.indexOf("shut.stern-plate") + 1, "route.trunk");
        assertTrue(OrderJudged.of(graph, order).broken().stream()
                .anyMatch(each -> each.sort() == Need.Sort.CLOSES
                        && each.after().equals("shut.stern-plate")
                        && each.before().equals("route.trunk")
                        && each.why().equals("the plate of the stern hatch shuts away what has to be got at")));
    }

    /** Two that lie over each other, one over itself, three in a ring: refused by their names. */
    @Test
    public void ringsAreRefused() {
        Rig rig = DemoRigs.all().get(0);
        List<List<Closure>> rings = List.of(
                List.of(over("a", "a")),
                List.of(over("a", "b"), over("b", "a")),
                List.of(over("x", "a"), over("a", "b"), over("b", "c"), over("c", "a")));
        List<String> told =
                List.of("\"a\" over \"a\"", "\"a\" over \"b\" over \"a\"", "\"a\" over \"b\" over \"c\" over \"a\"");
        for (int i = 0; i < rings.size(); i++) {
            List<Closure> ring = rings.get(i);
            Refusal refusal = null;
            try {
                rig.fitOut().withClosures(ring);
            } catch (Refusal each) {
                refusal = each;
            }
            assertEquals(Optional.ofNullable(refusal).map(Refusal::value).orElse("let in"), told.get(i));
        }
        rig.fitOut().withClosures(List.of(over("a", "b"), over("b", "c"), over("c", "d"), over("d", "")));
        assertThrows(Refusal.class, () -> with(rig, over("a", "nothing-of-that-name")));
    }

    private static Closure over(String id, String under) {
        return Closure.blank(id, id).withParts(under.isEmpty() ? List.of() : List.of(under));
    }

    /** A cover over the battery: off before it is unplugged or lifted, on again after, and after the look in the car park. */
    @Test
    public void whatComesOffIsUncoveredFirst() {
        Rig gannet = with(
                BuildSheetTest.demo("gannet"),
                closure("net", ClosureKind.STRAP, List.of(), List.of("cover")),
                closure("cover", ClosureKind.COVER, List.of("stern-well"), List.of()));
        ApartSheet strip = ApartSheet.of(Line.of(gannet), Apart.STRIP);
        ApartSheet park = ApartSheet.of(Line.of(gannet), Apart.CAR_PARK);
        assertBefore(strip, "off.rig", "open.net", "open.cover", "unplug.trunk", "lift.pack", "shut.cover", "shut.net");
        assertBefore(
                park, "open.net", "open.cover", "put-on.pack", "plug.trunk", "power.rig", "shut.cover", "shut.net");
        ApartSheet without = ApartSheet.of(Line.of(with(gannet)), Apart.STRIP);
        assertEquals(strip.straps(), without.straps() + 1);
        assertTrue(strip.minutes() > without.minutes());
        assertFalse(without.order().contains("open.cover"));
        // charged where it lies it is covered again; taken out for it, it is not
        ApartSheet charge = ApartSheet.of(
                Line.of(with(
                        BuildSheetTest.demo("lantern"),
                        closure("cover", ClosureKind.COVER, List.of("floor-right"), List.of()))),
                Apart.CHARGE);
        assertBefore(charge, "off.rig", "open.cover", "lift.pack");
        assertFalse(charge.order().contains("shut.cover"), charge.order().toString());
    }

    /** Foam over a tray over a seat, at one place: what was said comes before what usually lies over what, and no ring is made. */
    @Test
    public void whatWasSaidComesBeforeWhatIsUsual() {
        Rig rig = with(
                BuildSheetTest.demo("lantern"),
                closure("foam", ClosureKind.FOAM, List.of("floor-right"), List.of("tray")),
                closure("tray", ClosureKind.TRAY, List.of("floor-right"), List.of("seat")),
                closure("seat", ClosureKind.SEAT, List.of("floor-right"), List.of()));
        assertBefore(
                ApartSheet.of(Line.of(rig), Apart.STRIP),
                "open.foam",
                "open.tray",
                "open.seat",
                "lift.pack",
                "shut.seat",
                "shut.tray",
                "shut.foam");
        assertTrue(
                new BuildGraph(BuildSheet.of(Line.of(rig), CELSIUS)).anyOrder().size() > 6);
    }

    private static void assertBefore(ApartSheet sheet, String... ids) {
        for (int i = 1; i < ids.length; i++) {
            int first = sheet.order().indexOf(ids[i - 1]);
            assertTrue(
                    first >= 0 && first < sheet.order().indexOf(ids[i]),
                    ids[i - 1] + " before " + ids[i] + " in " + sheet.order());
        }
    }

    /** Ids of a craft's places are its own: a box, a cover and a hatch may bear the same. */
    @Test
    public void placesMayBearTheIdOfParts() {
        for (Rig demo : DemoRigs.all()) {
            List<String> ids =
                    demo.craft().stations().stream().map(each -> each.id()).toList();
            Closure[] covers = ids.stream()
                    .limit(20)
                    .map(id -> closure(id, ClosureKind.COVER, List.of(id), List.of()))
                    .toArray(Closure[]::new);
            BuildSheet sheet = BuildSheet.of(Line.of(with(demo, covers)), CELSIUS);
            assertTrue(new BuildGraph(sheet).anyOrder().size() > covers.length);
        }
    }
}
