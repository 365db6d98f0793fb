package app.brightkeel.core.harness;

import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A harness laid out for the solver: nodes in an order in which each stands behind its parent.
 *
 * @param ids       of the nodes: packs, junctions and devices that a pack reaches
 * @param parents   place of each node's parent, −1 for the first pack of each tree
 * @param segments  place in the harness of the segment to the parent, −1 for roots
 * @param packs     which source stands at a node, −1 elsewhere
 * @param devices   place in the rig of the device at a node, −1 elsewhere
 * @param sources   of each source the places in the rig of its packs in series, the one the wire leaves from first
 */
public record Topology(
        List<String> ids,
        List<Integer> parents,
        List<Integer> segments,
        List<Integer> packs,
        List<Integer> devices,
        List<List<Integer>> sources) {

    /**
     * Lays out the part of a harness that the packs in use reach; what no pack reaches is left out. A pack that waits
     * to be used instead ends its wire: nothing is fed through it.
     */
    public static Topology of(Rig rig) {
        return of(rig, rig.harness());
    }

    /** The same with another harness between what the rig has. */
    public static Topology of(Rig rig, Harness harness) {
        return new Builder(rig, harness, harness.sources()).build();
    }

    /** The same with an alternative source joined instead. */
    public static Topology instead(Rig rig, List<Integer> source) {
        return new Builder(rig, rig.harness(), List.of(source)).build();
    }

    /** Place of the node of a device, −1 where no pack reaches it. */
    public int nodeOfDevice(int device) {
        return devices.indexOf(device);
    }

    /** Places in the harness of the segments from a node to the pack of its tree; none for a node that is not there. */
    public List<Integer> way(int node) {
        List<Integer> way = new ArrayList<>();
        for (int at = node; at >= 0 && parents.get(at) >= 0; at = parents.get(at)) {
            way.add(segments.get(at));
        }
        return way;
    }

    /** The node of the pack that starts a node's tree; −1 for a node that is not there. */
    public int root(int node) {
        int at = node;
        while (at >= 0 && parents.get(at) >= 0) {
            at = parents.get(at);
        }
        return at;
    }

    /** Which source feeds a device; −1 where none reaches it. */
    public int sourceOfDevice(int device) {
        int root = root(nodeOfDevice(device));
        return root < 0 ? -1 : packs.get(root);
    }

    /** Each tree on its own, with the sources that stand in it: circuits that share no wire. */
    public List<Topology> trees() {
        return IntStream.range(0, ids.size())
                .filter(node -> parents.get(node) < 0)
                .mapToObj(this::tree)
                .toList();
    }

    private Topology tree(int root) {
        List<Integer> nodes = IntStream.range(0, ids.size())
                .filter(node -> root(node) == root)
                .boxed()
                .toList();
        List<Integer> own = nodes.stream()
                .map(packs::get)
                .filter(source -> source >= 0)
                .sorted()
                .toList();
        return new Topology(
                nodes.stream().map(ids::get).toList(),
                nodes.stream().map(node -> nodes.indexOf(parents.get(node))).toList(),
                nodes.stream().map(segments::get).toList(),
                nodes.stream().map(node -> own.indexOf(packs.get(node))).toList(),
                nodes.stream().map(devices::get).toList(),
                own.stream().map(sources::get).toList());
    }

    private static final class Builder {
        private final Harness harness;
        private final Map<String, List<Integer>> touching = new HashMap<>();
        private final Map<String, Integer> packPlaces = new HashMap<>();
        private final Map<String, Integer> devicePlaces = new HashMap<>();
        private final List<String> ids = new ArrayList<>();
        private final List<Integer> parents = new ArrayList<>();
        private final List<Integer> segments = new ArrayList<>();
        private final Set<String> seen = new HashSet<>();
        private final List<List<Integer>> sources;
        private final Map<String, String> bottoms = new HashMap<>();
        private final Set<String> waiting = new HashSet<>();

        Builder(Rig rig, Harness harness, List<List<Integer>> sources) {
            this.harness = harness;
            this.sources = sources;
            for (List<Integer> source : sources) {
                source.forEach(member -> bottoms.put(idOf(member), idOf(source.get(0))));
            }
            harness.packs().forEach(pack -> waiting.add(pack.id()));
            waiting.removeAll(bottoms.keySet());
            for (int i = 0; i < harness.segments().size(); i++) {
                Segment segment = harness.segments().get(i);
                touching.computeIfAbsent(start(segment), k -> new ArrayList<>()).add(i);
                touching.computeIfAbsent(segment.to(), k -> new ArrayList<>()).add(i);
            }
            for (int i = 0; i < sources.size(); i++) {
                packPlaces.put(idOf(sources.get(i).get(0)), i);
            }
            List<Device> devices = rig.devices();
            for (int i = 0; i < devices.size(); i++) {
                devicePlaces.put(devices.get(i).id(), i);
            }
        }

        private String idOf(int pack) {
            return harness.packs().get(pack).id();
        }

        /** Where a wire counts as leaving from: packs in series are one point. */
        private String start(Segment segment) {
            return bottoms.getOrDefault(segment.from(), segment.from());
        }

        Topology build() {
            for (List<Integer> source : sources) {
                String id = idOf(source.get(0));
                if (!seen.contains(id)) {
                    layOut(id);
                }
            }
            List<Integer> packs =
                    ids.stream().map(id -> packPlaces.getOrDefault(id, -1)).toList();
            List<Integer> devices =
                    ids.stream().map(id -> devicePlaces.getOrDefault(id, -1)).toList();
            return new Topology(List.copyOf(ids), List.copyOf(parents), List.copyOf(segments), packs, devices, sources);
        }

        private void layOut(String root) {
            Deque<String> open = new ArrayDeque<>();
            add(root, -1, -1);
            open.add(root);
            while (!open.isEmpty()) {
                String at = open.remove();
                if (waiting.contains(at)) {
                    continue;
                }
                int parent = ids.indexOf(at);
                for (int s : touching.getOrDefault(at, Collections.emptyList())) {
                    Segment segment = harness.segments().get(s);
                    String other = segment.to().equals(at) ? start(segment) : segment.to();
                    if (!seen.contains(other)) {
                        add(other, parent, s);
                        open.add(other);
                    }
                }
            }
        }

        private void add(String id, int parent, int segment) {
            seen.add(id);
            ids.add(id);
            parents.add(parent);
            segments.add(segment);
        }
    }
}
