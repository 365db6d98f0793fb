package app.brightkeel.core.protection;

import app.brightkeel.core.circuit.WireResistance;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.protection.Protection.Needs;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.protection.ProtectionState.LetThrough;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.protection.ProtectionState.Zone;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Walks from each pack outwards and notes what each fuse protects. */
final class ProtectionWalk {

    /** Points of the band that lie at the limit itself count. */
    private static final double ROUNDING = 1 + 1e-9;

    private static final class Met {
        final Segment segment;
        final int place;
        final int fitting;
        final Fitting.Fuse fuse;
        final int order;
        final boolean first;
        final double distanceM;
        final boolean sheathed;
        final double sourceShortA;
        final TreeSet<Integer> behind = new TreeSet<>();
        final TreeSet<Integer> nearest = new TreeSet<>();
        final int upstream;
        final boolean direct;
        double ampacityA = Double.POSITIVE_INFINITY;
        int thinnest;
        double withstandA2s = Double.POSITIVE_INFINITY;
        int weakest;
        double farShortA = Double.POSITIVE_INFINITY;
        double sourceV;

        Met(Segment segment, int place, int fitting, Fitting.Fuse fuse, Way way, double sourceShortA, int order) {
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
            this.sourceShortA = sourceShortA;
        }
    }

    /** The way from a pack to a point. */
    private record Way(List<Met> fuses, double lengthM, double ohm, double wireOhm, boolean sheathed, boolean direct) {
        Way past(Met met) {
            List<Met> more = new ArrayList<>(fuses);
            more.add(met);
            return new Way(more, lengthM, ohm, wireOhm, sheathed, direct);
        }

        Way along(Segment segment, WireResistance resistance) {
            return new Way(
                    fuses,
                    lengthM + segment.wire().lengthM().value(),
                    ohm + resistance.loopOhm(),
                    wireOhm + resistance.wireOhm(),
                    sheathed && segment.wire().sheathed(),
                    false);
        }
    }

    private final Needs needs;
    private final Map<String, Met> met = new java.util.LinkedHashMap<>();
    private final Map<String, Integer> devicePlaces = new HashMap<>();
    private final TreeSet<Integer> bare = new TreeSet<>();

    ProtectionWalk(Needs needs) {
        this.needs = needs;
        for (int i = 0; i < needs.devices().size(); i++) {
            devicePlaces.put(needs.devices().get(i).id(), i);
        }
    }

    ProtectionState walk() {
        for (PackString pack : needs.packs()) {
            pack.members()
                    .forEach(member -> onwards(
                            pack,
                            member.id(),
                            new Way(List.of(), 0, 0, 0, true, !needs.overPlugs().contains(member.id()))));
        }
        List<FuseDuty> duties = met.values().stream().map(this::duty).toList();
        List<Integer> guards = new ArrayList<>();
        for (int d = 0; d < needs.devices().size(); d++) {
            int guard = -1;
            for (int f = 0; f < duties.size(); f++) {
                if (duties.get(f).devices().contains(d)) {
                    guard = f;
                }
            }
            guards.add(guard);
        }
        return new ProtectionState(duties, List.copyOf(bare), List.copyOf(guards));
    }

    private void onwards(PackString pack, String node, Way way) {
        Integer device = devicePlaces.get(node);
        if (device != null) {
            arrive(device, way);
        }
        for (int s = 0; s < needs.segments().size(); s++) {
            if (needs.segments().get(s).from().equals(node)) {
                through(pack, s, way);
            }
        }
    }

    private void arrive(int device, Way way) {
        if (way.fuses.isEmpty()) {
            bare.add(device);
        } else {
            way.fuses.forEach(fuse -> fuse.behind.add(device));
            way.fuses.get(way.fuses.size() - 1).nearest.add(device);
        }
    }

    private void through(PackString pack, int place, Way way) {
        Segment segment = needs.segments().get(place);
        WireResistance resistance = new WireResistance(segment, needs.airC());
        Way at = way;
        if (!way.fuses.isEmpty()) {
            protects(way, place, segment);
        }
        for (int f = 0; f < segment.fittings().size(); f++) {
            if (segment.fittings().get(f) instanceof Fitting.Fuse fuse) {
                // what the one before it protects ends here
                shortAt(pack, at, way.ohm + 2 * fuse.atM().value() * resistance.ohmPerM());
                Met here = meet(pack, segment, place, f, fuse, at, resistance);
                at = at.past(here);
                protects(at, place, segment);
            }
        }
        Way end = at.along(segment, resistance);
        shortAt(pack, end, end.ohm);
        onwards(pack, segment.to(), end);
    }

    private Met meet(
            PackString pack,
            Segment segment,
            int place,
            int fitting,
            Fitting.Fuse fuse,
            Way way,
            WireResistance resistance) {
        double before = way.wireOhm + 2 * fuse.atM().value() * resistance.ohmPerM();
        double current = pack.fullShortA(before);
        // a fuse behind a junction of several packs is met once from each: the first way is kept
        Met one =
                met.computeIfAbsent(fuse.id(), id -> new Met(segment, place, fitting, fuse, way, current, met.size()));
        one.sourceV = Math.max(one.sourceV, pack.sum(p -> p.restVolts(1)));
        return one;
    }

    private void protects(Way way, int place, Segment segment) {
        Met last = way.fuses.get(way.fuses.size() - 1);
        double amps = new Ampacity(segment.wire(), needs.airC()).amps();
        if (amps < last.ampacityA) {
            last.ampacityA = amps;
            last.thinnest = place;
        }
        double stands = new Adiabatic(segment.wire()).withstandA2s();
        if (stands < last.withstandA2s) {
            last.withstandA2s = stands;
            last.weakest = place;
        }
    }

    /** A short at the far end of what the last fuse protects, from a pack that is nearly empty and cold. */
    private static void shortAt(PackString pack, Way way, double ohm) {
        if (way.fuses.isEmpty()) {
            return;
        }
        Met last = way.fuses.get(way.fuses.size() - 1);
        last.farShortA = Math.min(last.farShortA, pack.emptyShortA(ohm));
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

    private FuseDuty duty(Met one) {
        double rating = one.fuse.ratingA().value();
        double load = one.behind.stream()
                .mapToDouble(device -> needs.load()
                        .mostAmps(
                                device,
                                needs.devices().get(device).limits().minV().value(),
                                one.sourceV))
                .sum();
        return new FuseDuty(
                one.fuse.id(),
                one.fuse.name(),
                one.place,
                one.fitting,
                rating,
                one.fuse.form().breakingA(),
                one.fuse.form().breakingV(),
                one.sourceV,
                load,
                load + startMore(one.behind),
                one.sourceShortA,
                new Zone(
                        one.ampacityA,
                        one.thinnest,
                        one.farShortA,
                        one.withstandA2s,
                        one.weakest,
                        letThrough(rating, one.farShortA, one.sourceShortA)),
                new Place(one.first, one.distanceM, one.sheathed, one.direct, one.upstream),
                List.copyOf(one.nearest),
                List.copyOf(one.behind));
    }
}
