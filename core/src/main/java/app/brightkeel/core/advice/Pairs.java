package app.brightkeel.core.advice;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.station.Conversion;
import app.brightkeel.core.station.Second;
import app.brightkeel.core.station.Swap;
import app.brightkeel.core.station.Whereabouts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.Stream;

/** The best pairs of rigs on two crafts, of all that can be put together here and there. */
final class Pairs {

    private static final BiPredicate<Half, Half> ANY = (mine, its) -> true;

    private final Space here;
    private final Space there;
    private final Shortlist hereList;
    private final Shortlist thereList;
    private final List<Half> ours;
    private final List<Half> theirs;

    private Pairs(Space here, Space there, BooleanSupplier stop) {
        this.here = here;
        this.there = there;
        hereList = new Shortlist(here);
        thereList = new Shortlist(there);
        ours = Half.of(here, stop);
        theirs = Half.of(there, stop);
    }

    /** @param together whether what can go to and fro between the two does */
    private record Both(Half mine, Half its, boolean together) {}

    static List<Pair> of(Space here, Space there, BooleanSupplier stop) {
        return new Pairs(here, there, stop).named();
    }

    private List<Pair> named() {
        Map<Both, List<PairTitle>> titles = new LinkedHashMap<>();
        for (PairTitle title : PairTitle.values()) {
            best(title)
                    .ifPresent(both -> titles.computeIfAbsent(both, each -> new ArrayList<>())
                            .add(title));
        }
        return titles.entrySet().stream()
                .map(each -> pair(each.getKey(), each.getValue()))
                .toList();
    }

    private Optional<Both> best(PairTitle title) {
        return switch (title) {
            case ENOUGH -> least(enough(ours, hereList), enough(theirs, thereList), Half::price, ANY);
            case CHEAPEST -> least(ours, theirs, Half::price, ANY);
            case LIGHTEST -> least(ours, theirs, (mine, its) -> sum(mine, its, Good.MASS), ANY);
            case SEES_MOST -> least(ours, theirs, (mine, its) -> -sum(mine, its, Good.SEEN), ANY);
            case UNDRILLED -> least(ours, theirs, Half::price, (mine, its) -> sum(mine, its, Good.HOLES) == 0);
            case APART -> least(ours, theirs, Half::apart, ANY).map(both -> new Both(both.mine(), both.its(), false));
        };
    }

    private static double sum(Half mine, Half its, Good good) {
        return good.of(mine.point().worth()) + good.of(its.point().worth());
    }

    /** The least of something, then of the price, then of the mass; the first of equals. */
    private static Optional<Both> least(
            List<Half> ours, List<Half> theirs, ToDoubleBiFunction<Half, Half> of, BiPredicate<Half, Half> may) {
        Optional<Both> best = Optional.empty();
        double[] least = {};
        for (Half one : ours) {
            for (Half other : theirs) {
                if (may.test(one, other)) {
                    double[] now = {of.applyAsDouble(one, other), one.price(other), sum(one, other, Good.MASS)};
                    if (best.isEmpty() || Arrays.compare(now, least) < 0) {
                        best = Optional.of(new Both(one, other, true));
                        least = now;
                    }
                }
            }
        }
        return best;
    }

    private static List<Half> enough(List<Half> all, Shortlist list) {
        return all.stream().filter(each -> list.enough(each.point())).toList();
    }

    private Pair pair(Both both, List<PairTitle> titles) {
        Half mine = both.mine();
        Half its = both.its();
        Set<String> pieces = both.together() ? mine.pieces(its) : Set.of();
        List<ItemKind> shared = both.together() ? mine.shared(its) : List.of();
        Line from = marked(mine.line(here), pieces, shared);
        Line to = marked(its.line(there), pieces, shared);
        Conversion conversion = Conversion.of(from.rig(), to.rig());
        List<Conversion.Thing> travels = conversion.at(Whereabouts.TRAVELS);
        Swap swap = Swap.of(from, to, conversion);
        return new Pair(
                titles,
                side(here, hereList, mine),
                side(there, thereList, its),
                both.together() ? mine.price(its) : mine.apart(its),
                mine.apart(its),
                travels.stream().map(Conversion.Thing::name).toList(),
                twice(both, shared),
                travels.isEmpty() ? 0 : swap.minutes(),
                travels.isEmpty() ? 0 : swap.plugs(),
                Second.of(from, to, conversion, item -> Figure.UNSET));
    }

    private static Pair.Side side(Space space, Shortlist list, Half half) {
        Shortlist.Look look = list.look(half.point());
        return new Pair.Side(
                space.id(half.point().choice()), look.answers(), half.point().worth(), look.surely());
    }

    /** With what goes to and fro said to be one and the same piece of gear, and nothing else. */
    private static Line marked(Line line, Set<String> pieces, List<ItemKind> shared) {
        Rig rig = line.entered();
        Rig alone = rig.withPurse(rig.purse()
                .withPurchases(rig.purse().purchases().stream()
                        .map(each -> pieces.contains(each.item()) ? each : each.withItem(""))
                        .toList()));
        for (ItemKind kind : shared) {
            Rig before = alone;
            alone = Traveller.of(before, kind)
                    .map(part -> part.marked(before, Purchase.ITEM + "shared-" + Table.written(kind)))
                    .orElse(before);
        }
        return Line.of(alone);
    }

    /** What is to be bought here and there of one kind, but for what is shared. */
    private List<Pair.Twice> twice(Both both, List<ItemKind> shared) {
        Map<ItemKind, String> mine = bought(here, both.mine());
        Map<ItemKind, String> its = bought(there, both.its());
        return Stream.of(ItemKind.values())
                .filter(kind -> !shared.contains(kind) && mine.containsKey(kind) && its.containsKey(kind))
                .map(kind -> new Pair.Twice(kind, mine.getOrDefault(kind, ""), its.getOrDefault(kind, "")))
                .toList();
    }

    private static Map<ItemKind, String> bought(Space space, Half half) {
        Map<ItemKind, String> all = new EnumMap<>(ItemKind.class);
        Measures.Bill bill = new Measures.Bill() {
            @Override
            void bought(ItemKind kind, String name, boolean had, OptionalDouble price) {
                if (!had) {
                    all.merge(kind, name, (one, other) -> one + ", " + other);
                }
            }
        };
        space.rig(half.point().choice()).ifPresent(rig -> space.measures().itemise(rig, bill));
        return all;
    }
}
