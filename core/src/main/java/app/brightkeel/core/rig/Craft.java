package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What carries the rig: a hull, or a base on the ice.
 *
 * @param origin       id of the catalogue craft it was copied from, "" where it was measured from nothing
 * @param lengthM      over all, or of the base, 0.2 to 12 [m]
 * @param beamM        greatest width, or width of the base, 0.1 to 3 [m]
 * @param depthM       lowest line of the hull to the deck or gunwale amidships, 0.03 to 1.5 [m]
 * @param massKg       empty, 0.3 to 500 [kg]; never assumed
 * @param seatM        middle of the seat, aft of the bow, 0 to 12 [m]
 * @param seatHeightM  of the seat above the lowest line of the hull, 0 to 1.5 [m]
 * @param sections     its form from bow to stern, 2 to 40; empty: the usual one of its kind
 * @param stations     places where something can sit
 * @param passages     ways for cables between them
 * @param obstructions what stands down into the water
 * @param stand        what widens its base; on ice alone
 * @param alsoPaddled  whether one that is driven by pedals or a motor is paddled, too
 * @param kept         wells, drink holders, where the seat folds and rods lie; rods with none said: behind the seat
 * @param bail         what it is lifted by, fixed at its rim on both sides; on ice alone
 */
@RecordBuilder
public record Craft(
        CraftKind kind,
        String origin,
        Figure lengthM,
        Figure beamM,
        Figure depthM,
        Figure massKg,
        Figure seatM,
        Figure seatHeightM,
        List<HullSection> sections,
        @PartList(PartKind.STATION) List<Station> stations,
        @PartList(PartKind.PASSAGE) List<Passage> passages,
        @PartList(PartKind.OBSTRUCTION) List<Obstruction> obstructions,
        Stand stand,
        Bail bail,
        boolean alsoPaddled,
        @PartList(PartKind.KEPT_ROOM) List<KeptRoom> kept)
        implements CraftBuilder.With {

    private static final int MOST_SECTIONS = 40;
    private static final int MOST_STATIONS = 60;
    private static final int MOST_PASSAGES = 120;
    private static final int MOST_OBSTRUCTIONS = 20;
    private static final int MOST_KEPT = 20;

    /** Share of the length that two sections are apart: nearer, the hull between them has no slope. */
    private static final double LEAST_APART = 0.001;

    /** @throws Refusal naming the field for an id used twice or a passage that leads nowhere */
    public Craft {
        Checks.text("origin", origin);
        Figure.within("lengthM", lengthM, 0.2, 12, "m");
        Figure.within("beamM", beamM, 0.1, 3, "m");
        Figure.within("depthM", depthM, 0.03, 1.5, "m");
        Figure.within("massKg", massKg, 0.3, 500, "kg");
        Figure.within("seatM", seatM, 0, 12, "m");
        Figure.within("seatHeightM", seatHeightM, 0, 1.5, "m");
        sections = Checks.atMost("sections", MOST_SECTIONS, sections);
        refuseTurningBack(sections);
        stations = Checks.atMost("stations", MOST_STATIONS, stations);
        passages = Checks.atMost("passages", MOST_PASSAGES, passages);
        obstructions = Checks.atMost("obstructions", MOST_OBSTRUCTIONS, obstructions);
        kept = Checks.atMost("kept", MOST_KEPT, kept);
        Checks.distinct("kept", kept.stream().map(KeptRoom::id).toList());
        Checks.distinct("stations", stations.stream().map(Station::id).toList());
        Checks.distinct("passages", passages.stream().map(Passage::id).toList());
        Checks.distinct(
                "obstructions", obstructions.stream().map(Obstruction::id).toList());
        Set<String> known = stations.stream().map(Station::id).collect(Collectors.toSet());
        for (int p = 0; p < passages.size(); p++) {
            refuseUnknown("passages[" + p + "].from", passages.get(p).from(), known);
            refuseUnknown("passages[" + p + "].to", passages.get(p).to(), known);
        }
    }

    /** From 0 to 1 without turning back: an outline that does so crosses itself. */
    private static void refuseTurningBack(List<HullSection> sections) {
        if (sections.isEmpty()) {
            return;
        }
        String wanted = "from 0 at the bow to 1 at the stern, each at least " + LEAST_APART
                + " aft of the one before: the outline would cross itself";
        for (int s = 0; s < sections.size(); s++) {
            double at = sections.get(s).at();
            boolean starts = s > 0 || at == 0;
            boolean ends = s < sections.size() - 1 || at == 1 && s > 0;
            if (!starts || !ends || s > 0 && at < sections.get(s - 1).at() + LEAST_APART) {
                throw new Refusal(RefusalCode.OUT_OF_RANGE, "sections[" + s + "].at", String.valueOf(at), wanted);
            }
        }
    }

    private static void refuseUnknown(String field, String id, Set<String> known) {
        if (!known.contains(id)) {
            throw new Refusal(RefusalCode.DANGLING, field, id, "the id of a station of this craft");
        }
    }

    /** A craft of which nothing is known but its kind. */
    public static Craft of(CraftKind kind) {
        Figure open = Figure.UNSET;
        return new Craft(
                kind,
                "",
                open,
                open,
                open,
                open,
                open,
                open,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Stand.NONE,
                Bail.NONE,
                false,
                List.of());
    }

    // plain loops: every rig that is tried as a cure looks its stations and passages up again
    /** The station with this id, if there is one. */
    public Optional<Station> station(String id) {
        for (Station station : stations) {
            if (station.id().equals(id)) {
                return Optional.of(station);
            }
        }
        return Optional.empty();
    }

    /** Place of a station in the list, for pointers. */
    public int indexOfStation(String id) {
        for (int i = 0; i < stations.size(); i++) {
            if (stations.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no such station: " + id);
    }

    /** This craft with one station replaced by the one of the same id. */
    public Craft with(Station station) {
        return withStations(stations.stream()
                .map(each -> each.id().equals(station.id()) ? station : each)
                .toList());
    }

    /** This craft with one passage replaced by the one of the same id. */
    public Craft with(Passage passage) {
        return withPassages(passages.stream()
                .map(each -> each.id().equals(passage.id()) ? passage : each)
                .toList());
    }

    /** The passage with this id, if there is one. */
    public Optional<Passage> passage(String id) {
        for (Passage passage : passages) {
            if (passage.id().equals(id)) {
                return Optional.of(passage);
            }
        }
        return Optional.empty();
    }
}
