package app.brightkeel.core.enclosure;

import app.brightkeel.core.enclosure.FitNeeds.Housed;
import app.brightkeel.core.quantity.Rounding;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * How the things of one room stand in it in the way that leaves most.
 *
 * @param pieces  each of them, at least one
 * @param station id
 * @param place   name of the station, or of the box that stands there
 * @param around  what all of them take together
 * @param room    inside
 */
public record Fit(List<Piece> pieces, String station, String place, Box around, Box room) {

    /** Gap from which foam has to fill it, or the battery rattles [m]. */
    public static final double FOAM_FROM_M = 0.003;

    /**
     * One thing in its place.
     *
     * @param item   id
     * @param turned as it stands, with what its plugs need
     * @param corner lowest fore left one, in what all of them take together
     * @param cell   what it has to itself; what it does not fill is filled with foam
     */
    public record Piece(String item, String name, Box turned, Corner corner, Box cell) {}

    public Fit {
        pieces = List.copyOf(pieces);
    }

    /** @param housed in one room, at least one */
    static Fit of(List<Housed> housed) {
        Housed first = housed.get(0);
        List<Arrangement.Thing> things = housed.stream()
                .map(each -> new Arrangement.Thing(each.kg(), ways(each).toList()))
                .toList();
        Arrangement.Arranged arranged = Arrangement.of(things, first.room());
        List<Piece> pieces = new ArrayList<>();
        for (Arrangement.Stood stood : arranged.stood()) {
            Housed each = housed.get(stood.thing());
            pieces.add(new Piece(each.item(), each.name(), stood.turned(), stood.corner(), stood.cell()));
        }
        return new Fit(pieces, first.station(), first.place(), arranged.around(), first.room());
    }

    /** The six ways to turn it; what stands upright has two, what lies on its side four. */
    private static Stream<Box> ways(Housed housed) {
        double d = housed.outside().deepM();
        double w = housed.outside().wideM();
        double t = housed.outside().tallM();
        Stream<Box> upright = Stream.of(new Box(d, w, t), new Box(w, d, t));
        Stream<Box> onSide = Stream.of(new Box(d, t, w), new Box(t, d, w), new Box(w, t, d), new Box(t, w, d));
        return switch (housed.lie()) {
            case UPRIGHT -> upright;
            case ON_SIDE -> onSide;
            case ANY -> Stream.concat(upright, onSide);
        };
    }

    /** Of the thing, or of all of them. */
    public String name() {
        return String.join(" and ", pieces.stream().map(Piece::name).toList());
    }

    /** Whether it is not one thing alone. */
    public boolean several() {
        return pieces.size() > 1;
    }

    /** Whether a thing stands there. */
    public boolean holds(String item) {
        return pieces.stream().anyMatch(piece -> piece.item().equals(item));
    }

    /** Whether all things were arranged together, not some of them added afterwards. */
    boolean together() {
        return pieces.size() <= Arrangement.MOST_TOGETHER;
    }

    /** Gap fore and aft, both sides together [m]; negative where it is too large. */
    public double deepGapM() {
        return room.deepM() - around.deepM();
    }

    /** Gap athwart. */
    public double wideGapM() {
        return room.wideM() - around.wideM();
    }

    /** Gap above. */
    public double tallGapM() {
        return room.tallM() - around.tallM();
    }

    /** Least of the three gaps [m]; negative by how much it is too large. */
    public double leastGapM() {
        return Rounding.settled(Arrangement.leastGapM(around, room));
    }
}
