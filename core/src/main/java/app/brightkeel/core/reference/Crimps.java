package app.brightkeel.core.reference;

import java.util.Optional;

/** What is crimped to a wire of some size: the colour of the terminal, the sleeve over it, the pull it stands. */
public final class Crimps {

    private static final double POUND_FORCE_N = 4.4482216152605;

    private static final Table COLOURS = Table.read(Crimps.class, "crimp-colours.csv");
    private static final Table LUGS = Table.read(Crimps.class, "crimp-lugs.csv");
    private static final Table PULL = Table.read(Crimps.class, "crimp-pull.csv");

    private Crimps() {}

    /** A terminal off the shelf, and the adhesive sleeve over it [m], as bought. */
    public record Terminal(String colour, double sleeveM) {}

    /** By the area of the conductor; none for wire thinner or thicker than such terminals are made for. */
    public static Optional<Terminal> terminal(double areaMm2) {
        return COLOURS.rows().stream()
                .filter(row -> areaMm2 >= Table.number(row, "fromMm2") && areaMm2 <= Table.number(row, "toMm2"))
                .map(row -> new Terminal(row.get("colour"), Table.number(row, "sleeveMm") / 1000))
                .findFirst();
    }

    /** A bare lug of heavy wire, and its sleeve; none for wire that takes a terminal off the shelf or is thicker still. */
    public static Optional<Terminal> lug(double areaMm2) {
        return LUGS.rows().stream()
                .filter(row -> areaMm2 > Table.number(row, "aboveMm2") && areaMm2 <= Table.number(row, "toMm2"))
                .map(row -> new Terminal("tinned lug", Table.number(row, "sleeveMm") / 1000))
                .findFirst();
    }

    /** Pull for a minute [N]: that of the thickest listed gauge not thicker than the wire; none for thinner ones. */
    public static Optional<Double> pullN(double areaMm2) {
        return PULL.rows().stream()
                .filter(row -> WireTables.awg(Integer.parseInt(row.get("awg"))).areaMm2() <= areaMm2 * 1.0001)
                .map(row -> Table.number(row, "pounds") * POUND_FORCE_N)
                .reduce((thinner, thicker) -> thicker);
    }
}
