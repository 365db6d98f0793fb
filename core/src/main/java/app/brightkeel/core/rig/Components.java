package app.brightkeel.core.rig;

import java.lang.reflect.RecordComponent;

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

    private Components() {}

    /** Components of a record, in order. */
    static RecordComponent[] of(Object record) {
        return OF.get(record.getClass());
    }

    static Object read(RecordComponent component, Object of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component.toString(), e);
        }
    }
}
