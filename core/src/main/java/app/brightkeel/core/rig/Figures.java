package app.brightkeel.core.rig;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.function.BiConsumer;

/** Visits every figure of a rig with its pointer, by the components of the records themselves: none can be forgotten. */
public final class Figures {

    private static final ClassValue<RecordComponent[]> COMPONENTS = new ClassValue<>() {
        @Override
        protected RecordComponent[] computeValue(Class<?> type) {
            RecordComponent[] components = type.getRecordComponents();
            for (RecordComponent component : components) {
                component.getAccessor().setAccessible(true);
            }
            return components;
        }
    };

    private Figures() {}

    /** Calls {@code visitor} with pointer and figure, in document order. */
    public static void visit(Rig rig, BiConsumer<String, Figure> visitor) {
        visit("", rig, visitor);
    }

    private static void visit(String pointer, Object at, BiConsumer<String, Figure> visitor) {
        if (at instanceof Figure figure) {
            visitor.accept(pointer, figure);
        } else if (at instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                visit(pointer + "/" + i, list.get(i), visitor);
            }
        } else if (at instanceof Record) {
            for (RecordComponent component : COMPONENTS.get(at.getClass())) {
                if (!component.getType().isPrimitive() && component.getType() != String.class) {
                    visit(pointer + "/" + component.getName(), read(component, at), visitor);
                }
            }
        }
    }

    private static Object read(RecordComponent component, Object of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(component.toString(), e);
        }
    }
}
