package app.brightkeel.core.review;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.WaterKind;
import java.util.List;
import java.util.function.Predicate;

/** All cautions and the rigs they apply to; they defer to local codes and licensed practice. */
public final class Cautions {

    private record Entry(Caution caution, Predicate<Rig> applies) {}

    private static final List<Entry> ALL = List.of(
            entry(
                    "short-circuit",
                    Link.WIRE,
                    "A ring or a tool across the terminals can burn you: rings off, fuse out while you work, "
                            + "terminals covered.",
                    rig -> !rig.harness().packs().isEmpty()),
            entry(
                    "boat-wiring",
                    Link.WIRE,
                    "Wiring that joins a boat's own system, shore power or a motor is work for a licensed "
                            + "electrician, by the local boat standard.",
                    rig -> !rig.craft().kind().onIce()
                            && !rig.harness().segments().isEmpty()),
            entry(
                    "unfused",
                    Link.FUSE,
                    "A lead without a fuse at the battery can catch fire when it chafes through.",
                    rig -> !rig.harness().segments().isEmpty()),
            entry(
                    "lithium-charge",
                    Link.BATTERY,
                    "Never charge lithium below 0 °C or above 45 °C, and only with a charger made for it.",
                    lithium()),
            entry(
                    "lithium-harm",
                    Link.BATTERY,
                    "A wet, swollen or dropped lithium pack is not used again: keep it outdoors, away from "
                            + "anything that burns. Carriers and airlines have their own rules for it.",
                    lithium()),
            entry(
                    "lead-acid",
                    Link.BATTERY,
                    "Lead batteries hold acid and give off gas on charge: eyes covered, lid open, never sealed "
                            + "in, never charged frozen.",
                    rig -> rig.harness().packs().stream()
                            .anyMatch(p -> p.chemistry().lead())),
            entry(
                    "ice",
                    Link.CARRY,
                    "Ice thickness is never computed here: follow the local authority, carry spikes and a rope.",
                    rig -> rig.craft().kind().onIce()),
            entry(
                    "ice-hole",
                    Link.MOUNT,
                    "Sharp augers and open holes: blade covered when you walk, holes marked when you leave.",
                    rig -> rig.craft().kind().onIce()),
            entry(
                    "glue",
                    Link.MOUNT,
                    "Adhesives and solvents: gloves on, air through the room, no flame; some attack the plastic they should hold.",
                    rig -> rig.transducers().stream().anyMatch(t -> t.mount().kind() == MountKind.IN_HULL)
                            || !rig.fitOut().boards().parts().isEmpty()),
            entry(
                    "metal-pole",
                    Link.MOUNT,
                    "A metal pole conducts: clear of power lines on the way and at the water, down and ashore when it thunders.",
                    rig -> rig.transducers().stream()
                            .anyMatch(t -> t.mount().kind().pole())),
            entry(
                    "saw",
                    Link.CARRY,
                    "Saw and drill: eyes and ears covered, the piece clamped, dust not breathed, least of all that of PVC.",
                    rig -> !rig.fitOut().boards().parts().isEmpty()
                            || rig.fitOut().fasteners().stream()
                                    .anyMatch(each -> !rig.fitOut().opens(each.of()))),
            entry(
                    "drilling",
                    Link.CABLE,
                    "A hole can end the maker's warranty and let water into flotation: eyes covered, dust and fumes "
                            + "kept off, sealed and cured before it floats.",
                    rig -> rig.runs().stream()
                            .flatMap(run -> run.legs().stream())
                            .anyMatch(leg ->
                                    rig.craft().passage(leg).orElseThrow().way().drills())),
            entry(
                    "entangled",
                    Link.CABLE,
                    "A cable across your way out holds you when you capsize: a knife at hand, and every plug pulls free.",
                    rig -> !rig.craft().kind().onIce() && !rig.runs().isEmpty()),
            entry(
                    "cold-shock",
                    Link.WATER,
                    "Water below 15 °C takes breath and strength within minutes: dress for the water, not for the air.",
                    rig -> !rig.craft().kind().onIce()
                            && rig.outing().water().waterC().isSet()
                            && rig.outing().water().waterC().value() < 15),
            entry(
                    "fishing-rules",
                    Link.WATER,
                    "Local rules may restrict electronics while fishing: ask before the trip.",
                    rig -> rig.outing().water().kind() != WaterKind.UNDECIDED),
            entry(
                    "cold-water",
                    Link.CARRY,
                    "Life jacket on, knife at hand: cords and cables entangle when you capsize, so the rig must "
                            + "come free.",
                    rig -> !rig.craft().kind().onIce()));

    private Cautions() {}

    /** Those that the parts of a filled rig call for, in the order of the links. */
    public static List<Caution> of(Rig rig) {
        return ALL.stream()
                .filter(e -> e.applies().test(rig))
                .map(Entry::caution)
                .toList();
    }

    private static Predicate<Rig> lithium() {
        return rig -> rig.harness().packs().stream().map(p -> p.chemistry()).anyMatch(Chemistry::lithium);
    }

    private static Entry entry(String id, Link link, String text, Predicate<Rig> applies) {
        return new Entry(new Caution(id, link, text), applies);
    }
}
