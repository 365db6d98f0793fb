package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A pair of wires from one point of the harness to the next.
 *
 * @param from     id of a pack or junction
 * @param to       id of a junction or device
 * @param fittings in order from {@code from} to {@code to}
 * @param start    what it is joined to {@code from} with
 * @param end      what it is joined to {@code to} with
 */
@RecordBuilder
public record Segment(
        String id,
        String name,
        @Names({PartKind.PACK, PartKind.JUNCTION}) String from,
        @Names({PartKind.DEVICE, PartKind.JUNCTION}) String to,
        Wire wire,
        @PartList(PartKind.FITTING) List<Fitting> fittings,
        Ending start,
        Ending end)
        implements SegmentBuilder.With {

    private static final int MOST_FITTINGS = 20;

    /** One of whose ends nothing is known. */
    public Segment(String id, String name, String from, String to, Wire wire, List<Fitting> fittings) {
        this(id, name, from, to, wire, fittings, Ending.UNKNOWN, Ending.UNKNOWN);
    }

    public Segment {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.id("from", from);
        Checks.id("to", to);
        fittings = Checks.atMost("fittings", MOST_FITTINGS, fittings);
    }

    /** Whether a fuse sits in it. */
    public boolean fused() {
        return fittings.stream().anyMatch(Fitting.Fuse.class::isInstance);
    }

    /** This segment with one fitting replaced by the one of the same id. */
    public Segment with(Fitting fitting) {
        return withFittings(fittings.stream()
                .map(f -> f.id().equals(fitting.id()) ? fitting : f)
                .toList());
    }
}
