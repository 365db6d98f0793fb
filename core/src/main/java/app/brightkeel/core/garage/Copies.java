package app.brightkeel.core.garage;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;

/** Whether the copy that a rig holds still says what the garage says. */
public final class Copies {

    private Copies() {}

    /**
     * What differs, the garage's first; empty where it says the same, and where the rig has no such piece. A craft differs
     * by its places and passages as well.
     */
    public static List<Text> differing(Rig rig, Item item) {
        return Uses.copy(rig, item)
                .map(there -> differing(item.thing(), there.thing()))
                .orElse(List.of());
    }

    private static List<Text> differing(Thing own, Thing copy) {
        List<Text> all = new ArrayList<>();
        for (Property property : Properties.of(own.kind())) {
            // of a lead a rig holds the length; its plugs are those of what it is joined to
            if (own instanceof Thing.OwnLead && !property.name().equals("lengthM")) {
                continue;
            }
            if (property instanceof Property.Number number) {
                Figure here = number.of(own);
                Figure there = number.of(copy);
                if (!same(here, there)) {
                    all.add(Text.of("{}: {}, here {}", number.words(), shown(here, number), shown(there, number)));
                }
            } else if (property instanceof Property.Choice choice && choice.of(own) != choice.of(copy)) {
                all.add(Text.of(
                        "{}: {}, here {}",
                        choice.words(),
                        Property.Choice.words(choice.of(own)),
                        Property.Choice.words(choice.of(copy))));
            }
        }
        if (own instanceof Thing.OwnCraft one && copy instanceof Thing.OwnCraft other) {
            places(one, other, all);
        }
        return all;
    }

    private static void places(Thing.OwnCraft own, Thing.OwnCraft copy, List<Text> all) {
        boolean same = own.craft().withOrigin("").equals(copy.craft().withOrigin(""));
        if (!same && all.isEmpty()) {
            all.add(Text.of("its places, passages or lines were measured anew"));
        }
    }

    private static boolean same(Figure one, Figure other) {
        return one.isSet() == other.isSet() && (!one.isSet() || one.value() == other.value());
    }

    private static Object shown(Figure figure, Property.Number number) {
        return figure.isSet() ? new Amount(figure.value(), number.unit()) : "not said";
    }

    /** The piece as a rig has it now; the very same where the rig has none such. */
    public static Item fromRig(Rig rig, Item item) {
        return Uses.copy(rig, item)
                .map(there -> item.withThing(named(there.thing(), item)))
                .orElse(item);
    }

    private static Thing named(Thing thing, Item item) {
        return thing instanceof Thing.OwnCraft own ? new Thing.OwnCraft(item.name(), own.craft()) : thing;
    }
}
