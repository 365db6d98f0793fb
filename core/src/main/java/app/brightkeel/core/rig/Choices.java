package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Every choice that a rig holds and what it is called: the one table that screens offer them from. */
public final class Choices {

    /** Told by an amount or by its look, not by words. */
    private static final Set<Class<?>> WITHOUT_WORDS = Set.of(Figure.Basis.class, Insulation.class);

    private final SortedMap<String, List<Choice>> all = new TreeMap<>();
    private final Set<Type> seen = new HashSet<>();

    private Choices() {}

    /**
     * One that may be made.
     *
     * @param value as files write it
     */
    public record Choice(String value, String words) {}

    /**
     * By the name of the type, a nested one behind the one it stands in: {@code EndingTerminal}.
     *
     * @throws IllegalStateException for a choice that has no words
     */
    public static SortedMap<String, List<Choice>> all() {
        Choices choices = new Choices();
        choices.walk(Rig.class);
        return Collections.unmodifiableSortedMap(choices.all);
    }

    private void walk(Type type) {
        if (type instanceof ParameterizedType of) {
            Stream.of(of.getActualTypeArguments()).forEach(this::walk);
        } else if (type instanceof Class<?> known && seen.add(known)) {
            if (known.isEnum() && !WITHOUT_WORDS.contains(known)) {
                all.put(name(known), choices(known));
            } else if (known.isRecord()) {
                Stream.of(known.getRecordComponents())
                        .map(RecordComponent::getGenericType)
                        .forEach(this::walk);
            } else if (known.isSealed()) {
                Stream.of(known.getPermittedSubclasses()).forEach(this::walk);
            }
        }
    }

    private static String name(Class<?> type) {
        Class<?> outer = type.getDeclaringClass();
        return outer == null ? type.getSimpleName() : outer.getSimpleName() + type.getSimpleName();
    }

    private static List<Choice> choices(Class<?> type) {
        return Stream.of(type.getEnumConstants())
                .map(constant -> {
                    if (!(constant instanceof Worded worded) || worded.words().isBlank()) {
                        throw new IllegalStateException(type.getName() + "." + constant + " has no words");
                    }
                    return new Choice(Table.written((Enum<?>) constant), worded.words());
                })
                .toList();
    }
}
