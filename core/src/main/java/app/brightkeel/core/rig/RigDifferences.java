package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.rig.Components.Component;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What changed from one rig to another, in words: "capacity of the 12 Ah LiFePO4: 12.0 Ah → 10.0 Ah".
 *
 * <p>Walks both rigs by the components of their records, parts paired by id, so that a field added later is told too.
 */
public final class RigDifferences {

    /** Parts of a rig that have no id of their own stand among the ids like this: no id holds a slash. */
    private static final Map<String, String> OWNERS = Map.of("angler", "/angler", "craft", "/craft", "water", "/water");

    /** Fields that hold the id of something else. */
    private static final Set<String> REFERENCES = Marks.naming(Rig.class);

    private final List<Text> told = new ArrayList<>();

    /** Names of parts by id, in either rig: the later name wins. */
    private final Map<String, String> names = new LinkedHashMap<>();

    private RigDifferences() {
        names.put("/angler", "the angler");
        names.put("/craft", "the craft");
        names.put("/water", "the water");
    }

    /** Every difference, in document order; empty where the rigs are equal. */
    public static List<Text> between(Rig before, Rig after) {
        RigDifferences all = new RigDifferences();
        all.name(before);
        all.name(after);
        all.records("", before, after);
        return List.copyOf(all.told);
    }

    private void name(Object at) {
        if (at instanceof List<?> list) {
            list.forEach(this::name);
        } else if (at instanceof Run run) {
            names.put(run.id(), "the cable of " + nameOf(run.carries()));
        } else if (at instanceof Placement place) {
            names.put(place.item() + "/place", "the place of " + nameOf(place.item()));
        } else if (at instanceof Record && !(at instanceof Figure)) {
            String id = "";
            for (Component component : Components.of(at)) {
                Object value = component.of(at);
                if (component.name().equals("id")) {
                    id = (String) value;
                } else if (component.name().equals("name") && !id.isEmpty()) {
                    names.put(id, (String) value);
                } else {
                    name(value);
                }
            }
        }
    }

    private String nameOf(String id) {
        return id.isEmpty() ? "the rig" : names.getOrDefault(id, id);
    }

    /** @param owner whose fields these are, "" for the rig itself */
    private void records(String owner, Object before, Object after) {
        for (Component component : Components.of(after)) {
            Object a = component.of(before);
            Object b = component.of(after);
            if (!a.equals(b)) {
                values(owner, component.name(), a, b);
            }
        }
    }

    private void values(String owner, String field, Object a, Object b) {
        if (a instanceof Figure from && b instanceof Figure to) {
            figure(owner, field, from, to);
        } else if (a instanceof Gauge from && b instanceof Gauge to) {
            tell("{}: {} → {}.", what(owner, field), gauge(from), gauge(to));
        } else if (a instanceof Logged from && b instanceof Logged to) {
            tell("What was fished: {} → {}.", log(from), log(to));
        } else if (a instanceof Ending from
                && b instanceof Ending to
                && !from.words().equals(to.words())) {
            tell("{}: {} → {}.", what(owner, field), from.words(), to.words());
        } else if (a instanceof List<?> from && b instanceof List<?> to) {
            lists(owner, field, from, to);
        } else if (a instanceof Set<?> from && b instanceof Set<?> to) {
            putAside(from, to);
        } else if (a instanceof Record && b instanceof Record && a.getClass() == b.getClass()) {
            records(OWNERS.getOrDefault(field, owner), a, b);
        } else if (a instanceof Record && b instanceof Record) {
            tell("{}: {} → {}.", what(owner, field), kind(a), kind(b));
        } else if (field.equals("name")) {
            tell("“{}” is now called “{}”.", a, b);
        } else {
            tell("{}: {} → {}.", what(owner, field), plain(field, a), plain(field, b));
        }
    }

    private void figure(String owner, String field, Figure from, Figure to) {
        Unit unit = Fields.of(field).unit();
        boolean sameValue = from.isSet() && to.isSet() && from.value() == to.value();
        if (sameValue) {
            tell(
                    "{}: {}, now {}.",
                    what(owner, field),
                    new Amount(to.value(), unit),
                    to.basis().name().toLowerCase(Locale.ROOT));
        } else {
            tell("{}: {} → {}.", what(owner, field), amount(from, unit), amount(to, unit));
        }
    }

    private static Object amount(Figure figure, Unit unit) {
        return figure.isSet() ? new Amount(figure.value(), unit) : "open";
    }

    private static Object gauge(Gauge gauge) {
        return gauge.decided() ? new Amount(gauge.size().areaMm2(), Unit.WIRE) : "open";
    }

    private static String log(Logged logged) {
        return logged.name().isEmpty() ? "no log" : logged.name();
    }

    private void lists(String owner, String field, List<?> from, List<?> to) {
        if (all(from, to, String.class)) {
            tell("{}: {} → {}.", what(owner, field), way(from), way(to));
        } else if (all(from, to, Worded.class)) {
            choices(owner, field, from, to);
        } else if (all(from, to, HullSection.class)) {
            form(owner, field, from, to);
        } else {
            parts(from, to);
        }
    }

