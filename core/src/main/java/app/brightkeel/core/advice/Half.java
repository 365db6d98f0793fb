package app.brightkeel.core.advice;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.station.Second;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;

/**
 * One rig of a pair, with what another craft could use of it.
 *
 * @param whats what could go to and fro: which it is, "" where nobody could know it again
 * @param toPay for each of those, 0 where it is on hand
 * @param own   pieces of the garage in it, and what another one of each would cost
 */
record Half(Front.Point point, Map<ItemKind, String> whats, Map<ItemKind, Double> toPay, Map<String, Double> own) {

    private static final Set<RigAxis> APART = EnumSet.of(RigAxis.DISPLAY, RigAxis.BANK);

    /** For each display with each battery, all that no other beats: with another craft any of those may be the best. */
    static List<Half> of(Space space, BooleanSupplier stop) {
        List<Half> all = new ArrayList<>();
        for (Front.Point point : Search.apart(space, APART, stop).points()) {
            space.rig(point.choice()).ifPresent(rig -> all.add(of(space, point, rig)));
        }
        return all;
    }

    private static Half of(Space space, Front.Point point, Rig rig) {
        Map<ItemKind, String> whats = new EnumMap<>(ItemKind.class);
        Map<ItemKind, Double> toPay = new EnumMap<>(ItemKind.class);
        Bought bought = new Bought();
        space.measures().itemise(rig, bought);
        for (ItemKind kind : Traveller.KINDS) {
            whats.put(kind, Traveller.of(rig, kind).map(each -> each.what(rig)).orElse(""));
            toPay.put(kind, bought.first.getOrDefault(kind, 0.0));
        }
        return new Half(point, whats, toPay, own(rig));
    }

    private static Map<String, Double> own(Rig rig) {
        Map<String, Double> all = new TreeMap<>();
        for (Uses.Use use : Uses.aboard(rig)) {
            RigThings.find(rig, use.part())
                    .filter(there -> there.thing().kind() != ItemKind.CRAFT)
                    .ifPresent(there ->
                            all.put(use.item(), Second.usual(there.thing()).orElse(0)));
        }
        return all;
    }

    /** What there is to pay for the first of each kind. */
    private static final class Bought extends Measures.Bill {
        private final Map<ItemKind, Double> first = new EnumMap<>(ItemKind.class);

        @Override
        void bought(ItemKind kind, String name, boolean had, OptionalDouble price) {
            first.putIfAbsent(kind, had ? 0 : price.orElse(0));
        }
    }

    /** What both could use one and the same of. */
    List<ItemKind> shared(Half other) {
        return Traveller.KINDS.stream()
                .filter(kind -> !what(kind).isEmpty() && what(kind).equals(other.what(kind)))
                .toList();
    }

    private String what(ItemKind kind) {
        return whats.getOrDefault(kind, "");
    }

    /** What is one and the same piece of the garage in both. */
    Set<String> pieces(Half other) {
        Set<String> both = new TreeSet<>(own.keySet());
        both.retainAll(other.own.keySet());
        return both;
    }

    private double sum(Half other) {
        return point.worth().price() + other.point.worth().price();
    }

    /** Both together, if nothing were shared: of what is one piece in both another one is bought. */
    double apart(Half other) {
        return sum(other)
                + pieces(other).stream()
                        .mapToDouble(item -> own.getOrDefault(item, 0.0))
                        .sum();
    }

    /** Both together: of what is shared one is bought, or none where one of the two has it. */
    double price(Half other) {
        double saved = 0;
        for (ItemKind kind : shared(other)) {
            double mine = toPay.getOrDefault(kind, 0.0);
            double its = other.toPay.getOrDefault(kind, 0.0);
            saved += mine > 0 && its > 0 ? Math.min(mine, its) : Math.max(mine, its);
        }
        return sum(other) - saved;
    }

    Line line(Space space) {
        return space.line(point.choice()).orElse(space.base());
    }
}
