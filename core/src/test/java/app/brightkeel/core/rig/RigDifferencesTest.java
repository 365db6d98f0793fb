package app.brightkeel.core.rig;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.whole.Nudge;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RigDifferencesTest {

    private static final Rig RIG = DemoRigs.oystercatcher();

    private static Pack pack(Rig rig) {
        return rig.harness().packs().get(0);
    }

    private static Transducer chirp(Rig rig) {
        return rig.transducers().get(0);
    }

    private static Segment lead(Rig rig) {
        return rig.harness().segments().get(0);
    }

    private static UnaryOperator<Rig> lead(UnaryOperator<Segment> change) {
        return rig -> rig.with(change.apply(lead(rig)));
    }

    private static UnaryOperator<Rig> wire(UnaryOperator<Wire> change) {
        return lead(lead -> lead.withWire(change.apply(lead.wire())));
    }

    /** One edit each, and the one sentence it is told in. */
    @DataProvider
    public Object[][] edits() {
        Device second = RIG.devices().get(0).withId("second").withName("5-in display");
        return new Object[][] {
            edit(r -> r.withName("Dunlin"), "“Oystercatcher, estuary autumn” is now called “Dunlin”."),
            edit(
                    r -> r.with(pack(r).withCapacityAh(Figure.rated(10))),
                    "Capacity of 12 Ah LiFePO4: 12.0 Ah → 10.0 Ah."),
            edit(r -> r.with(pack(r).withTempC(Figure.chosen(-4))), "Temperature of 12 Ah LiFePO4: open → −4 °C."),
            edit(r -> r.with(pack(r).withMassKg(Figure.measured(1.5))), "Mass of 12 Ah LiFePO4: 1.5 kg, now measured."),
            edit(r -> r.with(pack(r).withChemistry(Chemistry.AGM)), "Chemistry of 12 Ah LiFePO4: LiFePO4 → AGM lead."),
            edit(
                    r -> r.with(pack(r).withLabel(PackLabel.UNKNOWN.withPrice(Figure.chosen(90)))),
                    "Price of 12 Ah LiFePO4: open → 90."),
            edit(
                    r -> r.with(pack(r).withKeeping(new Keeping(Figure.measured(0.02), ""))),
                    "Drain with everything off of 12 Ah LiFePO4: open → 20 mA."),
            edit(r -> r.withOnHand(List.of(pack(r).withId("own").withName("old one"))), "Old one was added."),
            edit(
                    r -> r.withChargers(List.of(new Charger(
                            "charger", "slow charger", Chemistry.LIFEPO4, 1, Figure.rated(2), "pack", "", false))),
                    "Slow charger was added."),
            edit(
                    r -> r.withNetwork(r.network().withShares(List.of(Shared.SONAR))),
                    "What is shared: none → sonar pictures."),
            edit(
                    r -> r.withSchools(r.schools().withBattery(Schools.Battery.SHUTTLE)),
                    "Battery that stays or travels: no preference → a battery that goes from craft to craft."),
            edit(
                    r -> r.withSharing(r.sharing().withTransport(Transport.ROOF)),
                    "How the craft comes to the water: not said → on a car's roof."),
            edit(
                    r -> r.withOuting(r.outing().withViews(List.of(WantedView.SIDES))),
                    "What is to be seen: none → pictures to both sides."),
            edit(r -> r.withOuting(r.outing().withDayH(Figure.chosen(8))), "Length of the day: open → 8 h 00."),
            edit(r -> r.with(pack(r).withName("stern battery")), "“12 Ah LiFePO4” is now called “stern battery”."),
            edit(wire(w -> w.withGauge(new Gauge.Awg(18))), "Gauge of supply lead: 0.33 mm² → 0.82 mm²."),
            edit(wire(w -> w.withTinned(true)), "Tinned strands of supply lead: no → yes."),
            edit(wire(w -> w.withTwisted(false)), "Twisting of supply lead: yes → no."),
            edit(wire(w -> w.withColours("white and blue")), "Colours of supply lead: none → white and blue."),
            edit(wire(w -> w.withUnused(2)), "Unused conductors of supply lead: 0 → 2."),
            edit(
                    lead(l -> l.withStart(Ending.of(Ending.Terminal.QUICK_PLUG, Ending.Half.OPEN_PINS))),
                    "Start of supply lead: not known → quick plug, open-pin half."),
            edit(
                    lead(l -> l.withEnd(l.end().withPins(Figure.measured(4)))),
                    "Pins of the plug of supply lead: open → 4."),
            edit(
                    r -> r.with(pack(r).withEnding(Ending.of(Ending.Terminal.POST, Ending.Half.UNDECIDED))),
                    "Terminals of 12 Ah LiFePO4: not known → post with a ring."),
            edit(
                    r -> r.withHarness(r.harness()
                            .withSpares(List.of(r.harness()
                                    .segments()
                                    .get(0)
                                    .with(s -> s.id("spare").name("spare lead").fittings(List.of()))))),
                    "Spare lead was added."),
            edit(wire(w -> w.withLengthM(Figure.UNSET)), "Length of supply lead: 3.20 m → open."),
            edit(lead(l -> l.withFittings(l.fittings().subList(0, 1))), "Quick plug was taken out."),
            edit(
                    lead(l -> l.with(((Fitting.Fuse) l.fittings().get(0)).withRatingA(Figure.rated(3)))),
                    "Rating of main fuse: 5 A → 3 A."),
            edit(
                    lead(l -> l.withFittings(
                            List.of(l.fittings().get(1), l.fittings().get(0)))),
                    "Another order: quick plug, main fuse."),
            edit(r -> r.withDevices(List.of(r.devices().get(0), second)), "5-in display was added."),
            edit(
                    r -> r.with(r.devices().get(0).withKind(DeviceKind.DISPLAY_9_IN)),
                    "Kind of 7-in chirp display: 7-in display → 9-in display."),
            edit(
                    r -> r.with(r.devices().get(0).withDraw(new Draw.Undecided())),
                    "Draw of 7-in chirp display: split → undecided."),
            edit(
                    r -> r.withCraft(r.craft().withKind(CraftKind.CANOE)),
                    "Kind of the craft: sit-on-top paddle kayak → canoe."),
            edit(
                    r -> r.withOuting(r.outing().withWater(r.outing().water().withMostM(Figure.chosen(12)))),
                    "Deepest depth of the water: 9 m → 12 m."),
            edit(
                    r -> r.withOuting(r.outing().withWater(r.outing().water().withKind(WaterKind.SEA))),
                    "Kind of the water: brackish water → sea water."),
            edit(
                    r -> r.with(chirp(r).withMount(chirp(r).mount().withStation("scupper-fore-left"))),
                    "Place of 24° chirp cone: scupper, aft left → scupper, fore left."),
            edit(
                    r -> r.with(chirp(r).withLead(chirp(r).lead().withExtensionM(Figure.rated(3)))),
                    "Extension of 24° chirp cone: open → 3.00 m."),
            edit(
                    r -> r.with(r.runOf("lead").orElseThrow().withLegs(List.of("well-to-deck", "past-seat"))),
                    "Way through the craft of the cable of supply lead: from the well to the stern hatch, stern hatch lip, "
                            + "cable port by the left foot, up to the left rail → from the well to the seat, past the seat "
                            + "over the deck."),
            edit(
                    r -> r.with(new Placement("pack", "bow-hatch", true)),
                    "Place of the place of 12 Ah LiFePO4: stern well → bow hatch."),
            edit(
                    r -> r.withAngler(r.angler().withMassKg(Figure.measured(90))),
                    "Mass of the angler: 82.0 kg → 90.0 kg."),
            edit(
                    r -> r.withSchools(r.schools().withScreen(Schools.Screen.FORWARD)),
                    "Where the screen stands: no preference → ahead, on the centre line."),
            edit(
                    r -> r.with(r.runOf("lead")
                            .orElseThrow()
                            .withTravels(List.of(new Travel(Moves.SEAT, Figure.measured(0.2), Figure.UNSET, false)))),
                    "What moves on its way of the cable of supply lead: none → seat."),
            edit(
                    r -> r.with(r.runOf("transducer").orElseThrow().withThrough(List.of("keel-way"))),
                    "Passages it has to take of the cable of 24° chirp cone: open → along the keel."),
            edit(
                    r -> r.with(r.runOf("transducer").orElseThrow().withCoilAt("bow-hatch")),
                    "Place of the coil of the cable of 24° chirp cone: none → bow hatch."),
            edit(
                    r -> r.with(r.placeOf("pack").orElseThrow().withHeld(Held.UNKNOWN.withHow(Holding.STRAP))),
                    "Way of holding of the place of 12 Ah LiFePO4: not said → under a strap."),
            edit(
                    r -> r.withFitOut(r.fitOut()
                            .withBallast(List.of(new Ballast("w", "stone", Figure.measured(2), "bow-hatch")))),
                    "Stone was added."),
            edit(
                    r -> r.withFitOut(
                            r.fitOut().withPassThroughs(List.of(new PassThroughStock(PassThrough.GROMMET, 2)))),
                    "Pass-throughs at home: none → 2 × rubber grommet."),
            edit(
                    r -> r.withFitOut(r.fitOut().withBoards(Boards.NONE.withKerfM(Figure.measured(0.002)))),
                    "Width of a cut: open → 2.0 mm."),
            edit(
                    r -> r.withFitOut(r.fitOut()
                            .withBoards(Boards.NONE.withParts(List.of(
                                    new BoardPart("p", "shelf", Figure.chosen(0.3), Figure.chosen(0.1), 1, false))))),
                    "Shelf was added."),
            edit(
                    r -> r.withCraft(r.craft().withStand(Stand.NONE.withEdge(BaseEdge.LEFT))),
                    "Edge it stands out over of the craft: no → left."),
            edit(
                    r -> r.withCraft(r.craft().withSections(moved(r.craft().sections()))),
                    "Sections of the hull of the craft: 1 of "
                            + RIG.craft().sections().size() + " drawn anew."),
            edit(
                    r -> r.withCraft(r.craft().withSections(List.of())),
                    "Sections of the hull of the craft: "
                            + RIG.craft().sections().size() + " → none."),
            edit(r -> r.withQuieted(Set.of("wire.drop", "wire.not-tinned")), "Put aside: wire.drop."),
            edit(r -> r.withNotes(List.of()), "The note on supply lead was taken away."),
            edit(r -> r.withNotes(List.of(new Note("lead", "other"))), "The note on supply lead was changed."),
            edit(r -> r.withNotes(List.of(r.notes().get(0), new Note("", "for the boy"))), "A note on the rig."),
        };
    }

    private static List<HullSection> moved(List<HullSection> sections) {
        List<HullSection> all = new ArrayList<>(sections);
        HullSection second = all.get(1);
        all.set(1, new HullSection(second.at(), second.breadth() / 2, second.keel(), second.fullness()));
        return all;
    }

    private static Object[] edit(UnaryOperator<Rig> edit, String told) {
        return new Object[] {edit, told};
    }

    @Test(dataProvider = "edits")
    public void eachEditIsOneSentence(UnaryOperator<Rig> edit, String told) {
        Rig after = edit.apply(RIG);
        assertEquals(
                RigDifferences.between(RIG, after).stream().map(Text::plain).toList(), List.of(told));
        assertFalse(RigDifferences.between(after, RIG).isEmpty());
        assertEquals(RigDifferences.between(after, after), List.of());
    }

    /** No figure can change unseen, in rigs with every kind of part. */
    @Test
    public void everyFigureIsTold() {
        for (Rig rig : TestRigs.all()) {
            Figures.visit(rig, (pointer, figure) -> {
                if (figure instanceof Figure.Given given) {
                    Rig nudged = Nudge.at(rig, pointer, given.value() * 0.99);
                    if (!nudged.equals(rig)) {
                        assertEquals(RigDifferences.between(rig, nudged).size(), 1, pointer);
                    }
                }
            });
        }
    }

    /** Every list of every rig, with ids and without: emptied, shortened, turned round, some of it twice. */
    @Test
    public void everyListCanChange() {
        Set<String> told = new TreeSet<>();
        Stream<Rig> rigs = Stream.concat(TestRigs.all().stream(), DemoRigs.all().stream());
        rigs.map(EveryList::in)
                .forEach(rig -> Nudge.lists(rig)
                        .forEach((pointer, list) -> others(list).forEach(other -> {
                            Optional<Rig> after = unlessRefused(rig, pointer, other);
                            if (after.isPresent() && !after.get().equals(rig)) {
                                assertFalse(
                                        RigDifferences.between(rig, after.get()).isEmpty(), pointer + " " + other);
                                assertFalse(
                                        RigDifferences.between(after.get(), rig).isEmpty(), pointer + " " + other);
                                told.add(pointer.replaceAll(".*/", ""));
                            }
                        })));
        Set<String> known = new TreeSet<>();
        lists(Rig.class, known);
        assertEquals(told, known);
    }

    private static List<List<Object>> others(List<?> list) {
        List<Object> turned = new ArrayList<>(list);
        Collections.reverse(turned);
        List<Object> doubled = new ArrayList<>(list);
        doubled.addAll(list);
        return list.isEmpty()
                ? List.of()
                : List.of(
                        List.of(),
                        List.copyOf(list.subList(1, list.size())),
                        List.copyOf(list.subList(0, list.size() - 1)),
                        turned,
                        doubled);
    }

    private static Optional<Rig> unlessRefused(Rig rig, String pointer, List<Object> other) {
        try {
            return Optional.of(Nudge.replaced(rig, pointer, list -> other));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** Another craft changes lists with ids and without at once: stations, passages, sections. */
    @Test
    public void everyRigOnEveryReadyCraft() {
        for (Rig rig : DemoRigs.all()) {
            for (CraftItem item : Catalogue.crafts()) {
                Rig moved = rig.withCraft(item.craft());
                boolean same = moved.equals(rig);
                assertEquals(RigDifferences.between(rig, moved).isEmpty(), same, item.id());
                assertEquals(RigDifferences.between(moved, rig).isEmpty(), same, item.id());
                assertFalse(RigDifferences.between(Rig.blank("new", item.craft().kind()), moved)
                        .isEmpty());
            }
        }
    }

    /** Every field of every record of a rig has words, so that no difference ends in a fault. */
    @Test
    public void everyFieldHasWords() {
        Set<String> seen = new TreeSet<>();
        collect(Rig.class, seen);
        assertTrue(seen.size() > 30, seen.toString());
        seen.forEach(Fields::of);
    }

    private static void collect(Class<?> type, Set<String> seen) {
        if (type.isSealed()) {
            Stream.of(type.getPermittedSubclasses()).forEach(sub -> collect(sub, seen));
        }
        if (!type.isRecord() || Figure.class.isAssignableFrom(type)) {
            return;
        }
        for (RecordComponent component : type.getRecordComponents()) {
            Class<?> held = component.getType();
            if (Figure.class.isAssignableFrom(held) || held.isPrimitive() || held == String.class || held.isEnum()) {
                if (!Set.of("id", "device", "part", "awg", "areaMm2").contains(component.getName())) {
                    seen.add(component.getName());
                }
            } else if (List.class.isAssignableFrom(held)) {
                String item = component.getGenericType().getTypeName().replaceAll(".*<(.*)>", "$1");
                collect(named(item), seen);
            } else {
                collect(held, seen);
            }
        }
    }

    private static void lists(Class<?> type, Set<String> seen) {
        if (type.isSealed()) {
            Stream.of(type.getPermittedSubclasses()).forEach(sub -> lists(sub, seen));
        }
        if (!type.isRecord() || Figure.class.isAssignableFrom(type)) {
            return;
        }
        for (RecordComponent component : type.getRecordComponents()) {
            if (List.class.isAssignableFrom(component.getType())) {
                seen.add(component.getName());
                lists(named(component.getGenericType().getTypeName().replaceAll(".*<(.*)>", "$1")), seen);
            } else {
                lists(component.getType(), seen);
            }
        }
    }

    private static Class<?> named(String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException e) {
            throw new AssertionError(e);
        }
    }

    /** On another craft, what it has not is undecided again, and the notes on it go. */
    @Test
    public void whatTheCraftHasNotIsUndecidedAgain() {
        Rig noted = RIG.withNotes(List.of(new Note("sonar-run", "dry"), new Note("pack", "heavy")));
        Rig moved = noted.withCraft(DemoRigs.lanternCrate().craft());
        assertEquals(moved.transducers().get(0).mount().station(), "");
        assertEquals(moved.runs(), List.of());
        assertEquals(moved.places(), List.of());
        assertEquals(moved.notes(), List.of(new Note("pack", "heavy")));
        assertEquals(RIG.withTransducers(List.of()).runs().size(), 1);
    }

    /** Boxes, weights and coils go with their place, data leads' ways with their lead, and what was noted on them. */
    @Test
    public void whatIsBuiltRoundTheRigGoesWithItsPlace() {
        Rig pram = DemoRigs.reedling();
        assertEquals(pram.notes().get(0).part(), "pod");
        Rig moved = pram.withCraft(RIG.craft());
        assertEquals(moved.fitOut().boxes(), List.of());
        assertEquals(moved.fitOut().boards(), pram.fitOut().boards(), "what is sawn stays sawn");
        assertEquals(moved.notes(), List.of());
        Rig fjord = DemoRigs.gannet();
        Rig bare = fjord.withNetwork(fjord.network().withLeads(List.of()));
        assertEquals(bare.runs().size(), fjord.runs().size() - 2);
        Rig elsewhere = fjord.with(fjord.runOf("sonar").orElseThrow().withCoilAt("hull-fore"))
                .withCraft(fjord.craft()
                        .with(c -> c.stations(fjord.craft().stations().stream()
                                        .filter(s -> !s.id().equals("stern-hatch"))
                                        .toList())
                                .passages(fjord.craft().passages().stream()
                                        .filter(p -> p.across("stern-hatch").isEmpty())
                                        .toList())));
        assertEquals(elsewhere.runOf("sonar").orElseThrow().coilAt(), "hull-fore");
    }

    /** A note goes with what is dropped, whatever list that stood in. */
    @DataProvider
    public Object[][] dropped() {
        Rig full = EveryList.in(RIG);
        return new Object[][] {
            {full.chargers().get(0).id(), change(r -> r.withChargers(List.of()))},
            {full.holders().get(0).id(), change(r -> r.withHolders(List.of()))},
            {full.onHand().get(0).id(), change(r -> r.withOnHand(List.of()))},
            {full.runs().get(0).id(), change(r -> r.withRuns(List.of()))},
            {
                full.outing().phases().get(0).id(),
                change(r -> r.withOuting(r.outing().withPhases(List.of())))
            },
            {"phone", change(r -> r.withDevices(full.devices()))},
        };
    }

    private static UnaryOperator<Rig> change(UnaryOperator<Rig> change) {
        return change;
    }

    @Test(dataProvider = "dropped")
    public void aNoteOnWhatIsDroppedGoesWithIt(String part, UnaryOperator<Rig> drop) {
        Rig full = EveryList.in(RIG);
        List<Device> devices = new ArrayList<>(full.devices());
        devices.add(full.devices().get(0).withId("phone"));
        Note kept = new Note("", "for the boy");
        Rig noted = full.withDevices(devices).withNotes(List.of(kept, new Note(part, "blue tape")));
        assertEquals(drop.apply(noted).notes(), List.of(kept));
    }

    /** A note goes with the part it is about, and stays through everything else. */
    @Test
    public void aNoteGoesWithItsPart() {
        assertEquals(RIG.withHarness(RIG.harness().withSegments(List.of())).notes(), List.of());
        assertEquals(RIG.with(pack(RIG).withName("other")).notes(), RIG.notes());
        Note plug = new Note("plug", "found in a drawer");
        Rig noted = RIG.withNotes(List.of(plug, RIG.notes().get(0)));
        Segment bare = lead(noted).withFittings(lead(noted).fittings().subList(0, 1));
        assertEquals(noted.with(bare).notes(), RIG.notes());
    }
}
