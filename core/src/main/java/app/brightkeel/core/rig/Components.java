package app.brightkeel.core.rig;

import java.lang.invoke.LambdaMetafactory;
import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.MethodType;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** Reads the components of the rig's records, so that a walk over a rig forgets none. */
final class Components {

    /** One component and its accessor, linked once: every review walks over the whole rig. */
    record Component(String name, Class<?> type, Function<Object, Object> reader) {

        Object of(Object record) {
            return reader.apply(record);
        }

        /** No words, no choices, no plain numbers. */
        boolean mayHoldFigure() {
            return !type.isPrimitive() && !type.isEnum() && type != String.class;
        }
    }

    private static final ClassValue<List<Component>> OF = new ClassValue<>() {
        @Override
        protected List<Component> computeValue(Class<?> type) {
            return Stream.of(type.getRecordComponents()).map(Components::linked).toList();
        }
    };

    private static final ClassValue<Component[]> OF_FIGURES = new ClassValue<>() {
        @Override
        protected Component[] computeValue(Class<?> type) {
            return OF.get(type).stream().filter(Component::mayHoldFigure).toArray(Component[]::new);
        }
    };

    private Components() {}

    /** Components of a record, in order. */
    static List<Component> of(Object record) {
        return OF.get(record.getClass());
    }

    /** Components of a record that may hold a figure, in order. */
    static Component[] ofFigures(Object record) {
        return OF_FIGURES.get(record.getClass());
    }

    private static Component linked(RecordComponent component) {
        try {
            MethodHandles.Lookup lookup = MethodHandles.lookup();
            MethodHandle accessor = lookup.unreflect(component.getAccessor());
            MethodType general = MethodType.methodType(Object.class, Object.class);
            @SuppressWarnings("unchecked")
            Function<Object, Object> reader = (Function<Object, Object>) LambdaMetafactory.metafactory(
                            lookup,
                            "apply",
                            MethodType.methodType(Function.class),
                            general,
                            accessor,
                            accessor.type().wrap())
                    .getTarget()
                    .invoke();
            return new Component(component.getName(), component.getType(), reader);
        } catch (Throwable e) {
            throw new IllegalStateException(component.toString(), e);
        }
    }
}
