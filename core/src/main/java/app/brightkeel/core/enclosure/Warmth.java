package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.Size;

/**
 * How warm it gets in a shut box by what works in it, the sun left out: all watts leave through its lid and sides.
 *
 * @param watts  of what works in it, from 0 [W]
 * @param areaM2 outside of lid and sides, above 0 [m²]
 * @param airC   around it [°C]
 */
public record Warmth(double watts, double areaM2, double airC) {

    /** Watts through a square metre of a plastic box for each degree; value from memory, 3.5 to 5.5 [W/m²K]. */
    public static final double THROUGH = 4;

    /** Up to here marine electronics are tested while they work: IEC 60945, dry heat, from memory [°C]. */
    public static final double MOST_C = 55;

    /** @param outside measures of the box, all three known */
    public static Warmth of(double watts, Size outside, double airC) {
        Box box = Box.of(outside);
        double area = box.deepM() * box.wideM() + 2 * box.tallM() * (box.deepM() + box.wideM());
        return new Warmth(watts, area, airC);
    }

    /** Inside, once it has come to rest [°C]. */
    public double insideC() {
        return airC + watts / (THROUGH * areaM2);
    }
}
