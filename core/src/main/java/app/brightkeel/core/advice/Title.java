package app.brightkeel.core.advice;

import app.brightkeel.core.quantity.Worded;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** For what a rig of the front is named, the most asked for first. */
public enum Title implements Worded {
    ENOUGH("enough", Good.PRICE),
    CHEAPEST("cheapest that holds", Good.PRICE),
    OWNED("most of it yours", Good.BUYS),
    LIGHTEST("lightest", Good.MASS),
    SEES_MOST("sees most", Good.SEEN),
    UNDRILLED("nothing drilled", Good.HOLES),
    LASTS("lasts longest", Good.HOURS),
    SOONEST("stripped soonest", Good.MINUTES);

    /** Of what is alike in what it is named for. */
    private static final List<Good> THEN =
            List.of(Good.PRICE, Good.MASS, Good.MINUTES, Good.HOLES, Good.SEEN, Good.HOURS, Good.BUYS);

    private final String words;
    private final Good by;

    Title(String words, Good by) {
        this.words = words;
        this.by = by;
    }

    @Override
    public String words() {
        return words;
    }

    Good by() {
        return by;
    }

    /**
     * The best of some by it; empty where there are none, or where all are alike in it and so none stands out.
     *
     * @param enough whether nothing dearer is needed for this water
     */
    Optional<Front.Point> of(List<Front.Point> points, Predicate<Front.Point> enough) {
        if (this == ENOUGH) {
            return points.stream().filter(enough).min(order());
        }
        boolean alike =
                points.stream().map(point -> by.of(point.worth())).distinct().count() < 2;
        // what is drilled nowhere stands out only where something is
        boolean none = alike
                || this == UNDRILLED
                        && points.stream().noneMatch(point -> point.worth().holes() == 0);
        return none && this != CHEAPEST ? Optional.empty() : points.stream().min(order());
    }

    private Comparator<Front.Point> order() {
        Comparator<Front.Point> order = better(by);
        for (Good good : THEN) {
            order = order.thenComparing(better(good));
        }
        return order;
    }

    private static Comparator<Front.Point> better(Good good) {
        Comparator<Front.Point> least = Comparator.comparingDouble(point -> good.of(point.worth()));
        return good.more() ? least.reversed() : least;
    }
}
