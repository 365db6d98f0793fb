package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What practitioners note of each kind of mount, holder, transducer, box and battery: {@code traits.csv}. */
public final class KindTraits {

    private static final Map<String, List<Trait>> ALL = read();

    private KindTraits() {}

    private static Map<String, List<Trait>> read() {
        Map<String, List<Trait>> all = new LinkedHashMap<>();
        Table table = Table.read(KindTraits.class, "traits.csv");
        double[] grades = table.column("grade");
        for (int row = 0; row < grades.length; row++) {
            Trait trait = new Trait.Graded(
                    table.words("about").get(row),
                    grades[row],
                    Text.of(table.words("words").get(row)));
            String key = key(table.words("sort").get(row), table.words("kind").get(row));
            all.merge(key, List.of(trait), KindTraits::both);
        }
        return Map.copyOf(all);
    }

    private static List<Trait> both(List<Trait> some, List<Trait> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }

    private static String key(String sort, String kind) {
        return sort + " " + kind;
    }

    /**
     * Of one kind; empty where nothing is noted.
     *
     * @param sort as the table writes it: mount, holder, transducer, box, battery
     */
    public static List<Trait> of(String sort, Enum<?> kind) {
        return ALL.getOrDefault(key(sort, Table.written(kind)), List.of());
    }

    /** Of having none of a sort. */
    public static List<Trait> ofNone(String sort) {
        return ALL.getOrDefault(key(sort, "none"), List.of());
    }
}
