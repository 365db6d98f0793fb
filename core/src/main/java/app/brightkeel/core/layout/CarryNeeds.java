package app.brightkeel.core.layout;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.MassAt;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What decides how the rig is carried.
 *
 * @param things   the rig's own parts
 * @param comesOff those that leave the craft after the day
 * @param afloat   how the craft floats with them; empty on ice
 * @param base     on ice; empty on a craft
 */
public record CarryNeeds(List<MassAt> things, List<MassAt> comesOff, Optional<Afloat> afloat, Optional<Base> base) {

    public CarryNeeds {
        things = List.copyOf(things);
        comesOff = List.copyOf(comesOff);
    }

    /**
     * What stands on the ice, its mass over its middle.
     *
     * @param standing the rig's own parts that stand or hang on it
     * @param foot     what it stands on, with what widens it
     */
    public record Base(double lengthM, double beamM, double massKg, List<MassAt> standing, Footprint foot) {
        public Base {
            standing = List.copyOf(standing);
        }

        /** All that is lifted together: what stands on the base, and the base over its middle on the ice. */
        List<MassAt> masses() {
            return masses(0);
        }

        /** The same with the base's own weight at half of its height [m]. */
        public List<MassAt> masses(double tallM) {
            List<MassAt> all = new ArrayList<>(standing);
            all.add(new MassAt("the box itself", massKg, lengthM / 2, 0, tallM / 2));
            return all;
        }
    }
}
