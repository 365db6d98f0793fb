package app.brightkeel.core.review.whole;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Reads a rig by JSON Pointer, or replaces what stands there, rebuilt through the constructors of its records. */
public final class Nudge {

    private Nudge() {}

    /** With another value, its basis kept. */
    public static Rig at(Rig rig, String pointer, double value) {
        return replaced(rig, pointer, figure -> new Figure.Given(value, ((Figure) figure).basis()));
    }

    /** Without it. */
    public static Rig unset(Rig rig, String pointer) {
        return replaced(rig, pointer, figure -> Figure.UNSET);
    }

    /** With something else there; refused as the constructors refuse it. */
    public static Rig replaced(Rig rig, String pointer, UnaryOperator<Object> change) {
        return (Rig) set(rig, steps(pointer), change);
    }

    private static List<String> steps(String pointer) {
        return List.of(pointer.substring(1).split("/"));
    }

    private static Object set(Object at, List<String> steps, UnaryOperator<Object> change) {
        if (steps.isEmpty()) {
            return change.apply(at);
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

    private static Object rebuilt(Record record, String name, List<String> rest, UnaryOperator<Object> change) {
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
        } catch (InvocationTargetException e) {
            throw e.getCause() instanceof Refusal refusal ? refusal : new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Every list in a rig by its pointer, in document order. */
    public static Map<String, List<?>> lists(Rig rig) {
        Map<String, List<?>> all = new LinkedHashMap<>();
        lists("", rig, all);
        return all;
    }

    private static void lists(String pointer, Object at, Map<String, List<?>> all) {
        if (at instanceof List<?> list) {
            all.put(pointer, list);
            for (int i = 0; i < list.size(); i++) {
                lists(pointer + "/" + i, list.get(i), all);
            }
        } else if (at instanceof Record record) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                String name = component.getName();
                lists(pointer + "/" + name, component(record, name), all);
            }
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
