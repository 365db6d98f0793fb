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

    private static final ClassValue<MethodHandle> MAKER = new ClassValue<>() {
        @Override
        protected MethodHandle computeValue(Class<?> type) {
            RecordComponent[] components = type.getRecordComponents();
            Class<?>[] types =
                    Stream.of(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            try {
                return MethodHandles.lookup()
                        .findConstructor(type, MethodType.methodType(void.class, types))
                        .asSpreader(Object[].class, types.length)
                        .asType(MethodType.methodType(Object.class, Object[].class));
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(type.toString(), e);
            }
        }
    };

    private Components() {}

    /** Components of a record, in order. */
    static List<Component> of(Object record) {
        return ofType(record.getClass());
    }

    /** The same by its class. */
    static List<Component> ofType(Class<?> type) {
        return OF.get(type);
    }

    /** Place of a component among those of a record's class. */
    static int place(Class<?> type, String component) {
        List<Component> all = ofType(type);
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).name().equals(component)) {
                return i;
            }
        }
        throw new IllegalArgumentException(type + " has no " + component);
    }

    /** Values of all components, in order. */
    static Object[] values(Object record) {
        List<Component> all = of(record);
        Object[] values = new Object[all.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = all.get(i).of(record);
        }
        return values;
    }

    /** A record of such values, as its constructor takes them. */
    static <T> T made(Class<T> type, Object[] values) {
        try {
            return type.cast(MAKER.get(type).invoke(values));
        } catch (RuntimeException | Error e) {
            throw e;
        } catch (Throwable e) {
            throw new IllegalStateException(type.toString(), e);
        }
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
