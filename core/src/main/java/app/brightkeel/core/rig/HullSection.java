package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;

/**
 * The hull at one place of its length, as shares: the breadths together are its outline in plan, the keels its outline
 * in profile, and both grow with the craft's own measures.
 *
 * @param at       place, 0 at the bow to 1 at the stern
 * @param breadth  half width at the deck as a share of half the greatest width, 0 to 1
 * @param keel     height of the lowest line as a share of the depth, 0 to 1
 * @param fullness exponent of the section: 0 a box, 1 a straight V, between them rounder towards 0; 0 to 3
 */
public record HullSection(double at, double breadth, double keel, double fullness) {

    public HullSection {
        Checks.within("at", at, 0, 1, "");
        Checks.within("breadth", breadth, 0, 1, "");
        Checks.within("keel", keel, 0, 1, "");
        Checks.within("fullness", fullness, 0, 3, "");
    }
}
