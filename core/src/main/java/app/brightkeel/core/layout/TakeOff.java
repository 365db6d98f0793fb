package app.brightkeel.core.layout;

import app.brightkeel.core.layout.Loosened.Sort;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.route.Cable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What leaves the craft for the roof, the night, a charge or theft, and what that takes: things one by one, or all that is in
 * one box at once.
 *
 * @param off    in the order of the rig's places, transducers last
 * @param stays  what is left aboard
 * @param freed  cables to unplug before anything is taken off or folded
 * @param minMin all of it together [min]
 */
public record TakeOff(List<Item> off, List<Named> stays, List<Named> freed, double minMin) {

    /** One plug, knob, strap or buckle [min]; common practice, no source. */
    private static final double HALF_MIN = 0.5;

    /**
     * One thing to take off, and how long that takes [min].
     *
     * @param loosened for it: plugs, knobs, straps
     */
    public record Item(String id, String name, String station, double minMin, Loosened loosened) {

        /** What is loosened, in words; none where nothing is. */
        public String by() {
            return loosened.words();
        }
    }

    /** A part of the rig. */
    public record Named(String id, String name) {}

    /** What comes off with others as one. */
    private record Member(String item, String name, String station, Figure offMin) {}

    public TakeOff {
        off = List.copyOf(off);
        stays = List.copyOf(stays);
        freed = List.copyOf(freed);
    }

    /** Of a filled rig. */
    public static TakeOff of(Rig rig) {
        List<Item> off = new ArrayList<>();
        List<Named> stays = new ArrayList<>();
        List<String> stations = new ArrayList<>();
        for (Placement place : rig.places()) {
            if (place.comesOff()) {
                stations.add(place.station());
            }
        }
        TakenTogether together = new TakenTogether(rig);
        Map<String, List<Member>> units = new LinkedHashMap<>();
        for (Placement place : rig.places()) {
            String name = rig.nameOfPoint(place.item());
            if (place.comesOff() && !place.unit().isEmpty()) {
                units.computeIfAbsent(place.unit(), each -> new ArrayList<>())
                        .add(new Member(place.item(), name, place.station(), place.offMin()));
            } else if (place.comesOff()) {
                String station =
                        rig.craft().station(place.station()).orElseThrow().name();
                off.add(new Item(place.item(), name, station, place.offMin().value(), loosened(rig, place, together)));
            } else {
                stays.add(new Named(place.item(), name));
            }
        }
        List<Transducer> alone = new ArrayList<>();
        for (Transducer transducer : rig.transducers()) {
            String unit = transducer.mount().unit();
            if (unit.isEmpty()) {
                alone.add(transducer);
            } else {
                units.computeIfAbsent(unit, each -> new ArrayList<>())
                        .add(new Member(
                                transducer.id(),
                                transducer.name(),
                                transducer.mount().station(),
                                Figure.UNSET));
            }
        }
        units.forEach((unit, members) -> off.add(unit(rig, unit, members, together)));
        for (Transducer transducer : alone) {
            if (TakenTogether.comesOff(rig, transducer)) {
                off.add(lifted(rig, transducer, together));
            } else {
                stays.add(new Named(transducer.id(), transducer.name()));
            }
        }
        for (Enclosure box : rig.fitOut().boxes()) {
            if (!stations.contains(box.station())) {
                stays.add(new Named(box.id(), box.name()));
            }
        }
        List<Named> freed = new ArrayList<>();
        for (Cable cable : Cable.all(rig)) {
            boolean holds = stations.contains(cable.start()) != stations.contains(cable.end());
            boolean folds = rig.runOf(cable.id()).map(Run::travels).orElse(List.of()).stream()
                    .anyMatch(Travel::freed);
            if (holds || folds) {
                freed.add(new Named(cable.id(), cable.name()));
            }
        }
        return new TakeOff(
                off, stays, freed, off.stream().mapToDouble(Item::minMin).sum());
    }

    private static Loosened loosened(Rig rig, Placement place, TakenTogether together) {
        Loosened by = Loosened.NOTHING.and(Sort.PLUG, "plug", together.plugs(place.item()));
        Optional<Holder> holder = rig.holderOf(place.item());
        if (holder.isPresent()) {
            by = by.and(Sort.KNOB, holder.get().toolFree() ? "knob" : "screw, with a tool", 1);
        }
        by = by.and(Sort.STRAP, "buckle", place.held().straps());
        Optional<Enclosure> box = rig.fitOut().boxAt(place.station());
        return box.isPresent() ? by.inside(box.get().name()) : by;
    }

    /** What comes off as one: only what leads out of it is unplugged, and one thing holds all of it. */
    private static Item unit(Rig rig, String unit, List<Member> members, TakenTogether together) {
        int plugs = 0;
        double measured = 0;
        for (Member member : members) {
            plugs += together.plugs(member.item());
            boolean timed = member.offMin().isSet() && member.offMin().basis() != Figure.Basis.ASSUMED;
            measured = Math.max(measured, timed ? member.offMin().value() : 0);
        }
        Loosened by = Loosened.NOTHING.and(Sort.PLUG, "plug", plugs).and(Sort.STRAP, "strap or hook", 1);
        String names = members.stream().map(Member::name).collect(Collectors.joining(", "));
        Member first = members.get(0);
        String station = rig.craft().station(first.station()).map(Station::name).orElse("");
        return new Item(
                first.item(), unit + " with " + names, station, measured > 0 ? measured : HALF_MIN * by.count(), by);
    }

    private static Item lifted(Rig rig, Transducer transducer, TakenTogether together) {
        Loosened by = fastened(transducer.mount().kind(), together.plugs(transducer.id()))
                .and(Sort.STRAP, "tether", rig.fitOut().has(ExtraKind.TETHER, transducer.id()) ? 1 : 0);
        String station = rig.craft()
                .station(transducer.mount().station())
                .map(Station::name)
                .orElse("");
        return new Item(transducer.id(), transducer.name(), station, HALF_MIN * by.count(), by);
    }

    private static Loosened fastened(MountKind kind, int plugs) {
        Loosened by = Loosened.NOTHING.and(Sort.PLUG, "plug", plugs);
        return switch (kind) {
            case CLAMP_BAR, LIVE_POLE -> by.and(Sort.KNOB, "clamp", 1);
            case TRANSOM_BOARD -> by.and(Sort.KNOB, "hook", 1);
            case SUCTION_CUP -> by.and(Sort.KNOB, "cup", 1);
            case ICE_FLOAT, ICE_SLEEVE, ICE_WRAP -> by.and(Sort.STRAP, "loop of cable", 1);
            default -> by.and(Sort.KNOB, "knob", 1);
        };
    }
}
