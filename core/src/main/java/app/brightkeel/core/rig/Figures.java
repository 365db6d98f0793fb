package app.brightkeel.core.rig;

import app.brightkeel.core.rig.Components.Component;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Predicate;

/** Visits every figure of a rig with its pointer, by the components of the records themselves: none can be forgotten. */
public final class Figures {

    private static final int DEEPEST = 20;
    private static final Object NOTHING = new Object();

    private final Predicate<Figure> wanted;
    private final BiConsumer<String, Figure> visitor;

    /** Names and places on the way down to where the walk is. */
    private final Object[] path = new Object[DEEPEST];

    private Figures(Predicate<Figure> wanted, BiConsumer<String, Figure> visitor) {
        this.wanted = wanted;
        this.visitor = visitor;
    }

    /** Calls {@code visitor} with pointer and figure, in document order. */
    public static void visit(Rig rig, BiConsumer<String, Figure> visitor) {
        visit(rig, figure -> true, visitor);
    }

    /** The same for figures that are wanted: pointers are written for those alone. */
    public static void visit(Rig rig, Predicate<Figure> wanted, BiConsumer<String, Figure> visitor) {
        new Figures(wanted, visitor).walk(rig, 0);
    }

    /**
     * Calls {@code visitor} with pointer and figure for everything that was assumed, in document order. What was filled in
     * is new; whatever is the very same object in both rigs holds no assumption and is not looked into.
     */
    public static void visitAssumed(Rig entered, Rig filled, BiConsumer<String, Figure> visitor) {
        new Figures(figure -> figure.isSet() && figure.basis() == Figure.Basis.ASSUMED, visitor)
                .walkNew(entered, filled, 0);
    }

    private void walkNew(Object before, Object at, int depth) {
        if (before == at) {
            return;
        }
        if (at instanceof List<?> list && before instanceof List<?> old) {
            for (int i = 0; i < list.size(); i++) {
                path[depth] = i;
                walkNew(i < old.size() ? old.get(i) : NOTHING, list.get(i), depth + 1);
            }
        } else if (at instanceof Record && at.getClass() == before.getClass() && !(at instanceof Figure)) {
            for (Component component : Components.ofFigures(at)) {
                path[depth] = component.name();
                walkNew(component.of(before), component.of(at), depth + 1);
            }
        } else {
            walk(at, depth);
        }
    }

    private void walk(Object at, int depth) {
        if (at instanceof Figure figure) {
            if (wanted.test(figure)) {
                visitor.accept(pointer(depth), figure);
            }
        } else if (at instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                path[depth] = i;
                walk(list.get(i), depth + 1);
            }
        } else if (at instanceof Record) {
            for (Component component : Components.ofFigures(at)) {
                path[depth] = component.name();
                walk(component.of(at), depth + 1);
            }
        }
    }

    private String pointer(int depth) {
        StringBuilder pointer = new StringBuilder();
        for (int i = 0; i < depth; i++) {
            pointer.append('/').append(path[i]);
        }
        return pointer.toString();
    }
}
