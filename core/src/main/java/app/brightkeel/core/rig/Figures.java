package app.brightkeel.core.rig;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Predicate;

/** Visits every figure of a rig with its pointer, by the components of the records themselves: none can be forgotten. */
public final class Figures {

    private Figures() {}

    /** Calls {@code visitor} with pointer and figure, in document order. */
    public static void visit(Rig rig, BiConsumer<String, Figure> visitor) {
        visit(rig, figure -> true, visitor);
    }

    /** The same for figures that are wanted: pointers are written for those alone. */
    public static void visit(Rig rig, Predicate<Figure> wanted, BiConsumer<String, Figure> visitor) {
        visit(new StringBuilder(), rig, wanted, visitor);
    }

    private static void visit(
            StringBuilder pointer, Object at, Predicate<Figure> wanted, BiConsumer<String, Figure> visitor) {
        int here = pointer.length();
        if (at instanceof Figure figure) {
            if (wanted.test(figure)) {
                visitor.accept(pointer.toString(), figure);
            }
        } else if (at instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                visit(pointer.append('/').append(i), list.get(i), wanted, visitor);
                pointer.setLength(here);
            }
        } else if (at instanceof Record) {
            for (RecordComponent component : Components.ofFigures(at)) {
                Object value = Components.read(component, at);
                visit(pointer.append('/').append(component.getName()), value, wanted, visitor);
                pointer.setLength(here);
            }
        }
    }
}
