package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What practitioners note of each kind of mount, holder, transducer, box and battery: {@code traits.csv}. */
public final class KindTraits {

    private static final Map<String, List<Trait>> ALL = read();

    private KindTraits() {}

    private static Map<String, List<Trait>> read() {
        Map<String, List<Trait>> all = new HashMap<>();
        Table table = Table.read(KindTraits.class, "traits.csv");
        List<String> sorts = table.words("sort");
        List<String> kinds = table.words("kind");
        List<String> about = table.words("about");
        List<String> words = table.words("words");
        double[] grades = table.column("grade");
        for (int row = 0; row < grades.length; row++) {
            all.computeIfAbsent(key(sorts.get(row), kinds.get(row)), key -> new ArrayList<>())
                    .add(new Trait.Graded(about.get(row), grades[row], Text.of(words.get(row))));
        }
        all.replaceAll((key, traits) -> List.copyOf(traits));
        return Map.copyOf(all);
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
