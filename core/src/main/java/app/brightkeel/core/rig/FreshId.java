package app.brightkeel.core.rig;

import java.util.HashSet;
import java.util.Set;

/** An id no part of a rig has yet. */
public final class FreshId {

    private static final int LONGEST = 36;

    private FreshId() {}

    /** The wish itself, shortened if need be, or the wish with the first number that is free. */
    public static String of(Rig rig, String wish) {
        Set<String> taken = new HashSet<>();
        rig.devices().forEach(d -> taken.add(d.id()));
        rig.transducers().forEach(t -> taken.add(t.id()));
        rig.runs().forEach(r -> taken.add(r.id()));
        rig.holders().forEach(h -> taken.add(h.id()));
        rig.onHand().forEach(p -> taken.add(p.id()));
        rig.chargers().forEach(c -> taken.add(c.id()));
        rig.harness().forEachId(taken::add);
        rig.network().leads().forEach(lead -> taken.add(lead.id()));
        rig.fitOut().forEachId(taken::add);
        String stem = wish.length() > LONGEST ? wish.substring(0, LONGEST) : wish;
        String id = stem;
        for (int n = 2; taken.contains(id); n++) {
            id = stem + "-" + n;
        }
        return id;
    }
}
