package app.brightkeel.core.review.change.part;

import app.brightkeel.core.fastening.Wanted;
import app.brightkeel.core.harness.Exposure;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Extra;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Inward;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Rib;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Wire;
import app.brightkeel.core.rig.Zone;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Parts of which nothing is known yet, each with an id that the rig does not have; placed where one would look for them. */
final class BlankParts {

    /** Where a place or an obstruction is drawn before it is dragged to where it is. */
    private static final double OVER_KEEL_M = 0.3;

    private static final double BELOW_M = 0.1;
    private static final double HALF_WIDTH_M = 0.03;
    private static final double BOARD_LONG_M = 0.3;
    private static final double BOARD_WIDE_M = 0.1;

    private final Rig rig;

    BlankParts(Rig rig) {
        this.rig = rig;
    }

    Pack pack() {
        return Pack.unknown(
                FreshId.of(rig, "pack"), named("battery", rig.harness().packs(), Pack::name));
    }

    /** For the first pack; none where there is none. */
    Optional<Charger> charger() {
        return rig.harness().packs().stream()
                .findFirst()
                .map(pack -> new Charger(
                        FreshId.of(rig, "charger"),
                        named("charger", rig.chargers(), Charger::name),
                        pack.chemistry(),
                        pack.blocks(),
                        Figure.UNSET,
                        pack.id(),
                        "",
                        false));
    }

    /**
     * From the first pack to the first device or point that nothing feeds, to the first of them where all are fed; none where
     * there is no pack or nothing to lead to.
     */
    Optional<Segment> wire() {
        List<Segment> wires = rig.harness().segments();
        Set<String> fed = wires.stream().map(Segment::to).collect(Collectors.toSet());
        List<String> ends = Stream.concat(
                        rig.devices().stream().map(Device::id),
                        rig.harness().junctions().stream().map(Junction::id))
                .toList();
        return ends.stream()
                .filter(id -> !fed.contains(id))
                .findFirst()
                .or(() -> ends.stream().findFirst())
                .flatMap(to -> lead("lead", named("supply lead", wires, Segment::name), to));
    }

    /** What may stand in for the lead of the first device; none where there is no pack or no device. */
    Optional<Segment> spare() {
        return rig.devices().stream()
                .findFirst()
                .flatMap(device ->
                        lead("spare-lead", named("spare lead", rig.harness().spares(), Segment::name), device.id()));
    }

    private Optional<Segment> lead(String wish, String name, String to) {
        return rig.harness().packs().stream()
                .findFirst()
                .map(pack -> new Segment(
                        FreshId.of(rig, wish),
                        name,
                        pack.id(),
                        to,
                        // where wire gets wet it is planned tinned; who has plain copper says so
                        Wire.pair(Gauge.UNDECIDED, Figure.UNSET).withTinned(Exposure.wet(rig)),
                        List.of()));
    }

    Junction junction() {
        return new Junction(
                FreshId.of(rig, "junction"), named("splitter", rig.harness().junctions(), Junction::name));
    }

    Fitting.Fuse fuse() {
        return new Fitting.Fuse(
                FreshId.of(rig, "fuse"), fitting("fuse"), Figure.UNSET, Fitting.Form.BLADE, Figure.UNSET, Figure.UNSET);
    }

    Fitting.Joint joint() {
        return new Fitting.Joint(FreshId.of(rig, "joint"), fitting("plug"), Figure.UNSET);
    }

    Fitting.Switch power() {
        return new Fitting.Switch(FreshId.of(rig, "switch"), fitting("switch"), Figure.UNSET);
    }

    Phase phase() {
        return new Phase(
                FreshId.of(rig, "phase"),
                named("on the water", rig.outing().phases(), Phase::name),
                Figure.UNSET,
                List.of());
    }

    Transducer transducer() {
        return Transducer.unknown(
                        FreshId.of(rig, "transducer"), named("transducer", rig.transducers(), Transducer::name))
                .withBeams(List.of(beam("beam")));
    }

    Beam beam(Transducer of) {
        return beam(FreshId.among(of.beams().stream().map(Beam::id).toList(), "beam"));
    }

    private static Beam beam(String id) {
        return new Beam(
                id,
                id,
                BeamShape.CONE,
                Figure.UNSET,
                Figure.UNSET,
                Beam.Quoted.HALF_POWER,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET);
    }

    /** Between the first two devices; none where there are fewer. */
    Optional<DataLead> dataLead() {
        List<Device> devices = rig.devices();
        return devices.size() < 2
                ? Optional.empty()
                : Optional.of(new DataLead(
                        FreshId.of(rig, "data-lead"),
                        named("data lead", rig.network().leads(), DataLead::name),
                        devices.get(0).id(),
                        devices.get(1).id(),
                        Figure.UNSET,
                        Figure.UNSET));
    }

    /** Amidships, on deck. */
    Station station() {
        String id = FreshId.among(ids(rig.craft().stations(), Station::id), "place");
        return new Station(
                id, id, Spot.ON_DECK, amidships(), Figure.chosen(0), Figure.chosen(OVER_KEEL_M), Size.UNKNOWN);
    }

