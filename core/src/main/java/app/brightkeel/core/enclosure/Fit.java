package app.brightkeel.core.enclosure;

/**
 * How a pack sits in its room in the orientation that leaves most.
 *
 * @param pack    id
 * @param name    of the pack
 * @param station id
 * @param place   name of the station
 * @param turned  in that orientation, terminals and plug included
 * @param room    inside
 */
public record Fit(String pack, String name, String station, String place, Box turned, Box room) {

    /** Gap from which foam has to fill it, or the pack rattles [m]. */
    public static final double FOAM_FROM_M = 0.003;

    /** The best of the six ways to turn it; all are allowed for sealed packs. */
    static Fit of(String pack, String name, Box outside, double plugM, String station, String place, Box room) {
        double d = outside.deepM();
        double w = outside.wideM();
        double t = outside.tallM() + plugM;
        Box[] ways = {
            new Box(d, w, t), new Box(w, d, t), new Box(d, t, w), new Box(t, d, w), new Box(w, t, d), new Box(t, w, d)
        };
        Fit best = new Fit(pack, name, station, place, ways[0], room);
        for (Box way : ways) {
            Fit fit = new Fit(pack, name, station, place, way, room);
            if (fit.leastGapM() > best.leastGapM()) {
                best = fit;
            }
        }
        return best;
    }

    /** Least of the three gaps, both sides together [m]; negative by how much it is too large. */
    public double leastGapM() {
        return Math.min(
                room.deepM() - turned.deepM(), Math.min(room.wideM() - turned.wideM(), room.tallM() - turned.tallM()));
    }
}
