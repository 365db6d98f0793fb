package app.brightkeel.core.garage;

import app.brightkeel.core.parts.Origins;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Which parts of a rig are pieces of gear of a garage. */
public final class Uses {

    private Uses() {}

    /**
     * One of them.
     *
     * @param part as {@link RigThings.There#id} writes it
     */
    public record Use(String item, String part) {

        /** Whether the rig only compares with it: it stands there under its own id. */
        public boolean compared() {
            return part.equals(item);
        }
    }

    /** As long as a part is still the one of which it was said. */
    public static List<Use> of(Rig rig) {
        List<Use> all = new ArrayList<>();
        Map<String, String> origins = Origins.of(rig);
        for (Purchase each : rig.purse().purchases()) {
            boolean still =
                    each.having() == Having.OWNED && each.origin().equals(origins.getOrDefault(each.part(), ""));
            if (still && !each.item().isEmpty()) {
                all.add(new Use(each.item(), RigThings.id(each.part(), each.piece())));
            }
        }
        for (Pack pack : rig.onHand()) {
            if (pack.id().startsWith(Purchase.ITEM)) {
                all.add(new Use(pack.id(), pack.id()));
            }
        }
        if (rig.craft().origin().startsWith(Purchase.ITEM)) {
            all.add(new Use(rig.craft().origin(), RigThings.CRAFT));
        }
        return all;
    }

    /** Those that are in the rig; what it only compares with is not. */
    public static List<Use> aboard(Rig rig) {
        return of(rig).stream().filter(use -> !use.compared()).toList();
    }

    /** The part that is this piece, if the rig has it; what it has only to compare with is none. */
    public static Optional<String> in(Rig rig, String item) {
        return aboard(rig).stream()
                .filter(use -> use.item().equals(item))
                .map(Use::part)
                .findFirst();
    }

    /** The copy of a piece that a rig holds, be it only to compare with; empty where it holds none of its kind. */
    static Optional<RigThings.There> copy(Rig rig, Item item) {
        return of(rig).stream()
                .filter(use -> use.item().equals(item.id()))
                .findFirst()
                .flatMap(use -> RigThings.find(rig, use.part()))
                .filter(there -> there.thing().kind() == item.kind());
    }

    /** Pieces of which one rig says something else than another one that was made of it. */
    public static List<String> changed(Rig before, Rig after) {
        return of(before).stream()
                .filter(use -> {
                    Optional<RigThings.There> was = RigThings.find(before, use.part());
                    Optional<RigThings.There> is = RigThings.find(after, use.part());
                    return !was.equals(is);
                })
                .map(Use::item)
                .toList();
    }
}
