package app.brightkeel.core.protection;

import app.brightkeel.core.circuit.WireResistance;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.protection.Protection.Needs;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.protection.ProtectionState.LetThrough;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.protection.ProtectionState.Zone;
import app.brightkeel.core.protection.Shorts.Leg;
import app.brightkeel.core.protection.Shorts.Reach;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Walks from each pack outwards and notes what each fuse protects. Packs in use that meet feed what is behind together:
 * their fuses let through what they let through together. An alternative never stands with others.
 */
final class ProtectionWalk {

    /** Points of the band that lie at the limit itself count. */
    private static final double ROUNDING = 1 + 1e-9;

    private static final class Met {
        final Segment segment;
        final int place;
        final int fitting;
        final Fitting.Fuse fuse;
        final int order;
        final double distanceM;
        final boolean sheathed;
        final TreeSet<Integer> behind = new TreeSet<>();
        final TreeSet<Integer> nearest = new TreeSet<>();
        final int upstream;
        final boolean direct;
        boolean first;
        double farShortA = Double.POSITIVE_INFINITY;
        double sourceV;

        Met(Segment segment, int place, int fitting, Fitting.Fuse fuse, Way way, int order) {
            this.order = order;
            this.segment = segment;
            this.place = place;
            this.fitting = fitting;
            this.fuse = fuse;
            this.first = way.fuses.isEmpty();
            this.direct = way.direct;
            this.upstream = first ? -1 : way.fuses.get(way.fuses.size() - 1).order;
            this.distanceM = way.lengthM + fuse.atM().value();
            this.sheathed = way.sheathed && segment.wire().sheathed();
        }

        double ratingA() {
            return fuse.ratingA().value();
        }
    }

    /**
     * The way from a pack to a point.
     *
     * @param wireOhm of the wire alone: what a short leaves of it all
     */
    private record Way(
            List<Met> fuses,
            double lengthM,
            double ohm,
            double wireOhm,
            boolean sheathed,
            boolean direct,
            List<Leg> legs,
            List<Leg> wireLegs) {

        static Way from(boolean direct) {
            return new Way(List.of(), 0, 0, 0, true, direct, List.of(), List.of());
        }

        Way past(Met met) {
            return new Way(with(fuses, met), lengthM, ohm, wireOhm, sheathed, direct, legs, wireLegs);
        }

        Way into(int place) {
            return new Way(
                    fuses,
                    lengthM,
                    ohm,
                    wireOhm,
                    sheathed,
                    direct,
                    with(legs, new Leg(place, ohm)),
                    with(wireLegs, new Leg(place, wireOhm)));
        }

        Way along(Segment segment, WireResistance resistance) {
            return new Way(
                    fuses,
                    lengthM + segment.wire().lengthM().value(),
                    ohm + resistance.loopOhm(),
                    wireOhm + resistance.wireOhm(),
                    sheathed && segment.wire().sheathed(),
                    false,
                    legs,
                    wireLegs);
        }

        private static <T> List<T> with(List<T> all, T one) {
            List<T> more = new ArrayList<>(all);
            more.add(one);
            return more;
        }
    }

    /** A pack at a point, with the last fuse on its way. */
    private record Arrival(Reach reach, Met last) {}

    private final Needs needs;
    private final Set<PackString> inUse;
    private final Map<String, Met> met = new LinkedHashMap<>();
    private final Map<String, Integer> devicePlaces = new HashMap<>();
    private final TreeSet<Integer> bare = new TreeSet<>();

    /** The wire of a segment from its start, or from one of its fuses, on. */
    private record Stretch(int place, int after) {}

    private static final int FROM_ITS_START = -1;

    /** The last fuse before each stretch of wire, and before each device, by the pack. */
    private final Map<Stretch, Map<PackString, Met>> guarded = new LinkedHashMap<>();

    private final Map<Integer, Map<PackString, Met>> deviceGuards = new TreeMap<>();

