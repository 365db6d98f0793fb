package app.brightkeel.core.garage;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A field inside records within records, by the names on the way to it.
 *
 * @param names of components, the outermost first
 */
record At(List<String> names) {

    private static final Draw OPEN = new Draw.Split(Figure.UNSET, Figure.UNSET);

    At {
        names = List.copyOf(names);
    }

    /** What stands there; empty where the record on the way is of a form that has no such field. */
    Optional<Object> in(Record owner) {
        return component(owner, names.get(0))
                .map(field -> value(owner, field))
                .flatMap(value -> names.size() == 1 ? Optional.of(value) : rest().in((Record) value));
    }

    private At rest() {
        return new At(names.subList(1, names.size()));
    }

    /**
     * The same owner with something else there. A draw that was told otherwise becomes one of base and light apart.
     *
     * @throws Refusal of the record that does not take it, naming its field
     */
    @SuppressWarnings("unchecked")
    <T extends Record> T with(T owner, Object put) {
        RecordComponent field = component(owner, names.get(0)).orElseThrow();
        Object inside = put;
        if (names.size() > 1) {
            Object now = value(owner, field);
            boolean other =
                    now instanceof Draw && component((Record) now, names.get(1)).isEmpty();
            inside = rest().with((Record) (other ? OPEN : now), put);
        }
        RecordComponent[] all = owner.getClass().getRecordComponents();
        Object[] values = new Object[all.length];
        Class<?>[] types = new Class<?>[all.length];
        for (int i = 0; i < all.length; i++) {
            types[i] = all[i].getType();
            values[i] = all[i].getName().equals(field.getName()) ? inside : value(owner, all[i]);
        }
        try {
            return (T) owner.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            throw e.getCause() instanceof RuntimeException refused ? refused : new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Type of what stands there, by the declared types on the way. */
    Class<?> type(Class<?> owner) {
        Class<?> declared = Stream.of(owner.getRecordComponents())
                .filter(each -> each.getName().equals(names.get(0)))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(owner + " has no " + names.get(0)))
                .getType();
        Class<?> there = declared == Draw.class ? Draw.Split.class : declared;
        return names.size() == 1 ? there : rest().type(there);
    }

    private static Optional<RecordComponent> component(Record owner, String name) {
        return Stream.of(owner.getClass().getRecordComponents())
                .filter(each -> each.getName().equals(name))
                .findFirst();
    }

    private static Object value(Record owner, RecordComponent field) {
        try {
            return field.getAccessor().invoke(owner);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
