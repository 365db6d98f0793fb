package app.brightkeel.core.rig;

import java.lang.reflect.RecordComponent;
import java.util.stream.Stream;

/** Reads the components of the rig's records, so that a walk over a rig forgets none. */
final class Components {

    private static final ClassValue<RecordComponent[]> OF = new ClassValue<>() {
        @Override
        protected RecordComponent[] computeValue(Class<?> type) {
            RecordComponent[] components = type.getRecordComponents();
            for (RecordComponent component : components) {
                component.getAccessor().setAccessible(true);
            }
            return components;
        }
    };

    /** Those that may hold a figure: no words, no choices, no plain numbers. */
    private static final ClassValue<RecordComponent[]> OF_FIGURES = new ClassValue<>() {
        @Override
        protected RecordComponent[] computeValue(Class<?> type) {
            return Stream.of(OF.get(type))
                    .filter(component -> !component.getType().isPrimitive()
                            && !component.getType().isEnum()
                            && component.getType() != String.class)
                    .toArray(RecordComponent[]::new);
        }
    };

    private Components() {}

    /** Components of a record, in order. */
    static RecordComponent[] of(Object record) {
        return OF.get(record.getClass());
    }

    /** Components of a record that may hold a figure, in order. */
    static RecordComponent[] ofFigures(Object record) {
        return OF_FIGURES.get(record.getClass());
    }

    static Object read(RecordComponent component, Object of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component.toString(), e);
        }
    }
}
