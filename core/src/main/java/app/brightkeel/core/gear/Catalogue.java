package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.Locale;

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

    /** A catalogue pack in the place of another: keeps the place's id and the temperature it stands at. */
    public static Pack inPlaceOf(Pack old, Pack item) {
        return item.withId(old.id()).withOrigin(item.id()).withTempC(old.tempC());
    }

    private static List<Pack> readPacks() {
        return Table.read(Catalogue.class, "packs.csv").rows().stream()
                .map(row -> Pack.labelled(
                                row.get("id"),
                                row.get("name"),
                                Chemistry.valueOf(row.get("chemistry").toUpperCase(Locale.ROOT)),
                                Figure.rated(Table.number(row, "capacityAh")))
                        .withMassKg(Figure.rated(Table.number(row, "massKg")))
                        .withMaxDischargeA(Figure.rated(Table.number(row, "maxDischargeA"))))
                .toList();
    }

    private static List<Device> readDevices() {
        return Table.read(Catalogue.class, "devices.csv").rows().stream()
                .map(row -> new Device(
                        row.get("id"),
                        row.get("name"),
                        DeviceKind.valueOf(
                                row.get("kind").toUpperCase(Locale.ROOT).replace('-', '_')),
                        row.get("id"),
                        new Draw.Split(
                                Figure.rated(Table.number(row, "baseW")),
                                Figure.rated(Table.number(row, "backlightW"))),
                        new Limits(
                                Figure.rated(Table.number(row, "minV")),
                                Figure.rated(Table.number(row, "maxV")),
                                Figure.rated(Table.number(row, "maxFuseA")),
                                Figure.UNSET)))
                .toList();
    }
}
