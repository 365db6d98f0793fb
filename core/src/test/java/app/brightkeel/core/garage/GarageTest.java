package app.brightkeel.core.garage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class GarageTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** Everything that any demo rig has, each a piece of its own. */
    private static final List<Item> ALL = all();

    private static List<Item> all() {
        List<Item> all = new ArrayList<>();
        for (Rig rig : DemoRigs.all()) {
            RigThings.of(rig).forEach(there -> all.add(item(all.size(), there.name(), there.thing())));
        }
        // of which nothing is known, and of which all figures are known and no choice is
        for (ItemKind kind : ItemKind.values()) {
            all.add(item(all.size(), "bare", Blanks.of(kind, "bare")));
            all.add(item(all.size(), "measured", measured(kind)));
        }
        return all;
    }

    private static Thing measured(ItemKind kind) {
        Thing thing = Blanks.of(kind, "measured");
        for (Property property : Properties.of(kind)) {
            if (property instanceof Property.Number number) {
                thing = number.with(thing, Figure.measured(sound(number.unit())));
            }
        }
        return thing;
    }

    private static Item item(int number, String name, Thing thing) {
        return new Item("item-" + number, name, thing, "", "", Figure.UNSET, Figure.UNSET, "");
    }

    @DataProvider
    public Object[][] rigs() {
        return Stream.concat(
                        DemoRigs.all().stream(),
                        Catalogue.crafts().stream()
                                .map(craft -> Rig.blank(
                                                craft.name(), craft.craft().kind())
                                        .withCraft(craft.craft())))
                .map(rig -> new Object[] {rig})
                .toArray(Object[][]::new);
    }

    /** Whatever is owned goes into whatever rig, is known there, says the same there, and is found again by its id. */
    @Test(dataProvider = "rigs")
    public void everyPieceGoesIntoEveryRig(Rig rig) {
        Line line = Line.of(rig);
        int offers = 0;
        for (Link link : Link.values()) {
            for (Item item : ALL) {
                for (Change offer : Taking.offers(line, List.of(item), link).toList()) {
                    offers++;
                    Rig after = offer.after();
                    assertTrue(
                            Uses.of(after).stream().anyMatch(use -> use.item().equals(item.id())), offer.id());
                    assertEquals(Copies.differing(after, item), List.of(), offer.id());
                    assertEquals(Taking.again(after, item).orElseThrow(), after, offer.id());
                    assertEquals(Taking.find(line, ALL, offer.id()).orElseThrow(), offer);
                    // what is there is not offered again
                    assertEquals(
                            Taking.offers(Line.of(after), List.of(item), link).count(), 0, offer.id());
                    assertTrue(Comparison.find(line, offer.id()).isEmpty(), "of the garage alone");
                    if (item.name().equals("bare") || item.name().equals("measured")) {
                        assertFalse(Comparison.of(line, link, List.of(offer), REVIEWER)
                                .isEmpty());
                    }
                }
            }
        }
        assertTrue(offers >= 10, rig.name() + ": " + offers);
    }

    /** A rig's own parts become pieces where they stand: nothing else of it changes. */
    @Test(dataProvider = "rigs")
    public void aRigIsMadeOfPieces(Rig rig) {
        int number = 0;
        Rig made = rig;
        List<Item> own = new ArrayList<>();
        for (RigThings.There there : RigThings.of(rig)) {
            Item item = item(number++, there.name(), there.thing());
            made = Taking.marked(made, RigThings.find(made, there.id()).orElseThrow(), item);
            own.add(item);
        }
        assertEquals(Uses.of(made).size(), own.size());
        for (Item item : own) {
            assertEquals(Copies.differing(made, item), List.of(), item.name());
            assertEquals(Copies.fromRig(made, item).thing().kind(), item.kind());
        }
        assertEquals(made.withPurse(rig.purse()).withCraft(rig.craft()).withOnHand(rig.onHand()), rig);
    }

    /** Another battery in its place, even of the same label, is not that piece; the garage's word wins when it is asked. */
    @Test
    public void aPieceThatWasReplacedIsNoneAnyMore() {
        Rig rig = DemoRigs.gannet();
        RigThings.There pack = RigThings.of(rig).stream()
                .filter(there -> there.thing() instanceof Thing.OwnPack)
                .findFirst()
                .orElseThrow();
        Item item = item(0, pack.name(), pack.thing());
        Rig made = Taking.marked(rig, pack, item);
        assertEquals(Uses.in(made, item.id()).orElseThrow(), pack.part());
        Line line = Line.of(made);
        List<Comparison.Offer> others = Comparison.of(line, Link.BATTERY, REVIEWER);
        Set<String> taken = new TreeSet<>();
        for (Comparison.Offer other : others) {
            if (other.id().startsWith("battery.take." + pack.part()) && !other.planned()) {
                Rig after = Comparison.find(line, other.id()).orElseThrow().after();
                taken.add(other.id());
                assertEquals(Uses.in(after, item.id()), Optional.empty(), other.id());
            }
        }
        assertTrue(taken.size() > 5, taken.toString());

        // beside the one in use it is compared with under its own id, and stays that piece when the two change places
        Rig beside = Taking.find(Line.of(rig), List.of(item), "battery.garage." + item.id())
                .orElseThrow()
                .after();
        assertEquals(Uses.in(beside, item.id()), Optional.empty());
        String swap = "battery.on-hand." + pack.part() + "." + item.id();
        Rig swapped = Comparison.find(Line.of(beside), swap).orElseThrow().after();
        assertEquals(Uses.in(swapped, item.id()).orElseThrow(), pack.part());
        assertTrue(swapped.onHand().stream().noneMatch(each -> each.id().equals(item.id())));
        Rig bare = beside.without(PartKind.PACK, pack.part());
        Rig first = Comparison.find(
                        Line.of(bare), "battery.first." + item.id(), (of, id) -> Taking.find(of, List.of(item), id))
                .orElseThrow()
                .after();
        assertTrue(Uses.in(first, item.id()).isPresent());

        Rig older = made.with(made.harness().pack(pack.part()).withAge(Figure.measured(0.8)));
        assertEquals(
                Copies.differing(older, item).stream().map(text -> text.plain()).toList(),
                List.of("of which it still has: not said, here 80 %"));
        assertEquals(Copies.differing(Taking.again(older, item).orElseThrow(), item), List.of());
        assertEquals(Copies.differing(older, Copies.fromRig(older, item)), List.of());
    }

    @DataProvider
    public Object[][] kinds() {
        return Stream.of(ItemKind.values()).map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    /** What is declared can be said and read again, one property at a time, and nothing beside it moves. */
    @Test(dataProvider = "kinds")
    public void everyPropertyIsKept(ItemKind kind) {
        List<Property> all = Properties.of(kind);
        assertFalse(all.isEmpty());
        assertEquals(
                all.stream().map(Property::name).collect(Collectors.toSet()).size(), all.size());
        Thing blank = Blanks.of(kind, "one");
        assertEquals(blank.kind(), kind);
        for (Property property : all) {
            if (property instanceof Property.Number number) {
                Thing said = number.with(blank, Figure.measured(sound(number.unit())));
                assertEquals(number.of(said), Figure.measured(sound(number.unit())), property.name());
                assertEquals(number.with(said, number.of(blank)).kind(), kind);
                assertThrows(Refusal.class, () -> number.with(blank, Figure.measured(-1e7)));
                others(all, property, blank, said);
            } else if (property instanceof Property.Choice choice) {
                for (Enum<?> each : choice.choices()) {
                    assertEquals(choice.of(choice.with(blank, each)), each);
                    assertEquals(choice.chosen(" " + Property.Choice.words(each).toUpperCase()), each);
                }
                assertThrows(Refusal.class, () -> choice.chosen("spoon"));
            }
        }
    }

    private static void others(List<Property> all, Property one, Thing before, Thing after) {
        for (Property other : all) {
            if (other instanceof Property.Number number && other != one) {
                assertEquals(number.of(after), number.of(before), one.name() + " moves " + other.name());
            }
        }
    }

    /** Within every range of that unit. */
    private static double sound(Unit unit) {
        return switch (unit) {
            case MILLIMETRE -> 0.03;
            case FINE_MILLIMETRE -> 0.005;
            case PERCENT -> 0.9;
            case COUNT, RATING, VOLT -> 7;
            case KILOGRAM, FINE_KILOGRAM -> 2;
            case METRE -> 1.2;
            default -> 5;
        };
    }

    /** A new small one in the place of a large worn one does not win by its size, and says so. */
    @Test
    public void aSmallerNewOneSaysSo() {
        Rig rig = DemoRigs.gannet();
        Pack pack = rig.harness().packs().get(0);
        Rig worn = rig.with(pack.with(like ->
                like.chemistry(Chemistry.AGM).capacityAh(Figure.rated(100)).age(Figure.measured(0.5))));
        Line line = Line.of(worn);
        for (Pack item : Catalogue.packs()) {
            Comparison.find(line, "battery.take." + pack.id() + "." + item.id()).ifPresent(change -> {
                boolean says = change.label()
                        .plain()
                        .contains("smaller but new: of the 100 Ah on the label of the worn one 50.0 Ah are left");
                assertEquals(says, item.capacityAh().value() < 100, item.name());
            });
        }
        assertTrue(Comparison.find(line, "battery.take." + pack.id() + ".lifepo4-18")
                .isPresent());
    }
}
