package app.brightkeel.core.review;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Reads a rig by JSON Pointer, or replaces one figure of it, rebuilt through the constructors of its records. */
public final class Nudge {

    private Nudge() {}

    /** With another value, its basis kept. */
    public static Rig at(Rig rig, String pointer, double value) {
        return replaced(rig, pointer, figure -> new Figure.Given(value, figure.basis()));
    }

    /** Without it. */
    public static Rig unset(Rig rig, String pointer) {
        return replaced(rig, pointer, figure -> Figure.UNSET);
    }

    private static Rig replaced(Rig rig, String pointer, UnaryOperator<Figure> change) {
        return (Rig) set(rig, steps(pointer), change);
    }

    private static List<String> steps(String pointer) {
        return List.of(pointer.substring(1).split("/"));
    }

    private static Object set(Object at, List<String> steps, UnaryOperator<Figure> change) {
        if (steps.isEmpty()) {
            return change.apply((Figure) at);
        }
        List<String> rest = steps.subList(1, steps.size());
        if (at instanceof List<?> list) {
            List<Object> copy = new ArrayList<>(list);
            int index = Integer.parseInt(steps.get(0));
            copy.set(index, set(copy.get(index), rest, change));
            return copy;
        }
        return rebuilt((Record) at, steps.get(0), rest, change);
    }

    private static Object rebuilt(Record record, String name, List<String> rest, UnaryOperator<Figure> change) {
        try {
            RecordComponent[] components = record.getClass().getRecordComponents();
            Class<?>[] types = new Class<?>[components.length];
            Object[] values = new Object[components.length];
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                values[i] = components[i].getAccessor().invoke(record);
                if (components[i].getName().equals(name)) {
                    values[i] = set(values[i], rest, change);
                }
            }
            Constructor<?> constructor = record.getClass().getDeclaredConstructor(types);
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What stands at a pointer; one that leads nowhere is a fault of whoever made it. */
    public static Object read(Rig rig, String pointer) {
        Object at = rig;
        for (String step : steps(pointer)) {
            at = at instanceof List<?> list ? list.get(Integer.parseInt(step)) : component((Record) at, step);
        }
        return at;
    }

    private static Object component(Record record, String name) {
        for (RecordComponent component : record.getClass().getRecordComponents()) {
            if (component.getName().equals(name)) {
                try {
                    return component.getAccessor().invoke(record);
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException(e);
                }
            }
        }
        throw new AssertionError(
                "nothing called " + name + " in " + record.getClass().getSimpleName());
    }
}