    private static boolean all(List<?> from, List<?> to, Class<?> type) {
        return Stream.concat(from.stream(), to.stream()).allMatch(type::isInstance);
    }

    /** What is called something and has no id: by its words, or where these are the same by what is said of each. */
    private void choices(String owner, String field, List<?> from, List<?> to) {
        if (words(from).equals(words(to))) {
            for (int i = 0; i < from.size(); i++) {
                records(owner, from.get(i), to.get(i));
            }
        } else {
            tell("{}: {} → {}.", what(owner, field), words(from), words(to));
        }
    }

    private static String words(List<?> choices) {
        List<String> words =
                choices.stream().map(choice -> ((Worded) choice).words()).toList();
        return words.isEmpty() ? "none" : String.join(", ", words);
    }

    /** Sections have neither ids nor words: how many there are, or how many are others. */
    private void form(String owner, String field, List<?> from, List<?> to) {
        if (from.size() == to.size()) {
            long others = IntStream.range(0, to.size())
                    .filter(i -> !from.get(i).equals(to.get(i)))
                    .count();
            tell("{}: {} of {} drawn anew.", what(owner, field), others, to.size());
        } else {
            tell("{}: {} → {}.", what(owner, field), count(from), count(to));
        }
    }

    private static String count(List<?> list) {
        return list.isEmpty() ? "none" : String.valueOf(list.size());
    }

    private String way(List<?> legs) {
        List<String> passages =
                legs.stream().map(leg -> nameOf(String.valueOf(leg))).toList();
        return passages.isEmpty() ? "open" : String.join(", ", passages);
    }

    private void parts(List<?> from, List<?> to) {
        Map<String, Object> before = byKey(from);
        Map<String, Object> after = byKey(to);
        before.forEach((key, part) -> {
            if (!after.containsKey(key)) {
                gone(key, part);
            }
        });
        after.forEach((key, part) -> {
            Object was = before.get(key);
            if (was == null) {
                come(key, part);
            } else if (was.getClass() != part.getClass()) {
                tell("{}: {} → {}.", nameOf(key), kind(was), kind(part));
            } else if (part instanceof Note note) {
                if (!was.equals(note)) {
                    tell("The note on {} was changed.", nameOf(key));
                }
            } else {
                records(key, was, part);
            }
        });
        List<String> kept = before.keySet().stream().filter(after::containsKey).toList();
        List<String> now = after.keySet().stream().filter(before::containsKey).toList();
        if (!kept.equals(now)) {
            tell(
                    "Another order: {}.",
                    String.join(", ", now.stream().map(this::nameOf).toList()));
        }
    }

    private void gone(String key, Object part) {
        if (part instanceof Note) {
            tell("The note on {} was taken away.", nameOf(key));
        } else if (part instanceof Use) {
            tell("{} is used as usual again.", nameOf(key));
        } else {
            tell("{} was taken out.", nameOf(key));
        }
    }

    private void come(String key, Object part) {
        if (part instanceof Note) {
            tell("A note on {}.", nameOf(key));
        } else if (part instanceof Use use) {
            records(key, new Use(use.device(), Figure.UNSET, Figure.UNSET), use);
        } else {
            tell("{} was added.", nameOf(key));
        }
    }

    private static Map<String, Object> byKey(List<?> list) {
        Map<String, Object> all = new LinkedHashMap<>();
        for (Object part : list) {
            all.put(key(part), part);
        }
        return all;
    }

    private static String key(Object part) {
        if (part instanceof Placement place) {
            return place.item() + "/place";
        }
        for (Component component : Components.of(part)) {
            if (Set.of("id", "device", "part").contains(component.name())) {
                return (String) component.of(part);
            }
        }
        throw new IllegalArgumentException("a part without an id: " + part.getClass());
    }

    private void putAside(Set<?> from, Set<?> to) {
        new TreeSet<>(to).stream().filter(id -> !from.contains(id)).forEach(id -> tell("Put aside: {}.", id));
        new TreeSet<>(from).stream().filter(id -> !to.contains(id)).forEach(id -> tell("Brought back: {}.", id));
    }

    private String what(String owner, String field) {
        String words = Fields.of(field).words();
        return owner.isEmpty() ? words : words + " of " + nameOf(owner);
    }

    private Object plain(String field, Object value) {
        if (REFERENCES.contains(field) && !value.equals("")) {
            return nameOf((String) value);
        }
        if (value instanceof Boolean yes) {
            return yes ? "yes" : "no";
        }
        if (value instanceof Worded choice) {
            return choice.words();
        }
        if (value instanceof Enum<?> constant) {
            return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
        return value.equals("") ? "none" : value;
    }

    private static String kind(Object sum) {
        return sum.getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    private void tell(String template, Object... parts) {
        Text text = Text.of(template, parts);
        String first = text.words().get(0);
        List<String> words = new ArrayList<>(text.words());
        if (!first.isEmpty()) {
            words.set(0, first.substring(0, 1).toUpperCase(Locale.ROOT) + first.substring(1));
        }
        told.add(new Text(words, text.amounts()));
    }
}
