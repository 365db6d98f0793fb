package app.brightkeel.core.station;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.parts.Origins;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What goes from one station to another: pieces of gear that both have travel, whatever else is said of them.
 *
 * @param things of both stations, crafts not among them, in the order of {@link Whereabouts}
 */
public record Conversion(List<Thing> things) {

    /**
     * One thing.
     *
     * @param here  its part at the station it comes from, "" where it has none there; {@code there} at the other
     * @param item  id of the piece of gear that travels, "" for all else
     */
    public record Thing(
            Whereabouts where, ItemKind kind, String name, String here, String there, String thereName, String item) {}

    public Conversion {
        things = List.copyOf(things);
    }

    /** From a rig to another one. */
    public static Conversion of(Rig from, Rig to) {
        List<RigThings.There> left = new ArrayList<>(gear(to));
        Map<String, String> pieces = pieces(from);
        Map<String, String> travels = new HashMap<>();
        pieces(to).forEach((part, item) -> travels.put(item, part));
        List<Thing> things = new ArrayList<>();
        List<RigThings.There> others = new ArrayList<>();
        for (RigThings.There mine : gear(from)) {
            String item = pieces.getOrDefault(mine.id(), "");
            Optional<RigThings.There> same = Optional.ofNullable(travels.get(item))
                    .flatMap(part ->
                            left.stream().filter(each -> each.id().equals(part)).findFirst());
            if (same.isPresent()) {
                left.remove(same.get());
                things.add(thing(Whereabouts.TRAVELS, mine, same, item));
            } else {
                others.add(mine);
            }
        }
        for (RigThings.There mine : others) {
            Optional<RigThings.There> like = left.stream()
                    .filter(each -> each.thing().kind() == mine.thing().kind() && there(to, each))
                    .findFirst();
            like.ifPresent(left::remove);
            things.add(thing(like.isPresent() ? Whereabouts.IN_BOTH : Whereabouts.STAYS_HERE, mine, like, ""));
        }
        for (RigThings.There theirs : left) {
            Whereabouts where = there(to, theirs) ? Whereabouts.STAYS_THERE : Whereabouts.MISSING;
            things.add(new Thing(where, theirs.thing().kind(), theirs.name(), "", theirs.id(), theirs.name(), ""));
        }
        things.sort(Comparator.comparing(Thing::where));
        return new Conversion(things);
    }

    private static Thing thing(Whereabouts where, RigThings.There mine, Optional<RigThings.There> other, String item) {
        return new Thing(
                where,
                mine.thing().kind(),
                mine.name(),
                mine.id(),
                other.map(RigThings.There::id).orElse(""),
                other.map(RigThings.There::name).orElse(""),
                item);
    }

    /** A craft does not travel to another; a pack that is only compared with is not aboard. */
    private static List<RigThings.There> gear(Rig rig) {
        return RigThings.of(rig).stream()
                .filter(each -> each.thing().kind() != ItemKind.CRAFT)
                .filter(each ->
                        rig.onHand().stream().noneMatch(pack -> pack.id().equals(each.part())))
                .toList();
    }

    /** By part, the piece that it is. */
    private static Map<String, String> pieces(Rig rig) {
        Map<String, String> pieces = new HashMap<>();
        Uses.aboard(rig).forEach(use -> pieces.put(use.part(), use.item()));
        return pieces;
    }

    /** What is said to be there, or comes with what is; a wire that is drawn and of which nobody said a thing is there. */
    private static boolean there(Rig rig, RigThings.There each) {
        Having having = Origins.said(rig, each.part(), each.piece())
                .map(Purchase::having)
                .orElse(each.thing().kind() == ItemKind.LEAD ? Having.OWNED : Having.UNDECIDED);
        return having.there();
    }

    /** Those that are somewhere. */
    public List<Thing> at(Whereabouts where) {
        return things.stream().filter(each -> each.where() == where).toList();
    }
}
