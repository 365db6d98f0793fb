package app.brightkeel.core.review;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;

/** A rig with one figure replaced, its basis kept, rebuilt through the constructors of its records. */
public final class Nudge {

    private Nudge() {}

    public static Rig at(Rig rig, String pointer, double value) {
        return (Rig) set(rig, List.of(pointer.substring(1).split("/")), value);
    }

    private static Object set(Object at, List<String> steps, double value) {
        if (steps.isEmpty()) {
            return new Figure.Given(value, ((Figure) at).basis());
        }
        List<String> rest = steps.subList(1, steps.size());
        if (at instanceof List<?> list) {
            List<Object> copy = new ArrayList<>(list);
            int index = Integer.parseInt(steps.get(0));
            copy.set(index, set(copy.get(index), rest, value));
            return copy;
        }
        return rebuilt((Record) at, steps.get(0), rest, value);
    }

    private static Object rebuilt(Record record, String name, List<String> rest, double value) {
        try {
            RecordComponent[] components = record.getClass().getRecordComponents();
            Class<?>[] types = new Class<?>[components.length];
            Object[] values = new Object[components.length];
            for (int i = 0; i < components.length; i++) {
                types[i] = components[i].getType();
                values[i] = components[i].getAccessor().invoke(record);
                if (components[i].getName().equals(name)) {
                    values[i] = set(values[i], rest, value);
                }
            }
            Constructor<?> constructor = record.getClass().getDeclaredConstructor(types);
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
