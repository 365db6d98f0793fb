package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Packs and the wire between them and the devices: a tree by id, each segment a pair of wires that leads from a pack
 * or junction to a junction or device.
 *
 * @param packs     in parallel where several feed one junction, in series where one stands on top of another
 * @param junctions named points where segments meet
 * @param segments  pairs of plus and minus wire with what sits in them
 * @param spares    leads that go along and are joined to nothing: each says whom it could join
 */
@RecordBuilder
public record Harness(
        @PartList(PartKind.PACK) List<Pack> packs,
        @PartList(PartKind.JUNCTION) List<Junction> junctions,
        @PartList(PartKind.SEGMENT) List<Segment> segments,
        @PartList(PartKind.SPARE) List<Segment> spares)
        implements HarnessBuilder.With {

    /** Most segments of a harness. */
    public static final int MOST_SEGMENTS = 200;

    private static final int MOST_PACKS = 12;
    private static final int MOST_SPARES = 20;

    /** Without spare leads. */
    public Harness(List<Pack> packs, List<Junction> junctions, List<Segment> segments) {
        this(packs, junctions, segments, List.of());
    }

    /**
     * @throws Refusal LOOP where a segment closes a circle or feeds what is fed already from the same side, or packs in
     *     series do; DANGLING where a pack stands on nothing
     */
    public Harness {
        packs = Checks.atMost("packs", MOST_PACKS, packs);
        junctions = Checks.atMost("junctions", MOST_SEGMENTS, junctions);
        segments = Checks.atMost("segments", MOST_SEGMENTS, segments);
        spares = Checks.atMost("spares", MOST_SPARES, spares);
        refuseLoops(segments);
        Series.check(packs);
    }

    @Override
    public List<Pack> packs() {
        return Reads.noted(Part.PACKS, packs);
    }

    @Override
    public List<Junction> junctions() {
        return Reads.noted(Part.JUNCTIONS, junctions);
    }

    @Override
    public List<Segment> segments() {
        return Reads.noted(Part.SEGMENTS, segments);
    }

    @Override
    public List<Segment> spares() {
        return Reads.noted(Part.SPARES, spares);
    }

    /** Whether a wire leaves from a pack itself, not from where wires meet. */
    public boolean fromPack(Segment segment) {
        return packs().stream().anyMatch(pack -> pack.id().equals(segment.from()));
    }

    /** The packs in use, as places in the list: those in series together, the one the wire leaves from first. */
    public List<List<Integer>> sources() {
        return Series.of(packs(), PackRole.IN_USE);
    }

    private static void refuseLoops(List<Segment> segments) {
        Map<String, String> leader = new HashMap<>();
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            String from = leaderOf(leader, segment.from());
            String to = leaderOf(leader, segment.to());
            if (from.equals(to)) {
                throw new Refusal(
                        RefusalCode.LOOP,
                        "segments[" + i + "].to",
                        segment.id(),
                        "a tree: this segment joins two points that are joined already");
            }
            leader.put(to, from);
        }
    }

    private static String leaderOf(Map<String, String> leader, String id) {
        String at = id;
        while (leader.containsKey(at)) {
            at = leader.get(at);
        }
        return at;
    }

    /** The pack with this id; an unknown id is a bug of the caller. */
    public Pack pack(String id) {
        return packs().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
    }

    /** The segment with this id; an unknown id is a bug of the caller. */
    public Segment segment(String id) {
        return segments().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    /** The junction with this id, if it is one. */
    public Optional<Junction> junction(String id) {
        return junctions().stream().filter(j -> j.id().equals(id)).findFirst();
    }

    /** Segments that leave a pack or junction, in their order. */
    public List<Segment> from(String id) {
        return segments().stream().filter(s -> s.from().equals(id)).toList();
    }

    public Harness with(Junction junction) {
        return withJunctions(junctions.stream()
                .map(j -> j.id().equals(junction.id()) ? junction : j)
                .toList());
    }

    public Harness with(Pack pack) {
        return withPacks(
                packs.stream().map(p -> p.id().equals(pack.id()) ? pack : p).toList());
    }

    public Harness with(Segment segment) {
        return withSegments(segments.stream()
                .map(s -> s.id().equals(segment.id()) ? segment : s)
                .toList());
    }

    /** Packs that are changed for each other on the water; none where no spare goes along. */
    public List<Pack> changedAfloat() {
        List<Pack> all = packs();
        return all.stream().anyMatch(pack -> pack.role() == PackRole.SPARE)
                ? all.stream().filter(pack -> pack.role() != PackRole.INSTEAD).toList()
                : List.of();
    }
}
