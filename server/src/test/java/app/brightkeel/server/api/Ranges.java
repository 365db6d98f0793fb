package app.brightkeel.server.api;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Figure;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What the records of a rig allow, as their own constructors say when they are given something absurd: no second list has
 * to agree with them.
 */
final class Ranges {

    /** Low, high and unit; either end may be none. */
    record Range(double low, double high, String unit) {}

    private static final Pattern RANGE =
            Pattern.compile("(-?\\d[\\d.]*(?:E-?\\d+)?) to (-?\\d[\\d.]*(?:E-?\\d+)?) ?(.*)");
    private static final Pattern AT_MOST = Pattern.compile("at most (\\d+)\\b.*", Pattern.DOTALL);
    private static final Pattern LETTERS = Pattern.compile("\\d+ to (\\d+) characters.*", Pattern.DOTALL);
    private static final String ONE_OF = "one of ";
    private static final double ABSURD = 1e300;
    private static final int TOO_MANY = 20_000;

    private final Map<Class<?>, Object> examples = new HashMap<>();

    /** @param rigs in which an example of each record is looked for */
    Ranges(Collection<?> rigs) {
        rigs.forEach(this::gather);
    }

    private void gather(Object value) {
        if (value instanceof Collection<?> all) {
            all.forEach(this::gather);
        } else if (value instanceof Record record) {
            examples.putIfAbsent(value.getClass(), value);
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                gather(read(record, component));
            }
        }
    }

    /** Of a number, a figure, or the numbers of a list. */
    Optional<Range> of(Class<?> record, RecordComponent component) {
        Object high = component.getType() == Figure.class
                ? new Figure.Given(ABSURD, Figure.Basis.RATED)
                : component.getType() == int.class ? (Object) Integer.MAX_VALUE : in(component, ABSURD);
        return refused(record, component, high)
                .map(Refusal::allowed)
                .map(RANGE::matcher)
                .filter(Matcher::matches)
                .map(found -> new Range(
                        Double.parseDouble(found.group(1)), Double.parseDouble(found.group(2)), found.group(3)));
    }

    /** What a text, or each of a list, may be; empty where it may be anything. */
    Optional<String> text(Class<?> record, RecordComponent component) {
        return Stream.of("x".repeat(TOO_MANY), "", "A b\n")
                .flatMap(absurd -> refused(record, component, in(component, absurd)).stream())
                .map(Refusal::allowed)
                .findFirst();
    }

    /** A value, or a collection of it alone where the component is one. */
    private static Object in(RecordComponent component, Object value) {
        if (component.getType() == Set.class) {
            return Set.of(value);
        }
        return component.getType() == List.class ? List.of(value) : value;
    }

    /** Whether an empty text is refused. */
    boolean wanted(Class<?> record, RecordComponent component) {
        return refused(record, component, in(component, "")).isPresent();
    }

    /** Most of a list or letters of a text. */
    static Optional<Integer> most(String allowed) {
        Matcher letters = LETTERS.matcher(allowed);
        Matcher found = letters.matches() ? letters : AT_MOST.matcher(allowed);
        return found.matches() ? Optional.of(Integer.parseInt(found.group(1))) : Optional.empty();
    }

    /** Most entries of a list. */
    Optional<Integer> most(Class<?> record, RecordComponent component, Class<?> of) {
        Object one = of == String.class
                ? "x"
                : of == Double.class
                        ? (Object) 0.0
                        : of.isEnum()
                                ? of.getEnumConstants()[0]
                                : examples.values().stream()
                                        .filter(of::isInstance)
                                        .findFirst()
                                        .orElse(null);
        if (component.getType() == Set.class) {
            return of.isEnum() ? Optional.of(of.getEnumConstants().length) : Optional.empty();
        }
        return one == null
                ? Optional.empty()
                : refused(record, component, Collections.nCopies(TOO_MANY, one))
                        .map(Refusal::allowed)
                        .flatMap(Ranges::most);
    }

    /** What it may be alone; empty where it is no matter of a list. */
    List<Double> offered(Class<?> record, RecordComponent component) {
        Object absurd = component.getType() == int.class ? (Object) Integer.MAX_VALUE : (Object) ABSURD;
        return refused(record, component, absurd)
                .map(Refusal::allowed)
                .filter(allowed -> allowed.startsWith(ONE_OF))
                .map(allowed -> Stream.of(allowed.substring(ONE_OF.length()).split("[^\\d.]+"))
                        .filter(word -> !word.isEmpty())
                        .map(Double::valueOf)
                        .toList())
                .orElse(List.of());
    }

    private Object example(Class<?> type) {
        Object known = examples.get(type);
        if (known != null) {
            return known;
        }
        Object made = made(type);
        examples.put(type, made);
        return made;
    }

    /** One that no rig has, made of the plainest values. */
    private Object made(Class<?> type) {
        Object[] values = Stream.of(type.getRecordComponents())
                .map(component -> plainest(component.getType()))
                .toArray();
        try {
            return constructor(type).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("no example of " + type.getName(), e);
        }
    }

    private Object plainest(Class<?> type) {
        if (type == Figure.class) {
            return Figure.UNSET;
        }
        if (type == int.class) {
            return 1;
        }
        if (type == double.class) {
            return 0.5;
        }
        if (type == String.class) {
            return "x";
        }
        if (type.isEnum()) {
            return type.getEnumConstants()[0];
        }
        return type.isRecord() ? example(type) : List.of();
    }

    private static Constructor<?> constructor(Class<?> type) throws NoSuchMethodException {
        Constructor<?> made = type.getDeclaredConstructor(Stream.of(type.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class[]::new));
        made.setAccessible(true);
        return made;
    }

    private Optional<Refusal> refused(Class<?> type, RecordComponent changed, Object absurd) {
        Object example = example(type);
        RecordComponent[] components = type.getRecordComponents();
        Object[] values = Stream.of(components)
                .map(component -> component.getName().equals(changed.getName()) ? absurd : read(example, component))
                .toArray();
        try {
            constructor(type).newInstance(values);
            return Optional.empty();
        } catch (InvocationTargetException e) {
            return e.getCause() instanceof Refusal refusal && refusal.field().startsWith(changed.getName())
                    ? Optional.of(refusal)
                    : Optional.empty();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(type.getName(), e);
        }
    }

    private static Object read(Object record, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component.toString(), e);
        }
    }
}