    /** Packs at the far ends of what fuses protect, and at the fuses themselves. */
    private final Map<String, List<Arrival>> farEnds = new LinkedHashMap<>();

    private final Map<String, List<Reach>> atFuses = new HashMap<>();

    /** Ohms of wire from a pack to each point it reaches. */
    private final Map<PackString, Map<String, Double>> reached = new LinkedHashMap<>();

    ProtectionWalk(Needs needs) {
        this.needs = needs;
        this.inUse = new HashSet<>(needs.packs().subList(0, needs.inUse()));
        for (int i = 0; i < needs.devices().size(); i++) {
            devicePlaces.put(needs.devices().get(i).id(), i);
        }
    }

    ProtectionState walk() {
        for (PackString pack : needs.packs()) {
            pack.members()
                    .forEach(member -> onwards(
                            pack, member.id(), Way.from(!needs.overPlugs().contains(member.id()))));
        }
        farEnds.values().forEach(this::shortAtEnd);
        List<FuseDuty> duties = met.values().stream().map(this::duty).toList();
        List<Integer> guards = new ArrayList<>();
        List<Double> guardA = new ArrayList<>();
        for (int d = 0; d < needs.devices().size(); d++) {
            Map<PackString, Met> last = deviceGuards.getOrDefault(d, Map.of());
            guards.add(last.values().stream().mapToInt(one -> one.order).max().orElse(-1));
            guardA.add(last.values().stream()
                    .mapToDouble(one -> together(last, one))
                    .max()
                    .orElse(0));
        }
        return new ProtectionState(duties, List.copyOf(bare), List.copyOf(guards), List.copyOf(guardA));
    }

    /** What a fuse lets through with those of the packs that feed the same together with its own [A]. */
    private double together(Map<PackString, Met> guards, Met one) {
        boolean joined =
                guards.entrySet().stream().anyMatch(each -> each.getValue() == one && inUse.contains(each.getKey()));
        return joined
                ? guards.entrySet().stream()
                        .filter(each -> inUse.contains(each.getKey()))
                        .map(Map.Entry::getValue)
                        .distinct()
                        .mapToDouble(Met::ratingA)
                        .sum()
                : one.ratingA();
    }

    private void onwards(PackString pack, String node, Way way) {
        reached.computeIfAbsent(pack, each -> new HashMap<>()).put(node, way.wireOhm);
        Integer device = devicePlaces.get(node);
        if (device != null) {
            arrive(pack, device, way);
        }
        for (int s = 0; s < needs.segments().size(); s++) {
            if (needs.segments().get(s).from().equals(node)) {
                through(pack, s, way.into(s));
            }
        }
    }

    private void arrive(PackString pack, int device, Way way) {
        if (way.fuses.isEmpty()) {
            bare.add(device);
        } else {
            Met last = way.fuses.get(way.fuses.size() - 1);
            way.fuses.forEach(fuse -> fuse.behind.add(device));
            last.nearest.add(device);
            deviceGuards.computeIfAbsent(device, each -> new LinkedHashMap<>()).put(pack, last);
        }
    }

    private void through(PackString pack, int place, Way way) {
        Segment segment = needs.segments().get(place);
        WireResistance resistance = new WireResistance(segment, needs.airC());
        Way at = way;
        if (!way.fuses.isEmpty() && !fusedAtItsRoot(segment)) {
            protects(pack, way, new Stretch(place, FROM_ITS_START));
        }
        for (int f = 0; f < segment.fittings().size(); f++) {
            if (segment.fittings().get(f) instanceof Fitting.Fuse fuse) {
                double before = 2 * fuse.atM().value() * resistance.ohmPerM();
                // what the one before it protects ends here
                ends(place + "." + f, pack, at, way.ohm + before);
                Met here = meet(pack, segment, place, f, fuse, at);
                atFuses.computeIfAbsent(fuse.id(), each -> new ArrayList<>())
                        .add(new Reach(pack, way.wireOhm + before, at.wireLegs));
                at = at.past(here);
                protects(pack, at, new Stretch(place, f));
            }
        }
        Way end = at.along(segment, resistance);
        ends(String.valueOf(place), pack, end, end.ohm);
        onwards(pack, segment.to(), end);
    }

