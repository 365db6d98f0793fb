package app.brightkeel.core.protection;

import app.brightkeel.core.circuit.WireResistance;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.protection.Protection.Needs;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** Walks from each pack outwards and notes what each fuse protects. */
final class ProtectionWalk {

    private static final class Met {
        final Segment segment;
        final int place;
        final int fitting;
        final Fitting.Fuse fuse;
        final boolean first;
        final double distanceM;
        final boolean sheathed;
        final double sourceShortA;
        final TreeSet<Integer> behind = new TreeSet<>();
        final TreeSet<Integer> nearest = new TreeSet<>();
        double ampacityA = Double.POSITIVE_INFINITY;
        int thinnest;
        double farShortA = Double.POSITIVE_INFINITY;

        Met(Segment segment, int place, int fitting, Fitting.Fuse fuse, Way way, double sourceShortA) {
            this.segment = segment;
            this.place = place;
            this.fitting = fitting;
            this.fuse = fuse;
            this.first = way.fuses.isEmpty();
            this.distanceM = way.lengthM + fuse.atM().value();
            this.sheathed = way.sheathed && segment.wire().sheathed();
            this.sourceShortA = sourceShortA;
        }
    }

    /** The way from a pack to a point. */
    private record Way(List<Met> fuses, double lengthM, double ohm, double wireOhm, boolean sheathed) {
        Way past(Met met) {
            List<Met> more = new ArrayList<>(fuses);
            more.add(met);
            return new Way(more, lengthM, ohm, wireOhm, sheathed);
        }

        Way along(Segment segment, WireResistance resistance) {
            return new Way(
                    fuses,
                    lengthM + segment.wire().lengthM().value(),
                    ohm + resistance.loopOhm(),
                    wireOhm + resistance.wireOhm(),
                    sheathed && segment.wire().sheathed());
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
            pack.members().forEach(member -> onwards(pack, member.id(), new Way(List.of(), 0, 0, 0, true)));
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
                Met here = meet(pack, segment, place, f, fuse, at, resistance);
                at = at.past(here);
                protects(at, place, segment);
            }
        }
        Way end = at.along(segment, resistance);
        shortAt(pack, end);
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
        double current = pack.sum(p -> p.restVolts(1)) / Math.max(pack.sum(PackModel::leastOhm) + before, 1e-6);
        // a fuse behind a junction of several packs is met once from each: the first way is kept
        return met.computeIfAbsent(fuse.id(), id -> new Met(segment, place, fitting, fuse, way, current));
    }

    private void protects(Way way, int place, Segment segment) {
        Met last = way.fuses.get(way.fuses.size() - 1);
        double amps = new Ampacity(segment.wire(), needs.airC()).amps();
        if (amps < last.ampacityA) {
            last.ampacityA = amps;
            last.thinnest = place;
        }
    }

    /** A short at the far end of a segment, from a pack that is nearly empty and cold. */
    private static void shortAt(PackString pack, Way way) {
        if (way.fuses.isEmpty()) {
            return;
        }
        double volts = pack.sum(p -> p.restVolts(p.emptyCharge()));
        double amps = volts / Math.max(pack.sum(p -> p.ohm(p.emptyCharge())) + way.ohm, 1e-6);
        Met last = way.fuses.get(way.fuses.size() - 1);
        last.farShortA = Math.min(last.farShortA, amps);
    }

    private FuseDuty duty(Met one) {
        double load = one.behind.stream()
                .mapToDouble(d -> needs.fullW().get(d)
                        / needs.devices().get(d).limits().minV().value())
                .sum();
        return new FuseDuty(
                one.fuse.id(),
                one.fuse.name(),
                one.place,
                one.fitting,
                one.fuse.ratingA().value(),
                one.fuse.form().breakingA(),
                load,
                one.ampacityA,
                one.thinnest,
                one.farShortA,
                one.sourceShortA,
                one.first,
                one.distanceM,
                one.sheathed,
                List.copyOf(one.nearest));
    }
}
