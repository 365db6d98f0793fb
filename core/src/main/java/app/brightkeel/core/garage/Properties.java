package app.brightkeel.core.garage;

import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.reference.Table;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What is declared of each kind of gear; what else a rig knows of a part goes with it unseen. */
public final class Properties {

    private static final Map<ItemKind, List<Property>> OF_KIND = read();

    private Properties() {}

    /** In the order in which they are asked. */
    public static List<Property> of(ItemKind kind) {
        return OF_KIND.getOrDefault(kind, List.of());
    }

    private static Map<ItemKind, List<Property>> read() {
        Table table = Table.read(Properties.class, "properties.csv");
        List<String> kinds = table.words("kinds");
        List<String> ats = table.words("at");
        List<String> words = table.words("words");
        List<String> units = table.words("unit");
        Map<ItemKind, List<Property>> all = new EnumMap<>(ItemKind.class);
        for (ItemKind kind : ItemKind.values()) {
            all.put(
                    kind,
                    IntStream.range(0, kinds.size())
                            .filter(row -> Stream.of(kinds.get(row).split(" ")).anyMatch(Table.written(kind)::equals))
                            .mapToObj(row -> property(kind, ats.get(row), words.get(row), units.get(row)))
                            .toList());
        }
        return all;
    }

    private static Property property(ItemKind kind, String path, String words, String unit) {
        At at = new At(List.of(path.split("\\.")));
        String name = at.names().get(at.names().size() - 1);
        if (!unit.equals("choice")) {
            return new Property.Number(name, words, at, Table.constant(Unit.class, unit));
        }
        Object[] choices = at.type(Blanks.of(kind, "x").getClass()).getEnumConstants();
        List<Enum<?>> there = Stream.of(choices)
                .<Enum<?>>map(each -> (Enum<?>) each)
                .filter(each -> !(each instanceof DeviceKind device) || device.display() == (kind == ItemKind.DISPLAY))
                .toList();
        return new Property.Choice(name, words, at, there);
    }
}