    /** A branch with a fuse where it leaves is protected by that one: so short a stub may be thinner than what it leaves. */
    private static boolean fusedAtItsRoot(Segment segment) {
        return segment.fittings().stream()
                .anyMatch(fitting ->
                        fitting instanceof Fitting.Fuse fuse && fuse.atM().value() <= Place.BARE_M);
    }

    private Met meet(PackString pack, Segment segment, int place, int fitting, Fitting.Fuse fuse, Way way) {
        Met one = met.computeIfAbsent(fuse.id(), id -> new Met(segment, place, fitting, fuse, way, met.size()));
        one.sourceV = Math.max(one.sourceV, pack.sum(p -> p.restVolts(1)));
        one.first |= way.fuses.isEmpty();
        return one;
    }

    private void protects(PackString pack, Way way, Stretch stretch) {
        guarded.computeIfAbsent(stretch, each -> new LinkedHashMap<>()).put(pack, way.fuses.get(way.fuses.size() - 1));
    }

    private void ends(String point, PackString pack, Way way, double ohm) {
        if (!way.fuses.isEmpty()) {
            Met last = way.fuses.get(way.fuses.size() - 1);
            farEnds.computeIfAbsent(point, each -> new ArrayList<>())
                    .add(new Arrival(new Reach(pack, ohm, way.legs), last));
        }
    }

    /** A short at the far end of what a fuse protects: from packs that are nearly empty and cold, what each gives of it. */
    private void shortAtEnd(List<Arrival> all) {
        List<Arrival> together =
                all.stream().filter(each -> inUse.contains(each.reach.pack())).toList();
        List<Double> amps = Shorts.empty(together.stream().map(Arrival::reach).toList());
        Map<Met, Double> through = new LinkedHashMap<>();
        for (int i = 0; i < amps.size(); i++) {
            through.merge(together.get(i).last, amps.get(i), Double::sum);
        }
        through.forEach((fuse, sum) -> fuse.farShortA = Math.min(fuse.farShortA, sum));
        for (Arrival alone : all) {
            // one of those that are joined may be empty or taken out
            double single = Shorts.empty(List.of(alone.reach)).get(0);
            alone.last.farShortA = Math.min(alone.last.farShortA, single);
        }
    }

    /** The worst of all shorts between the far end and the fuse that it clears while the wire keeps its heat. */
    private static LetThrough letThrough(double ratingA, double farA, double nearA) {
        LetThrough worst = LetThrough.NONE;
        List<Double> tried = new ArrayList<>(List.of(farA, nearA));
        FuseTables.openings().forEach(point -> tried.add(point.multiple() * ratingA));
        for (double amps : tried) {
            double seconds = FuseTables.slowestS(amps / ratingA);
            LetThrough one = new LetThrough(amps, seconds);
            boolean within = amps >= farA && amps <= nearA && seconds <= Adiabatic.LONGEST_S * ROUNDING;
            if (within && one.a2s() > worst.a2s()) {
                worst = one;
            }
        }
        return worst;
    }

    /** The most that one of them draws more as it starts, at its lowest volts. */
    private double startMore(TreeSet<Integer> devices) {
        DayLoad load = needs.load();
        return devices.stream()
                .mapToDouble(d -> (load.startW().get(d) - load.fullW().get(d))
                        / needs.devices().get(d).limits().minV().value())
                .max()
                .orElse(0);
    }

