package app.brightkeel.core.fastening;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Fastener;

/** What to ask for in the shop. */
public final class Sizes {

    private Sizes() {}

    /** Sort, thickness and length, as far as they are known. */
    public static Text of(Fastener fastener) {
        String sort = fastener.kind().words();
        if (!fastener.widthM().isSet()) {
            return Text.of("{}, thickness and length to be measured", sort);
        }
        Amount wide = new Amount(fastener.widthM().value(), Unit.FINE_MILLIMETRE);
        return fastener.lengthM().isSet()
                ? Text.of(
                        "{}, {} × {}", sort, wide, new Amount(fastener.lengthM().value(), Unit.MILLIMETRE))
                : Text.of("{}, {}, length by its layers", sort, wide);
    }
}
