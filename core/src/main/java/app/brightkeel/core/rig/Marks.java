package app.brightkeel.core.rig;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a component of a record is marked with: a list of parts, what names parts, or what leads to such. Taught by
 * {@link PartList} and {@link Names} on the records themselves, so that a walk over a rig forgets none.
 *
 * @param at    place among the record's components
 * @param name  of the component
 * @param parts what it is a list of; null where it is none
 * @param names what it names; null where it names nothing
 * @param below what the records in it are marked with, where they are all of one class; null for a choice of records
 * @param id    reads the id of such a part; null where it is none
 */
record Marks(
        int at,
        String name,
        Function<Object, Object> reader,
        @Nullable PartKind parts,
        @Nullable Naming names,
        Marks @Nullable [] below,
        @Nullable Function<Object, Object> id) {

    private static final ClassValue<Marks[]> OF = new ClassValue<>() {
        @Override
        protected Marks[] computeValue(Class<?> type) {
            return type.isRecord() ? marked(type) : new Marks[0];
        }
    };

    /** Marked components of a record's class, in order; none where nothing below it is marked. */
    static Marks[] of(Class<?> type) {
        return OF.get(type);
    }

    private static Marks[] marked(Class<?> type) {
        RecordComponent[] components = type.getRecordComponents();
        List<Marks> all = new ArrayList<>();
        for (int i = 0; i < components.length; i++) {
            RecordComponent each = components[i];
            PartList list = each.getAnnotation(PartList.class);
            Names names = each.getAnnotation(Names.class);
            Class<?> element = element(each.getGenericType());
            if (list != null || names != null || leads(element)) {
                all.add(new Marks(
                        i,
                        each.getName(),
                        Components.ofType(type).get(i).reader(),
                        list == null ? null : list.value(),
                        names == null ? null : Naming.of(names),
                        element.isSealed() ? null : of(element),
                        list == null || element.isSealed() ? null : idOf(element)));
            }
        }
        return all.toArray(Marks[]::new);
    }

    private static boolean leads(Class<?> type) {
        return type.isSealed() ? Stream.of(type.getPermittedSubclasses()).anyMatch(Marks::leads) : of(type).length > 0;
    }

    private static Class<?> element(Type type) {
        if (type instanceof ParameterizedType generic) {
            return element(generic.getActualTypeArguments()[0]);
        }
        return type instanceof Class<?> plain ? plain : Object.class;
    }

    private static Function<Object, Object> idOf(Class<?> part) {
        return Components.ofType(part).get(Components.place(part, "id")).reader();
    }

    /** The id of a part of the list that this component is. */
    String idOf(Object part) {
        return (String) (id != null ? id : idOf(part.getClass())).apply(part);
    }

    Object in(Object record) {
        return reader.apply(record);
    }

    /** What a record in this component is marked with. */
    Marks[] below(Object record) {
        return below != null ? below : of(record.getClass());
    }

    /** What is met on a walk. */
    interface Visitor {
        default void part(PartKind kind, String id) {}

        default void name(Naming naming, String id) {}
    }

    /** Walks over a record and all below it, in the order of the document. */
    static void visit(Object record, Visitor visitor) {
        for (Marks mark : of(record.getClass())) {
            mark.visitValue(mark.in(record), visitor);
        }
    }

    /** The same of the value of this component, which may stand in no record yet. */
    void visitValue(Object value, Visitor visitor) {
        if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                visitOne(list.get(i), visitor);
            }
        } else {
            visitOne(value, visitor);
        }
    }

    private void visitOne(Object one, Visitor visitor) {
        if (names != null) {
            visitor.name(names, (String) one);
            return;
        }
        if (parts != null) {
            visitor.part(parts, idOf(one));
        }
        for (Marks mark : below(one)) {
            mark.visitValue(mark.in(one), visitor);
        }
    }

    /**
     * Where something is named first, as refusals write it: {@code harness.segments[0].to}; "" where it is not.
     *
     * @param at where the value of this component stands
     */
    String path(String at, Object value, Naming wanted, String wantedId) {
        if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                String found = path(at + "[" + i + "]", list.get(i), wanted, wantedId);
                if (!found.isEmpty()) {
                    return found;
                }
            }
            return "";
        }
        if (names != null) {
            return names == wanted && value.equals(wantedId) ? at : "";
        }
        for (Marks mark : below(value)) {
            String found = mark.path(at + "." + mark.name, mark.in(value), wanted, wantedId);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return "";
    }

    /** The components below a record's class that name one other part. */
    static Set<String> naming(Class<?> type) {
        Set<String> all = new HashSet<>();
        if (type.isSealed()) {
            Stream.of(type.getPermittedSubclasses()).forEach(each -> all.addAll(naming(each)));
        } else if (type.isRecord()) {
            for (RecordComponent each : type.getRecordComponents()) {
                if (each.getAnnotation(Names.class) != null && each.getType() == String.class) {
                    all.add(each.getName());
                }
                all.addAll(naming(element(each.getGenericType())));
            }
        }
        return all;
    }
}
