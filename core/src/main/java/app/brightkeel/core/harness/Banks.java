package app.brightkeel.core.harness;

import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Series;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Packs that are changed together: those in use that stand in series or are joined by the harness. */
public final class Banks {

    private Banks() {}

    /** Each with at least one pack, in the rig's order. */
    public static List<List<Pack>> inUse(Rig rig) {
        return inUse(rig, Topology.of(rig));
    }

    /** The same of a rig whose harness is laid out already. */
    public static List<List<Pack>> inUse(Rig rig, Topology topology) {
        List<Pack> packs = rig.harness().packs();
        Map<Object, List<Pack>> all = new LinkedHashMap<>();
        List<List<Integer>> strings = Series.of(packs, PackRole.IN_USE);
        for (List<Integer> string : strings) {
            int node = topology.ids().indexOf(packs.get(string.get(0)).id());
            Object key = node < 0 ? string : topology.root(node);
            List<Pack> bank = all.computeIfAbsent(key, each -> new ArrayList<>());
            string.forEach(place -> bank.add(packs.get(place)));
        }
        return List.copyOf(all.values());
    }

    /** Those, and each alternative on its own. */
    public static List<List<Pack>> all(Rig rig) {
        List<List<Pack>> all = new ArrayList<>(inUse(rig));
        List<Pack> packs = rig.harness().packs();
        Series.of(packs, PackRole.INSTEAD)
                .forEach(string -> all.add(string.stream().map(packs::get).toList()));
        return all;
    }
}
