package app.brightkeel.core.review.change.battery;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Pack;

/** A new battery in the place of a worn one: where it is the smaller by its label, it does not win by its size. */
final class NewForWorn {

    private NewForWorn() {}

    /** The words of a change, with what it wins by. */
    static Text told(Pack old, Pack item, Text label) {
        boolean worn =
                old.age().isSet() && old.age().value() < 1 && old.capacityAh().isSet();
        if (!worn || item.capacityAh().value() >= old.capacityAh().value()) {
            return label;
        }
        return Text.of(
                "{}, smaller but new: of the {} on the label of the worn one {} are left",
                label,
                new Amount(old.capacityAh().value(), Unit.AMPERE_HOUR),
                new Amount(old.capacityAh().value() * old.age().value(), Unit.AMPERE_HOUR));
    }
}
