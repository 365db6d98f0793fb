package app.brightkeel.server.http;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.Properties;
import app.brightkeel.core.garage.Property;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import java.util.List;

/**
 * A piece of gear as a person tells it. Its fields are those of an item.
 *
 * @param choices what is declared in words, by name; what is not among them stays
 * @param numbers what is declared in numbers, by name; what is not among them stays
 */
public record ItemSaid(
        String name,
        String place,
        String bought,
        Figure paid,
        Figure worth,
        String note,
        List<ChoiceSaid> choices,
        List<NumberSaid> numbers) {

    /** @param chosen as files write it */
    public record ChoiceSaid(String name, String chosen) {}

    public record NumberSaid(String name, Figure figure) {}

    Item item(Item before) {
        Thing thing = before.thing();
        for (ChoiceSaid said : choices) {
            if (!(property(before, said.name()) instanceof Property.Choice choice)) {
                throw unknown(said.name());
            }
            thing = choice.with(thing, choice.chosen(said.chosen()));
        }
        for (NumberSaid said : numbers) {
            if (!(property(before, said.name()) instanceof Property.Number number)) {
                throw unknown(said.name());
            }
            thing = number.with(thing, said.figure());
        }
        if (thing instanceof Thing.OwnCraft own) {
            thing = new Thing.OwnCraft(name, own.craft());
        }
        return new Item(before.id(), name, thing, place, bought, paid, worth, note);
    }

    private static Property property(Item item, String name) {
        return Properties.of(item.kind()).stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> unknown(name));
    }

    private static Refusal unknown(String name) {
        return new Refusal(RefusalCode.NOT_OFFERED, "name", name, "what is declared of such a piece");
    }
}
