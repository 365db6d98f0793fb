package app.brightkeel.server.api;

import app.brightkeel.core.rig.Figure;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Adds to a property's schema what its record allows, in which unit, and what it means. */
final class Meanings {

    private static final String NO_BREAK = "[^\\u0000-\\u001f\\u007f-\\u009f\\u2028\\u2029]*";
    private static final String NO_CONTROL = "[^\\u0000-\\u0009\\u000b-\\u001f\\u007f-\\u009f]*";

    /** Something is to be seen of it. */
    private static final String VISIBLE = "[^\\s\\u0000-\\u001f\\u007f-\\u009f]";

    private static final String ID = "^[a-z0-9][a-z0-9-]{0,39}$";
    private static final String DAY_OR_NOTHING = "^(\\d{4}-\\d{2}-\\d{2})?$";

    private final Ranges ranges;
    private final Javadocs docs;

    Meanings(Ranges ranges, Javadocs docs) {
        this.ranges = ranges;
        this.docs = docs;
    }

    void add(ObjectNode property, Class<?> record, RecordComponent component) {
        Optional<Ranges.Range> range = Optional.empty();
        if (component.getType() == Figure.class) {
            range = ranges.of(record, component);
            range.ifPresent(found -> bounds(property.putObject("properties").putObject("value"), found));
        } else if (component.getType() == double.class || component.getType() == int.class) {
            range = ranges.of(record, component);
            range.ifPresent(found -> bounds(property, found));
            List<Double> offered = ranges.offered(record, component);
            if (!offered.isEmpty()) {
                ArrayNode all = property.putArray("enum");
                offered.forEach(all::add);
            }
        } else if (component.getType() == String.class) {
            ranges.text(record, component).ifPresent(allowed -> text(property, record, component, allowed));
        } else if (Collection.class.isAssignableFrom(component.getType())) {
            Class<?> of = (Class<?>) ((ParameterizedType) component.getGenericType()).getActualTypeArguments()[0];
            ranges.most(record, component, of).ifPresent(most -> property.put("maxItems", most));
            entries((ObjectNode) property.path("items"), record, component, of);
        }
        describe(property, record, component, range.map(Ranges.Range::unit).orElse(""));
    }

    private void entries(ObjectNode items, Class<?> record, RecordComponent component, Class<?> of) {
        if (of == Double.class) {
            ranges.of(record, component).ifPresent(range -> bounds(items, range));
        } else if (of == String.class) {
            ranges.text(record, component).ifPresent(allowed -> text(items, record, component, allowed));
        }
    }

    private void describe(ObjectNode property, Class<?> record, RecordComponent component, String unit) {
        String words = docs.components(record).getOrDefault(component.getName(), usual(component));
        String with = unit.isEmpty() || words.contains("[" + unit + "]") ? words : (words + " [" + unit + "]").strip();
        if (!with.isEmpty()) {
            property.put("description", with);
        }
    }

    /** What goes without saying in the sources. */
    private String usual(RecordComponent component) {
        return switch (component.getName()) {
            case "id" -> "by which the rest of the rig names it";
            case "name" -> "as a person calls it";
            default -> docs.of(component.getType());
        };
    }

    private static void bounds(ObjectNode schema, Ranges.Range range) {
        schema.put("minimum", range.low());
        schema.put("maximum", range.high());
    }

    private void text(ObjectNode property, Class<?> record, RecordComponent component, String allowed) {
        if (allowed.contains("small letters, digits and hyphens")) {
            property.put("pattern", ID);
        } else if (allowed.startsWith("a day such as")) {
            property.put("pattern", DAY_OR_NOTHING);
        } else {
            Ranges.most(allowed).ifPresent(most -> property.put("maxLength", most));
            String letters = allowed.contains("no control characters") ? NO_CONTROL : NO_BREAK;
            boolean wanted = ranges.wanted(record, component);
            if (wanted) {
                property.put("minLength", 1);
            }
            property.put("pattern", "^" + letters + (wanted ? VISIBLE + letters : "") + "$");
        }
    }
}
