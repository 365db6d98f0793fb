package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.MountKind;
import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;

/** What gear usually costs, by made-up prices: where the person said nothing, to tell the dear from the cheap. */
public final class UsualPrices {

    private static final Map<String, Double> ALL = read();

    private UsualPrices() {}

    /** Of an item of the catalogue; empty of one that is not there. */
    public static OptionalDouble of(String item) {
        Double price = ALL.get(item);
        return price == null ? OptionalDouble.empty() : OptionalDouble.of(price);
    }

    /** Of what holds a transducer; nothing while that is not decided. */
    public static double of(MountKind kind) {
        return of("mount-" + Table.written(kind)).orElse(0);
    }

    private static Map<String, Double> read() {
        Table table = Table.read(UsualPrices.class, "prices.csv");
        Map<String, Double> all = new HashMap<>();
        table.rows().forEach(row -> all.put(row.get("id"), Table.number(row, "price")));
        return Map.copyOf(all);
    }
}
