package app.brightkeel.core.enclosure;

import app.brightkeel.core.enclosure.FitNeeds.Housed;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * How the packs of one room sit in it in the way that leaves most: several stand in a row.
 *
 * @param packs   ids
 * @param name    of the pack, or of all of them
 * @param station id
 * @param place   name of the station
 * @param turned  around them in that orientation, terminals and plug included
 * @param room    inside
 */
public record Fit(List<String> packs, String name, String station, String place, Box turned, Box room) {

    /** Gap from which foam has to fill it, or the pack rattles [m]. */
    public static final double FOAM_FROM_M = 0.003;

    private static final Comparator<Fit> ROOMIER = Comparator.comparingDouble(Fit::leastGapM);

    public Fit {
        packs = List.copyOf(packs);
    }

    /** @param housed in one room, at least one */
    static Fit of(List<Housed> housed) {
        if (housed.size() == 1) {
            return ways(housed.get(0))
                    .map(way -> around(housed, way))
                    .max(ROOMIER)
                    .orElseThrow();
        }
        return Stream.of(Axis.values())
                .map(axis -> around(housed, row(housed, axis)))
                .max(ROOMIER)
                .orElseThrow();
    }

    private static Fit around(List<Housed> housed, Box box) {
        Housed first = housed.get(0);
        String name = String.join(" and ", housed.stream().map(Housed::name).toList());
        List<String> ids = housed.stream().map(Housed::pack).toList();
        return new Fit(ids, name, first.station(), first.place(), box, first.room());
    }

    /** The six ways to turn it; what stands upright has two, what lies on its side four. */
    private static Stream<Box> ways(Housed housed) {
        double d = housed.outside().deepM();
        double w = housed.outside().wideM();
        double t = housed.outside().tallM() + housed.plugM();
        Stream<Box> upright = Stream.of(new Box(d, w, t), new Box(w, d, t));
        Stream<Box> onSide = Stream.of(new Box(d, t, w), new Box(t, d, w), new Box(w, t, d), new Box(t, w, d));
        return switch (housed.lie()) {
            case UPRIGHT -> upright;
            case ON_SIDE -> onSide;
            case ANY -> Stream.concat(upright, onSide);
        };
    }

    /** The box around a row along an axis, each pack turned so that it takes the least of it and fits across. */
    private static Box row(List<Housed> housed, Axis axis) {
        Box all = new Box(0, 0, 0);
        for (Housed each : housed) {
            Box best = ways(each)
                    .min(Comparator.comparingDouble((Box way) -> axis.over(way, each.room()))
                            .thenComparingDouble(axis::along))
                    .orElseThrow();
            all = axis.joined(all, best);
        }
        return all;
    }

    /** Of the room, along which packs may stand in a row. */
    private enum Axis {
        DEEP,
        WIDE,
        TALL;

        double along(Box box) {
            return switch (this) {
                case DEEP -> box.deepM();
                case WIDE -> box.wideM();
                case TALL -> box.tallM();
            };
        }

        /** By how much a box is too large across the axis; 0 where it fits. */
        double over(Box box, Box room) {
            double deep = this == DEEP ? 0 : box.deepM() - room.deepM();
            double wide = this == WIDE ? 0 : box.wideM() - room.wideM();
            double tall = this == TALL ? 0 : box.tallM() - room.tallM();
            return Math.max(0, Math.max(deep, Math.max(wide, tall)));
        }

        Box joined(Box a, Box b) {
            return new Box(
                    this == DEEP ? a.deepM() + b.deepM() : Math.max(a.deepM(), b.deepM()),
                    this == WIDE ? a.wideM() + b.wideM() : Math.max(a.wideM(), b.wideM()),
                    this == TALL ? a.tallM() + b.tallM() : Math.max(a.tallM(), b.tallM()));
        }
    }

    /** Gap fore and aft, both sides together [m]; negative where it is too large. */
    public double deepGapM() {
        return room.deepM() - turned.deepM();
    }

    /** Gap athwart. */
    public double wideGapM() {
        return room.wideM() - turned.wideM();
    }

    /** Gap above. */
    public double tallGapM() {
        return room.tallM() - turned.tallM();
    }

    /** Least of the three gaps [m]; negative by how much it is too large. */
    public double leastGapM() {
        return Math.min(deepGapM(), Math.min(wideGapM(), tallGapM()));
    }
}
