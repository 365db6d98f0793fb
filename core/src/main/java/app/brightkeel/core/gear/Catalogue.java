package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fixing;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.Port;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.SonarVersion;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Transducer;
import java.util.List;

/** What can be copied into a rig; each item's id stands in the {@code origin} of its copies. */
public final class Catalogue {

    private static final List<Pack> PACKS = readPacks();
    private static final List<Device> DEVICES = readDevices();

    private Catalogue() {}

    /** Packs, by chemistry and rising capacity. */
    public static List<Pack> packs() {
        return PACKS;
    }

    public static List<Device> devices() {
        return DEVICES;
    }

    /** Transducers, by type. */
    public static List<Transducer> transducers() {
        return SonarCatalogue.TRANSDUCERS;
    }

    /** Extension leads for transducers, by length. */
    public static List<Extension> extensions() {
        return SonarCatalogue.EXTENSIONS;
    }

    /** Adapters between plugs and sockets of different pins. */
    public static List<AdapterItem> adapters() {
        return SonarCatalogue.ADAPTERS;
    }

    /** What holds a display. */
    public static List<Holder> holders() {
        return HolderCatalogue.HOLDERS;
    }

    /** Boxes and bags, empty. */
    public static List<Enclosure> boxes() {
        return BoxCatalogue.BOXES;
    }

    /** Crafts with their stations, passages and obstructions. */
    public static List<CraftItem> crafts() {
        return CraftCatalogue.CRAFTS;
    }

    /** A catalogue transducer in the place of another: keeps the place's id, display and mount. */
    public static Transducer inPlaceOf(Transducer old, Transducer item) {
        return item.with(placed ->
                placed.id(old.id()).origin(item.id()).feeds(old.feeds()).mount(old.mount()));
    }

    /**
     * A catalogue pack in the place of another: keeps the place's id, the temperature it stands at and the engine it
     * starts; what it gives for that stands on its own label.
     */
    public static Pack inPlaceOf(Pack old, Pack item) {
        return item.with(placed -> placed.id(old.id())
                .origin(item.id())
                .tempC(old.tempC())
                .role(old.role())
                .onTopOf(old.onTopOf())
                .cranking(old.cranking().withGivesA(Figure.UNSET)));
    }

    /** A catalogue pack of 12 V as so many in series, side by side. */
    public static Pack asBlocks(Pack item, int blocks) {
        return blocks == item.blocks()
                ? item
                : item.with(many -> many.name(blocks + " × " + item.name())
                        .blocks(blocks)
                        .massKg(times(item.massKg(), blocks))
                        .size(item.size().withWideM(times(item.size().wideM(), blocks)))
                        .label(item.label().withPrice(times(item.label().price(), blocks))));
    }

    private static Figure times(Figure figure, int blocks) {
        return figure.isSet() ? Figure.rated(figure.value() * blocks) : figure;
    }

    private static List<Pack> readPacks() {
        return Table.read(Catalogue.class, "packs.csv").rows().stream()
                .map(row -> Pack.labelled(
                                row.get("id"),
                                row.get("name"),
                                Table.constant(Chemistry.class, row.get("chemistry")),
                                Figure.rated(Table.number(row, "capacityAh")))
                        .withMassKg(Figure.rated(Table.number(row, "massKg")))
                        .withMaxDischargeA(Figure.rated(Table.number(row, "maxDischargeA")))
                        .withSize(GearTable.size(row))
                        .withLabel(PackLabel.UNKNOWN.withPrice(Figure.rated(Table.number(row, "price")))))
                .toList();
    }

    private static List<Device> readDevices() {
        return Table.read(Catalogue.class, "devices.csv").rows().stream()
                .map(row -> new Device(
                        row.get("id"),
                        row.get("name"),
                        Table.constant(DeviceKind.class, row.get("kind")),
                        row.get("id"),
                        new Draw.Split(
                                Figure.rated(Table.number(row, "baseW")),
                                Figure.rated(Table.number(row, "backlightW"))),
                        new Limits(
                                Figure.rated(Table.number(row, "minV")),
                                Figure.rated(Table.number(row, "maxV")),
                                Figure.rated(Table.number(row, "maxFuseA")),
                                Figure.UNSET),
                        Supply.UNKNOWN,
                        new Sockets(
                                row.get("family"),
                                GearTable.rated(row, "sonarPins"),
                                Table.constant(SonarVersion.class, row.get("version")),
                                GearTable.constants(BeamShape.class, row, "shows"),
                                GearTable.rated(row, "powerPins"),
                                GearTable.constants(Port.class, row, "ports"),
                                Ending.UNKNOWN),
                        Figure.rated(Table.number(row, "massKg")),
                        GearTable.size(row),
                        GearTable.rated(row, "textM"),
                        new Fixing(row.get("bolts"), Figure.UNSET)))
                .toList();
    }
}
