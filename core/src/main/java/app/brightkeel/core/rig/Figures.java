package app.brightkeel.core.rig;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.function.BiConsumer;

/** Visits every figure of a rig with its pointer, by the components of the records themselves: none can be forgotten. */
public final class Figures {

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
            for (RecordComponent component : Components.of(at)) {
                if (!component.getType().isPrimitive() && component.getType() != String.class) {
                    visit(pointer + "/" + component.getName(), Components.read(component, at), visitor);
                }
            }
        }
    }
}
