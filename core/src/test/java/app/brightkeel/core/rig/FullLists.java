package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.whole.Nudge;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Rigs one of whose lists holds as much as it may. */
public final class FullLists {

    private FullLists() {}

    /** A list that can be filled: where it stands, and its n-th further entry made from the rig. */
    private record Filling(String pointer, boolean fresh, BiFunction<Rig, Integer, Object> entry) {

        /** One whose entries are made from nothing. */
        Filling(String pointer, BiFunction<Rig, Integer, Object> entry) {
            this(pointer, true, entry);
        }
    }

    private static final List<Filling> FILLINGS = List.of(
            each("/devices", Device.class, (part, n) -> part.withId("more-" + n)),
            each("/transducers", Transducer.class, (part, n) -> part.withId("more-" + n)),
            each("/transducers/0/beams", Beam.class, (part, n) -> part.withId("more-" + n)),
            each("/outing/phases", Phase.class, (part, n) -> part.withId("more-" + n)),
            each(
                    "/harness/packs",
                    Pack.class,
                    (part, n) -> part.withId("more-" + n).withOnTopOf("")),
            new Filling("/harness/junctions", (rig, n) -> new Junction("more-" + n, "point " + n)),
            new Filling("/harness/spares", FullLists::spare),
            new Filling(
                    "/harness/segments/0/fittings", (rig, n) -> new Fitting.Joint("more-" + n, "plug", Figure.UNSET)),
            each("/onHand", Pack.class, (part, n) -> part.withId("more-" + n)),
            each("/chargers", Charger.class, (part, n) -> part.withId("more-" + n)),
            new Filling(
                    "/network/leads",
                    (rig, n) -> new DataLead(
                            "more-" + n,
                            "lead " + n,
                            rig.devices().get(0).id(),
                            rig.devices().get(1).id(),
                            Figure.UNSET,
                            Figure.UNSET)),
            each("/craft/stations", Station.class, (part, n) -> part.withId("more-" + n)),
            each("/craft/passages", Passage.class, (part, n) -> part.withId("more-" + n)),
            each("/craft/obstructions", Obstruction.class, (part, n) -> part.withId("more-" + n)),
            each("/craft/kept", KeptRoom.class, (part, n) -> part.withId("more-" + n)),
            each("/fitOut/ballast", Ballast.class, (part, n) -> part.withId("more-" + n)),
            each("/fitOut/boxes/0/ribs", Rib.class, (part, n) -> part.withId("more-" + n)),
            each("/fitOut/boxes/0/exits", Exit.class, (part, n) -> part.withId("more-" + n)),
            each("/fitOut/boxes/0/pockets", Pocket.class, (part, n) -> part.withId("more-" + n)),
            each("/fitOut/fasteners", Fastener.class, (part, n) -> part.withId("more-" + n)),
            each("/fitOut/closures", Closure.class, (part, n) -> part.withId("more-" + n)),
            new Filling(
                    "/fitOut/extras",
                    (rig, n) -> new Extra(
                            "more-" + n,
                            "hood",
                            ExtraKind.HOOD,
                            rig.devices().get(0).id())),
            new Filling(
                    "/fitOut/boards/parts",
                    (rig, n) -> new BoardPart("more-" + n, "part", Figure.chosen(0.2), Figure.chosen(0.1), 1, false)),
            new Filling(
                    "/fitOut/boxes",
                    (rig, n) -> rig.fitOut()
                            .boxes()
                            .get(0)
                            .with(b -> b.id("more-" + n)
                                    .ribs(List.of())
                                    .exits(List.of())
                                    .pockets(List.of())
                                    .station(rig.craft()
                                            .stations()
                                            .get(n % rig.craft().stations().size())
                                            .id()))));

    private static <T> Filling each(String pointer, Class<T> type, BiFunction<T, Integer, T> copy) {
        Function<Rig, T> first = rig -> type.cast(((List<?>) Nudge.read(rig, pointer)).get(0));
        return new Filling(pointer, false, (rig, n) -> copy.apply(first.apply(rig), n));
    }

    private static Object spare(Rig rig, int n) {
        Segment lead = rig.harness().segments().get(0);
        return lead.with(s -> s.id("more-" + n)
                .from(rig.harness().packs().get(0).id())
                .to(rig.devices().get(0).id())
                .fittings(List.of()));
    }

    /** As many wires as there may be, each to a point of its own. */
    private static Rig wired(Rig rig) {
        List<Junction> junctions = new ArrayList<>(rig.harness().junctions());
        List<Segment> segments = new ArrayList<>(rig.harness().segments());
        Segment lead = segments.get(0);
        for (int n = 1; segments.size() < Harness.MOST_SEGMENTS; n++) {
            String point = "more-" + n;
            junctions.add(new Junction(point, point));
            segments.add(lead.with(
                    s -> s.id("wire-" + point).from(lead.from()).to(point).fittings(List.of())));
        }
        return rig.withHarness(rig.harness().withJunctions(junctions).withSegments(segments));
    }

    /** Each list of a rig, filled one after the other until it is refused, by its pointer. */
    public static Map<String, Rig> of(Rig rig) {
        Rig whole = EveryList.in(rig);
        Map<String, Rig> all = new LinkedHashMap<>();
        for (Filling filling : FILLINGS) {
            boolean alone =
                    filling.pointer().equals("/network/leads") && rig.devices().size() < 2;
            if (!alone && (filling.fresh() || !((List<?>) Nudge.read(whole, filling.pointer())).isEmpty())) {
                all.put(filling.pointer(), filled(whole, filling));
            }
        }
        all.put("/harness/segments", wired(whole));
        return all;
    }

    private static Rig filled(Rig rig, Filling filling) {
        Rig full = rig;
        for (int n = 1; ; n++) {
            Optional<Rig> more = more(full, filling, n);
            if (more.isEmpty()) {
                return full;
            }
            full = more.get();
        }
    }

    private static Optional<Rig> more(Rig rig, Filling filling, int n) {
        try {
            return Optional.of(Nudge.replaced(rig, filling.pointer(), list -> {
                List<Object> all = new ArrayList<>((List<?>) list);
                all.add(filling.entry().apply(rig, n));
                return all;
            }));
        } catch (Refusal refused) {
            // of boxes there is one at a station: a small craft is full before its list is
            if (refused.code() != RefusalCode.TOO_MANY && refused.code() != RefusalCode.DUPLICATE) {
                throw refused;
            }
            return Optional.empty();
        }
    }
}
