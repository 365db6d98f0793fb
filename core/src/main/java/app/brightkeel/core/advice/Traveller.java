package app.brightkeel.core.advice;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;

/** A part of a rig that another craft could use one and the same of: its first display, its one battery. */
record Traveller(String part, String origin) {

    static final List<ItemKind> KINDS = List.of(ItemKind.DISPLAY, ItemKind.PACK);

    /** @param kind one of {@link #KINDS}; empty where the rig has none such */
    static Optional<Traveller> of(Rig rig, ItemKind kind) {
        return kind == ItemKind.DISPLAY
                ? Options.display(rig).map(each -> new Traveller(each.id(), each.origin()))
                : Options.pack(rig).map(each -> new Traveller(each.id(), each.origin()));
    }

    /** Which it is: a piece of the garage is itself, anything else one of its sort; "" where nobody could know it again. */
    String what(Rig rig) {
        return rig.purse()
                .of(part, "", origin)
                .map(Purchase::item)
                .filter(item -> !item.isEmpty())
                .orElse(origin);
    }

    /** The rig in which it is a piece of the garage. */
    Rig marked(Rig rig, String item) {
        return rig.withPurse(rig.purse().with(new Purchase(part, "", origin, Having.OWNED, Figure.UNSET, "", item)));
    }
}