    /** Amidships, as large as a box of bait. */
    KeptRoom room() {
        String id = FreshId.among(ids(rig.craft().kept(), KeptRoom::id), "room");
        return new KeptRoom(
                id,
                id,
                Zone.WELL,
                amidships(),
                Figure.chosen(0),
                Figure.chosen(BOARD_LONG_M),
                Figure.chosen(BOARD_LONG_M),
                Figure.UNSET);
    }

    /** Amidships, under the keel. */
    Obstruction obstruction() {
        String id = FreshId.among(ids(rig.craft().obstructions(), Obstruction::id), "obstruction");
        return new Obstruction(
                id,
                id,
                ObstructionKind.OTHER,
                amidships(),
                Figure.chosen(0),
                Figure.chosen(BELOW_M),
                Figure.chosen(HALF_WIDTH_M));
    }

    /** Over the deck, between the first two places; none where there are fewer. */
    Optional<Passage> passage() {
        Craft craft = rig.craft();
        String id = FreshId.among(ids(craft.passages(), Passage::id), "passage");
        return craft.stations().size() < 2
                ? Optional.empty()
                : Optional.of(new Passage(
                        id,
                        id,
                        craft.stations().get(0).id(),
                        craft.stations().get(1).id(),
                        Way.OPEN_DECK,
                        Figure.UNSET,
                        Figure.UNSET,
                        false,
                        Zone.NONE));
    }

    private Figure amidships() {
        Figure length = rig.craft().lengthM();
        double middle = length.isSet() ? length.value() / 2 : 1;
        return Figure.chosen(Math.round(middle * 100) / 100.0);
    }

    /** At the first place of the craft; none where it has none. */
    Optional<Ballast> weight() {
        return rig.craft().stations().stream()
                .findFirst()
                .map(station -> new Ballast(
                        FreshId.of(rig, "weight"),
                        named("counterweight", rig.fitOut().ballast(), Ballast::name),
                        Figure.UNSET,
                        station.id()));
    }

    /** Where a battery or a display stands, else at the first place that has none; none where every place has one. */
    Optional<Enclosure> box() {
        Stream<String> used = Stream.concat(
                        rig.harness().packs().stream().map(Pack::id),
                        rig.devices().stream().map(Device::id))
                .flatMap(part -> rig.placeOf(part).stream())
                .map(Placement::station);
        return Stream.concat(used, rig.craft().stations().stream().map(Station::id))
                .filter(station -> rig.fitOut().boxAt(station).isEmpty())
                .findFirst()
                .map(station -> Enclosure.unknown(
                        FreshId.of(rig, "box"), named("box", rig.fitOut().boxes(), Enclosure::name), station));
    }

    Rib rib(Enclosure box) {
        return new Rib(FreshId.of(rig, "rib"), named("rib", box.ribs(), Rib::name), Inward.WIDE, Figure.UNSET);
    }

    Exit exit(Enclosure box) {
        return new Exit(
                FreshId.of(rig, "hole"),
                named("hole", box.exits(), Exit::name),
                BaseEdge.LEFT,
                Figure.UNSET,
                Figure.UNSET,
                PassThrough.UNDECIDED,
                false,
                ExitUse.CABLES,
                true);
    }

    Pocket pocket(Enclosure box) {
        return new Pocket(
                FreshId.of(rig, "pocket"), named("pocket", box.pockets(), Pocket::name), Pose.STOWED, Size.UNKNOWN, "");
    }

    /** A tether of the first transducer or display that has none; of the whole rig where all have one. */
    Extra extra() {
        String of = Stream.concat(
                        rig.transducers().stream().map(Transducer::id),
                        rig.devices().stream().map(Device::id))
                .filter(part -> !rig.fitOut().has(ExtraKind.TETHER, part))
                .findFirst()
                .orElse("");
        return new Extra(
                FreshId.of(rig, "extra"), named("tether", rig.fitOut().extras(), Extra::name), ExtraKind.TETHER, of);
    }

    /** For the first thing that is screwed and of which nobody said with what; for nothing where all is said. */
    Fastener fastener() {
        Fastener wanted =
                Wanted.of(rig).stream().findFirst().orElseGet(() -> Fastener.unknown("screws", "screws", "", 1));
        return wanted.with(like -> like.id(FreshId.of(rig, "screws"))
                .name(named(wanted.name(), rig.fitOut().fasteners(), Fastener::name)));
    }

    /** One that shuts nothing away yet. */
    Closure closure() {
        return Closure.blank(
                FreshId.of(rig, "cover"), named("cover", rig.fitOut().closures(), Closure::name));
    }

    BoardPart boardPart() {
        return new BoardPart(
                FreshId.of(rig, "part"),
                named("part", rig.fitOut().boards().parts(), BoardPart::name),
                Figure.chosen(BOARD_LONG_M),
                Figure.chosen(BOARD_WIDE_M),
                1,
                false);
    }

    private static <T> List<String> ids(List<T> parts, Function<T, String> id) {
        return parts.stream().map(id).toList();
    }

    private String fitting(String word) {
        List<Fitting> all = rig.harness().segments().stream()
                .flatMap(segment -> segment.fittings().stream())
                .toList();
        return named(word, all, Fitting::name);
    }

    /** A name to tell it from others of its kind: "hole", "hole 2". */
    static <T> String named(String word, List<T> others, Function<T, String> name) {
        return FreshId.name(others.stream().map(name).collect(Collectors.toSet()), word);
    }
}
