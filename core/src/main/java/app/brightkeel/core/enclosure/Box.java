package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.Size;

/** Outside or inside measures, each above 0 [m]. */
public record Box(double deepM, double wideM, double tallM) {

    /** Of a size whose three figures are known. */
    static Box of(Size size) {
        return new Box(size.deepM().value(), size.wideM().value(), size.tallM().value());
    }
}
