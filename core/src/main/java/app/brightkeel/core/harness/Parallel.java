package app.brightkeel.core.harness;

import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.IntStream;

/** Packs in use that are joined by the harness. */
public final class Parallel {

    private Parallel() {}

    /** Of each source that shares its tree with another, the pack its wire leaves from. */
    public static List<Pack> joined(Rig rig) {
        if (rig.harness().packs().size() < 2) {
            return List.of();
        }
        Topology topology = Topology.of(rig);
        List<Integer> nodes = IntStream.range(0, topology.ids().size())
                .filter(node -> topology.packs().get(node) >= 0)
                .boxed()
                .toList();
        return nodes.stream()
                .filter(node -> nodes.stream()
                        .anyMatch(other -> !other.equals(node) && topology.root(other) == topology.root(node)))
                .map(node -> rig.harness().pack(topology.ids().get(node)))
                .toList();
    }
}
