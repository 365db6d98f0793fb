package app.brightkeel.core.enclosure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How things stand in one room: beside, behind and on each other, so that straight walls could be put between them
 * again and again until each stands alone.
 *
 * <p>Of all such ways of up to {@link #MOST_TOGETHER} things the one is looked for that leaves most, the {@link
 * #MOST_KEPT} roomiest of each few of them kept; larger numbers add the smaller ones one after another. Ways that straight
 * walls do not part are not looked for: three bars across each other may go where this finds no way.
 */
final class Arrangement {

    /** Things that are arranged together. */
    static final int MOST_TOGETHER = 5;

    /** Ways to put the same things that are kept where there are many more. */
    private static final int MOST_KEPT = 64;

    /** What counts as more [m]. */
    private static final double GAIN_M = 1e-6;

    /**
     * A thing and the ways it may be turned.
     *
     * @param kg its mass; the heavier of two stands below
     */
    record Thing(double kg, List<Box> ways) {
        double cubicM() {
            Box box = ways.get(0);
            return box.deepM() * box.wideM() * box.tallM();
        }
    }

    /**
     * One thing in its place.
     *
     * @param cell what it has between the walls that part it from the others; it stands in the lowest fore left corner
     */
    record Stood(int thing, Box turned, Corner corner, Box cell) {}

    /** All of them, in the order they were given, and what they take together. */
    record Arranged(Box around, List<Stood> stood) {}

    /** What one thing or two groups along an axis take; a single one has no parts. */
    private record Group(Box around, double kg, int thing, List<Group> parts, Axis axis) {}

    private final List<Thing> things;
    private final Box room;

    /** What a group has to leave to be kept [m]. */
    private final double leastM;

    private Arrangement(List<Thing> things, Box room, double leastM) {
        this.things = things;
        this.room = room;
        this.leastM = leastM;
    }

    /** @param things at least one, each with a way to stand; their numbers are those of the list */
    static Arranged of(List<Thing> things, Box room) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble((Integer i) -> -things.get(i).cubicM()));
        List<Integer> large = order.subList(0, Math.min(MOST_TOGETHER, order.size()));
        List<Integer> small = order.subList(large.size(), order.size());
        Arrangement free = new Arrangement(things, room, Double.NEGATIVE_INFINITY);
        // one after another is quickly found; whatever leaves less than that need not be looked at
        Group quick = free.roomiest(free.added(free.alone(large.get(0)), large.subList(1, large.size())));
        double toBeatM = leastGapM(quick.around(), room) + GAIN_M;
        List<Group> better = new Arrangement(things, room, toBeatM).together(large);
        Group best = free.roomiest(free.added(better.isEmpty() ? List.of(quick) : better, small));
        List<Stood> stood = new ArrayList<>();
        place(best, Corner.ORIGIN, best.around(), stood);
        stood.sort(Comparator.comparingInt(Stood::thing));
        return new Arranged(best.around(), stood);
    }

    private Group roomiest(List<Group> ways) {
        return ways.stream()
                .max(Comparator.comparingDouble(group -> leastGapM(group.around(), room)))
                .orElseThrow();
    }

    /** Some more things, one after another beside what stands there. */
    private List<Group> added(List<Group> ways, List<Integer> more) {
        List<Group> all = ways;
        for (int next : more) {
            List<Group> joined = new ArrayList<>();
            join(joined, all, alone(next));
            all = joined;
        }
        return all;
    }

    /** Least of the three gaps [m]; negative by how much it is too large. */
    static double leastGapM(Box around, Box room) {
        return Math.min(
                room.deepM() - around.deepM(), Math.min(room.wideM() - around.wideM(), room.tallM() - around.tallM()));
    }

    /** Every way worth keeping of a few things, from those of each smaller set of them. */
    private List<Group> together(List<Integer> few) {
        List<List<Group>> bySet = new ArrayList<>();
        bySet.add(List.of());
        for (int set = 1; set < 1 << few.size(); set++) {
            if (Integer.bitCount(set) == 1) {
                bySet.add(alone(few.get(Integer.numberOfTrailingZeros(set))));
                continue;
            }
            List<Group> ways = new ArrayList<>();
            for (int part = (set - 1) & set; part > 0; part = (part - 1) & set) {
                if (part > (set ^ part)) {
                    join(ways, bySet.get(part), bySet.get(set ^ part));
                }
            }
            bySet.add(ways);
        }
        return bySet.get(bySet.size() - 1);
    }

    private List<Group> alone(int thing) {
        List<Group> ways = new ArrayList<>();
        for (Box way : things.get(thing).ways()) {
            keep(ways, new Group(way, things.get(thing).kg(), thing, List.of(), Axis.DEEP));
        }
        return ways;
    }

    private void join(List<Group> ways, List<Group> some, List<Group> others) {
        for (Group a : some) {
            for (Group b : others) {
                for (Axis axis : Axis.values()) {
                    List<Group> parts = a.kg() >= b.kg() ? List.of(a, b) : List.of(b, a);
                    keep(ways, new Group(axis.joined(a.around(), b.around()), a.kg() + b.kg(), -1, parts, axis));
                }
            }
        }
    }

    /** Neither where another takes no more in any direction, nor where less is left than there is to beat. */
    private void keep(List<Group> ways, Group group) {
        if (leastGapM(group.around(), room) < leastM) {
            return;
        }
        for (Group other : ways) {
            if (within(other.around(), group.around())) {
                return;
            }
        }
        ways.removeIf(other -> within(group.around(), other.around()));
        ways.add(group);
        if (ways.size() > MOST_KEPT) {
            ways.sort(Comparator.comparingDouble(other -> -leastGapM(other.around(), room)));
            ways.remove(ways.size() - 1);
        }
    }

    private static boolean within(Box small, Box large) {
        return small.deepM() <= large.deepM() && small.wideM() <= large.wideM() && small.tallM() <= large.tallM();
    }

    private static void place(Group group, Corner corner, Box cell, List<Stood> stood) {
        if (group.parts().isEmpty()) {
            stood.add(new Stood(group.thing(), group.around(), corner, cell));
            return;
        }
        Axis axis = group.axis();
        Group first = group.parts().get(0);
        double splitM = axis.along(first.around());
        place(first, corner, axis.with(cell, splitM), stood);
        place(group.parts().get(1), axis.moved(corner, splitM), axis.with(cell, axis.along(cell) - splitM), stood);
    }
}
