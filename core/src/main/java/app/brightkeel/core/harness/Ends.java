package app.brightkeel.core.harness;

import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Ends that are joined to each other along the way from battery to device, and those of chargers and spare leads. */
public final class Ends {

    private Ends() {}

    /** Which part an end belongs to, and which of its ends. */
    enum Of {
        PACK,
        START,
        END,
        DEVICE,
        CHARGER
    }

    /**
     * One end of a part.
     *
     * @param part id
     * @param name of the part
     */
    public record One(Of of, String part, String name, Ending ending) {}

    /**
     * Two ends that are to be joined.
     *
     * @param live the one on the battery's side
     */
    public record Pair(One live, One other) {
        public boolean known() {
            return live.ending().comparable(other.ending());
        }

        /** The one that is changed where the two do not go together: a device keeps the socket it has. */
        public One changed() {
            return other.of() == Of.DEVICE ? live : other;
        }

        /** What the one that is changed goes with. */
        public Ending kept() {
            return other.of() == Of.DEVICE ? other.ending() : live.ending();
        }

        public boolean mates() {
            return live.ending().mates(other.ending());
        }
    }

    /** What is joined while the rig is in use or charged. */
    public static List<Pair> joined(Rig rig) {
        Harness harness = rig.harness();
        List<Pair> all = new ArrayList<>();
        for (Segment segment : harness.segments()) {
            all.addAll(starting(harness, segment));
            rig.devices().stream()
                    .filter(device -> device.id().equals(segment.to()))
                    .forEach(device -> all.add(new Pair(
                            new One(Of.END, segment.id(), segment.name(), segment.end()),
                            new One(
                                    Of.DEVICE,
                                    device.id(),
                                    device.name(),
                                    device.sockets().power()))));
        }
        for (Charger charger : rig.chargers()) {
            One plug = new One(Of.CHARGER, charger.id(), charger.name(), charger.ending());
            all.add(new Pair(live(harness, charger), plug));
        }
        return all;
    }

    /** What a spare lead would be joined to where it stands in. */
    public static List<Pair> spare(Rig rig) {
        return rig.harness().spares().stream()
                .flatMap(spare -> starting(rig.harness(), spare).stream())
                .toList();
    }

    /** A segment starts at a pack, or at a keyed plug that another segment ends in. */
    private static List<Pair> starting(Harness harness, Segment segment) {
        One start = new One(Of.START, segment.id(), segment.name(), segment.start());
        Optional<Pack> pack = harness.packs().stream()
                .filter(p -> p.id().equals(segment.from()))
                .findFirst();
        if (pack.isPresent()) {
            return List.of(new Pair(of(pack.get()), start));
        }
        boolean keyed = harness.junction(segment.from())
                .filter(j -> j.sort() == Junction.Meeting.PLUG_POINT)
                .isPresent();
        return !keyed
                ? List.of()
                : harness.segments().stream()
                        .filter(up -> up.to().equals(segment.from()))
                        .map(up -> new Pair(new One(Of.END, up.id(), up.name(), up.end()), start))
                        .toList();
    }

    /** What a charger is plugged to: the pack itself, or the plug at the end of a wire. */
    private static One live(Harness harness, Charger charger) {
        if (charger.via().isEmpty()) {
            return of(harness.pack(charger.charges()));
        }
        Segment via = harness.segment(charger.via());
        return new One(Of.END, via.id(), via.name(), via.end());
    }

    private static One of(Pack pack) {
        return new One(Of.PACK, pack.id(), pack.name(), pack.ending());
    }

    /** A rig with one end replaced. */
    public static Rig with(Rig rig, One one, Ending ending) {
        Harness harness = rig.harness();
        return switch (one.of()) {
            case PACK -> rig.with(harness.pack(one.part()).withEnding(ending));
            case CHARGER ->
                rig.withChargers(rig.chargers().stream()
                        .map(c -> c.id().equals(one.part()) ? c.withEnding(ending) : c)
                        .toList());
            case START ->
                rig.withHarness(harness.withSegments(started(harness.segments(), one.part(), ending))
                        .withSpares(started(harness.spares(), one.part(), ending)));
            case DEVICE -> {
                Device device = rig.device(one.part());
                yield rig.with(device.withSockets(device.sockets().withPower(ending)));
            }
            case END -> rig.with(harness.segment(one.part()).withEnd(ending));
        };
    }

    private static List<Segment> started(List<Segment> segments, String id, Ending ending) {
        return segments.stream()
                .map(s -> s.id().equals(id) ? s.withStart(ending) : s)
                .toList();
    }
}