    /** What all packs that feed a fuse drive into a short right behind it. */
    private double shortBehind(Met one) {
        List<Reach> all = atFuses.getOrDefault(one.fuse.id(), List.of());
        double joined = Shorts.full(all.stream()
                        .filter(reach -> inUse.contains(reach.pack()))
                        .toList())
                .stream()
                .mapToDouble(amps -> amps)
                .sum();
        return all.stream()
                .mapToDouble(reach -> Shorts.full(List.of(reach)).get(0))
                .reduce(joined, Math::max);
    }

    /** What packs that join behind a fuse drive back through it into a short before it. */
    private double shortBefore(Met one) {
        List<Reach> own = atFuses.getOrDefault(one.fuse.id(), List.of());
        Set<PackString> feeding = new HashSet<>(own.stream().map(Reach::pack).toList());
        if (own.stream().noneMatch(reach -> inUse.contains(reach.pack()))) {
            return 0;
        }
        Map<String, Double> mine = reached.getOrDefault(own.get(0).pack(), Map.of());
        double back = 0;
        for (PackString other : inUse) {
            double ohm = feeding.contains(other)
                    ? Double.POSITIVE_INFINITY
                    : reached.getOrDefault(other, Map.of()).entrySet().stream()
                            .filter(point -> mine.containsKey(point.getKey()))
                            .mapToDouble(point -> point.getValue()
                                    + Math.abs(mine.getOrDefault(point.getKey(), 0.0)
                                            - own.get(0).ohm()))
                            .min()
                            .orElse(Double.POSITIVE_INFINITY);
            back += Double.isFinite(ohm) ? other.fullShortA(ohm) : 0;
        }
        return back;
    }

    private FuseDuty duty(Met one) {
        double load = one.behind.stream()
                .mapToDouble(device -> needs.load()
                        .mostAmps(
                                device,
                                needs.devices().get(device).limits().minV().value(),
                                one.sourceV))
                .sum();
        double behindA = shortBehind(one);
        return new FuseDuty(
                one.fuse.id(),
                one.fuse.name(),
                one.place,
                one.fitting,
                one.ratingA(),
                one.fuse.form().breakingA(),
                one.fuse.form().breakingV(),
                one.sourceV,
                load,
                load + startMore(one.behind),
                behindA,
                Math.max(behindA, shortBefore(one)),
                zone(one, behindA),
                new Place(one.first, one.distanceM, one.sheathed, one.direct, one.upstream),
                List.copyOf(one.nearest),
                List.copyOf(one.behind));
    }

    /** Of all the wire it protects the thinnest for what is let through, and what stands the least of its heat. */
    private Zone zone(Met one, double nearA) {
        double ampacity = Double.POSITIVE_INFINITY;
        double lets = one.ratingA();
        int thinnest = 0;
        double withstand = Double.POSITIVE_INFINITY;
        int weakest = 0;
        LetThrough alone = letThrough(one.ratingA(), one.farShortA, nearA);
        LetThrough heat = alone;
        for (Map.Entry<Stretch, Map<PackString, Met>> each : guarded.entrySet()) {
            Collection<Met> guards = each.getValue().values();
            if (!guards.contains(one)) {
                continue;
            }
            int place = each.getKey().place();
            Segment segment = needs.segments().get(place);
            double here = together(each.getValue(), one);
            double amps = new Ampacity(segment.wire(), needs.airC()).amps();
            if (here * ampacity > lets * amps) {
                ampacity = amps;
                lets = here;
                thinnest = place;
            }
            double stands = new Adiabatic(segment.wire()).withstandA2s();
            LetThrough there = new LetThrough(alone.amps() * here / one.ratingA(), alone.seconds());
            if (Double.isInfinite(withstand)
                    || there.a2s() * withstand > heat.a2s() * stands
                    || stands < withstand && there.a2s() == heat.a2s()) {
                withstand = stands;
                heat = there;
                weakest = place;
            }
        }
        return new Zone(ampacity, thinnest, lets, one.farShortA, withstand, weakest, heat);
    }
}
