package app.brightkeel.core.station;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.build.Step;
import app.brightkeel.core.build.StepKind;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Taking;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StationTest {

    /** Both rigs with these parts as pieces that they share, wherever each has one of the same kind. */
    private record Pair(Rig from, Rig to) {

        static Pair sharing(Rig from, Rig to, List<ItemKind> kinds) {
            Rig one = from;
            Rig other = to;
            int number = 0;
            for (ItemKind kind : kinds) {
                Optional<RigThings.There> mine = first(one, kind);
                Optional<RigThings.There> theirs = first(other, kind);
                if (mine.isPresent() && theirs.isPresent()) {
                    Item item = new Item(
                            "item-" + number++,
                            mine.get().name(),
                            mine.get().thing(),
                            "",
                            "",
                            Figure.UNSET,
                            Figure.UNSET,
                            "");
                    one = Taking.marked(one, mine.get(), item);
                    other = Taking.marked(other, theirs.get(), item);
                }
            }
            return new Pair(one, other);
        }

        private static Optional<RigThings.There> first(Rig rig, ItemKind kind) {
            return RigThings.of(rig).stream()
                    .filter(there -> there.thing().kind() == kind)
                    .findFirst();
        }
    }

    private static final List<ItemKind> KITTIWAKE = List.of(ItemKind.DISPLAY, ItemKind.PACK, ItemKind.CHARGER);

    private static Pair kittiwake() {
        return Pair.sharing(DemoRigs.kittiwakeKayak(), DemoRigs.kittiwake(), KITTIWAKE);
    }

    private static List<String> names(Conversion conversion, Whereabouts where) {
        return conversion.at(where).stream().map(Conversion.Thing::name).toList();
    }

    /** By hand from the two rigs (our own invention, handbook §18): what both have as pieces travels, the rest is where it is. */
    @Test
    public void kittiwakeGoesToTheCrate() {
        Pair pair = kittiwake();
        Conversion all = Conversion.of(pair.from(), pair.to());
        assertEquals(
                names(all, Whereabouts.TRAVELS),
                List.of("5-in display", "10 Ah LiFePO4 of the kayak", "charger of the kayak"));
        // the ice transducer is still to be bought, and nothing holds the display on the crate
        assertEquals(names(all, Whereabouts.MISSING), List.of("10°/22° ice dual cone", "float in the hole"));
        assertEquals(names(all, Whereabouts.IN_BOTH), List.of("supply lead of the kayak"));
        assertEquals(
                names(all, Whereabouts.STAYS_HERE),
                List.of("20° single cone", "clamp bar", "clamp on a gunwale or board"));
        assertEquals(names(all, Whereabouts.STAYS_THERE), List.of("spare lead of the kayak"));

        Swap swap = Swap.of(Line.of(pair.from()), Line.of(pair.to()), all);
        assertEquals(
                plain(swap.set()),
                List.of(
                        "Transducer of the 5-in display: from 20° single cone (single cone) to 10°/22° ice dual cone"
                                + " (ice cone, hangs level)",
                        "View: the flasher or the vertical one; the depth from the ice, not from a keel"));
        assertEquals(swap.carried(), List.of("charger of the kayak"));
        // two leads at the display, one of them to the battery: two plugs here, and two there
        assertEquals(swap.here().plugs(), 2);
        assertEquals(swap.there().plugs(), 2);
        assertTrue(swap.minutes() > 3 && swap.minutes() < 20, swap.minutes() + " min");
    }

    private static List<String> plain(List<Text> texts) {
        return texts.stream().map(Text::plain).toList();
    }

    /** A second lead pulls no plug less: what travels has two ends. A second display or battery does. */
    @Test
    public void aSecondOneSavesWhatTheSheetWouldNotHave() {
        Pair pair = kittiwake();
        Line from = Line.of(pair.from());
        Line to = Line.of(pair.to());
        Conversion all = Conversion.of(pair.from(), pair.to());
        List<Second> seconds =
                Second.of(from, to, all, item -> item.equals("item-1") ? Figure.chosen(95) : Figure.UNSET);
        assertEquals(seconds.size(), 3);
        Swap whole = Swap.of(from, to, all);
        for (Second each : seconds) {
            assertTrue(each.savesMin() <= whole.minutes() && each.plugs() <= whole.plugs(), each.toString());
            assertFalse(each.why().plain().isEmpty());
        }
        Second charger = seconds.get(2);
        assertEquals(charger.kind(), ItemKind.CHARGER);
        assertEquals(charger.savesMin(), 0.0);
        assertEquals(charger.plugs(), 0);
        assertEquals(
                seconds.stream()
                        .filter(each -> each.kind() == ItemKind.PACK)
                        .map(Second::price)
                        .toList(),
                List.of(Figure.chosen(95)));
        // were all of them doubled, nothing would be left to do
        assertEquals(Swap.of(from, to, List.of()).minutes(), 0.0);
    }

    /** A power lead of one's own costs what it is made of: both wires of its gauge, two terminals and its fuse. */
    @Test
    public void aSecondPowerLeadIsPricedByItsGauge() {
        Pair pair = Pair.sharing(DemoRigs.kittiwakeKayak(), DemoRigs.kittiwake(), List.of(ItemKind.LEAD));
        Line from = Line.of(pair.from());
        Line to = Line.of(pair.to());
        List<Second> seconds = Second.of(from, to, Conversion.of(pair.from(), pair.to()), item -> Figure.UNSET);
        assertEquals(seconds.size(), 1);
        // 1.5 m of 18 AWG, 0.823 mm²: between 1.0 and 1.4 a metre; a terminal 0.4, a blade fuse with its holder 3
        assertEquals(seconds.get(0).price().value(), 1.5 * (1.0 + 0.4 * 0.023 / 0.5) + 2 * 0.4 + 3, 0.01);
    }

    /** The handbook's two faults of that conversion stand where it is asked whether the gear fits there. */
    @Test
    public void whatDoesNotFitThereIsTold() {
        List<FitThere> fits = FitThere.of(Line.of(kittiwake().to()), new RigReviewer());
        List<String> bad = fits.stream()
                .filter(each -> each.verdict() != Verdict.HOLDS)
                .map(FitThere::what)
                .toList();
        assertEquals(bad, List.of("plug of its power", "slot"));
        assertEquals(fits.size(), 4);
    }

    @DataProvider
    public Object[][] pairs() {
        return DemoRigs.all().stream()
                .flatMap(from -> DemoRigs.all().stream()
                        .filter(to -> !to.name().equals(from.name()))
                        .map(to -> new Object[] {from, to}))
                .toArray(Object[][]::new);
    }

    /** Of whatever pair with everything shared that both have: off first, plugs before lifting, set before plugged, on last. */
    @Test(dataProvider = "pairs")
    public void everyPairIsSwappedInOrder(Rig from, Rig to) {
        Pair pair = Pair.sharing(from, to, List.of(ItemKind.values()));
        Conversion all = Conversion.of(pair.from(), pair.to());
        // each part of both once
        long here = all.things().stream().filter(each -> !each.here().isEmpty()).count();
        long there =
                all.things().stream().filter(each -> !each.there().isEmpty()).count();
        assertEquals(here, gear(pair.from()));
        assertEquals(there, gear(pair.to()));
        Swap swap = Swap.of(Line.of(pair.from()), Line.of(pair.to()), all);
        List<Step> off = ordered(swap.here().order(), swap.here().sheet().steps());
        List<Step> on = ordered(swap.there().order(), swap.there().sheet().steps());
        if (!off.isEmpty()) {
            assertEquals(off.get(0).kind(), StepKind.OFF);
        }
        for (Step lift : off) {
            if (lift.kind() == StepKind.LIFT) {
                assertTrue(
                        off.stream()
                                .filter(step -> step.kind() == StepKind.UNPLUG)
                                .filter(step -> swap.here().sheet().needs().stream()
                                        .anyMatch(need -> need.before().equals(step.id())
                                                && need.after().equals(lift.id())))
                                .allMatch(step -> off.indexOf(step) < off.indexOf(lift)),
                        from.name());
            }
        }
        if (!on.isEmpty()) {
            assertTrue(on.stream().anyMatch(step -> step.kind() == StepKind.POWER), "it is switched on and looked at");
        }
        // what stays is not touched
        String travels =
                all.at(Whereabouts.TRAVELS).stream().map(Conversion.Thing::here).collect(Collectors.joining(" "));
        for (Step step : off) {
            if (step.kind() == StepKind.LIFT) {
                assertTrue(List.of(travels.split(" ")).contains(step.subject()), step.subject());
            }
        }
        Second.of(Line.of(pair.from()), Line.of(pair.to()), all, item -> Figure.UNSET);
        FitThere.of(Line.of(pair.to()), new RigReviewer());
    }

    private static long gear(Rig rig) {
        return RigThings.of(rig).stream()
                .filter(each -> each.thing().kind() != ItemKind.CRAFT)
                .filter(each ->
                        rig.onHand().stream().noneMatch(pack -> pack.id().equals(each.part())))
                .count();
    }

    private static List<Step> ordered(List<String> order, List<Step> steps) {
        return order.stream()
                .flatMap(id -> steps.stream().filter(step -> step.id().equals(id)))
                .toList();
    }

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** On every ready craft, and with every display: the gear is the same, and everything is placed anew or asked for. */
    @Test(dataProvider = "rigs")
    public void aRigForAnotherCraft(Rig rig) {
        List<Device> displays = Catalogue.devices().stream()
                .filter(each -> each.kind().display())
                .toList();
        Catalogue.crafts().forEach(item -> {
            Rig other = AnotherRig.of(rig, Optional.of(item.craft()), Optional.empty(), "another");
            assertEquals(other.craft().kind(), item.craft().kind());
            assertEquals(other.devices().size() >= rig.devices().size(), true, item.name());
            assertEquals(other.name(), "another");
            assertEquals(
                    other.transducers().stream().map(each -> each.name()).toList(),
                    rig.transducers().stream().map(each -> each.name()).toList());
            new RigReviewer().review(Line.of(other));
            // the same display and transducer over ice show otherwise all the same
            Pair pair = Pair.sharing(rig, other, List.of(ItemKind.DISPLAY, ItemKind.TRANSDUCER));
            Conversion shared = Conversion.of(pair.from(), pair.to());
            boolean travels = shared.at(Whereabouts.TRAVELS).stream().anyMatch(each -> each.kind() == ItemKind.DISPLAY);
            assertEquals(
                    Swap.of(Line.of(pair.from()), Line.of(pair.to()), shared).set().stream()
                            .anyMatch(each -> each.plain().startsWith("View: ")),
                    travels && rig.craft().kind().onIce() != item.craft().kind().onIce(),
                    rig.name() + " to " + item.name());
        });
        for (Device display : displays) {
            Rig other = AnotherRig.of(rig, Optional.empty(), Optional.of(display), "another");
            boolean had = rig.devices().stream().anyMatch(each -> each.kind().display());
            assertEquals(other.devices().stream().anyMatch(each -> each.name().equals(display.name())), had);
        }
    }

    /** Of every rig something is told of its line, its parts, its build and its care; and what is not ready says why. */
    @Test(dataProvider = "rigs")
    public void whatIsLookedAtBeforeADayOut(Rig rig) {
        List<Ready> all = Ready.of(Line.of(rig), new RigReviewer(), LocalDate.parse("2026-12-05"), List.of(), 3, 40);
        assertEquals(
                all.stream()
                        .map(Ready::what)
                        .filter(what -> !what.equals("hours"))
                        .toList(),
                List.of("line", "parts", "build", "care"));
        boolean fails = new RigReviewer()
                .review(Line.of(rig)).findings().stream()
                        .anyMatch(each -> each.verdict() == Verdict.FAILS && !each.putAside());
        assertEquals(all.get(0).ready(), !fails);
        assertTrue(all.stream().noneMatch(each -> each.says().plain().isBlank()));
        assertEquals(
                Stream.of(all.get(all.size() - 2))
                        .map(each -> each.says().plain())
                        .toList(),
                List.of("3 of 40 steps of the sheet are ticked"));
    }
}
