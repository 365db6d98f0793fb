package app.brightkeel.server.files;

import app.brightkeel.core.garage.Blanks;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.Properties;
import app.brightkeel.core.garage.Property;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The garage as a table: a line for each piece, a column for each thing that is said of any, numbers in the unit their name
 * ends in. What is read may have its columns in any order and under the words of the screen, then in its units; commas, semicolons or tabs
 * between them, and decimal commas where no comma separates. A column nobody knows becomes a line of the note.
 */
public final class GarageCsv {

    private static final Map<String, Function<Item, String>> OWN = own();

    private static final Map<String, Property> PROPERTIES = properties();

    private static final String KIND = "kind";

    /** A sort stands under the kind of thing it is a sort of. */
    private static final String SORT = "sort";

    private static Map<String, Function<Item, String>> own() {
        Map<String, Function<Item, String>> all = new LinkedHashMap<>();
        all.put("id", Item::id);
        all.put(KIND, item -> Table.written(item.kind()));
        all.put("name", Item::name);
        all.put("place", Item::place);
        all.put("bought", Item::bought);
        all.put("paid", item -> number(item.paid()));
        all.put("worth", item -> number(item.worth()));
        all.put("note", Item::note);
        return all;
    }

    private static Map<String, Property> properties() {
        Map<String, Property> all = new LinkedHashMap<>();
        for (ItemKind kind : ItemKind.values()) {
            Properties.of(kind).forEach(each -> all.putIfAbsent(column(each), each));
        }
        return all;
    }

    private static String column(Property property) {
        return property.name().equals(KIND) ? SORT : property.name();
    }

    /**
     * What was read.
     *
     * @param said what stands in the notes now
     */
    public record Read(List<Item> items, List<String> said) {}

    private final char separator;
    private final Map<String, Item> before;
    private final Supplier<String> freshId;
    private final Set<String> said = new LinkedHashSet<>();
    private final Set<String> ids = new HashSet<>();

    private GarageCsv(char separator, List<Item> before, Supplier<String> freshId) {
        this.separator = separator;
        this.before = before.stream().collect(Collectors.toMap(Item::id, item -> item));
        this.freshId = freshId;
    }

    public static String of(List<Item> items) {
        List<String> columns = Stream.concat(OWN.keySet().stream(), PROPERTIES.keySet().stream())
                .toList();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(columns.toArray(String[]::new))
                .get();
        StringBuilder all = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(all, format)) {
            for (Item item : items) {
                printer.printRecord(columns.stream()
                        .map(column -> ListCsv.plain(cell(item, column)))
                        .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all.toString();
    }

    private static String cell(Item item, String column) {
        Function<Item, String> own = OWN.get(column);
        if (own != null) {
            return own.apply(item);
        }
        return property(item.kind(), column)
                .map(each -> value(item.thing(), each))
                .orElse("");
    }

    private static Optional<Property> property(ItemKind kind, String column) {
        return Properties.of(kind).stream()
                .filter(each -> column(each).equals(column))
                .findFirst();
    }

    private static String value(Thing thing, Property property) {
        return property instanceof Property.Number number
                ? number(number.of(thing))
                : Table.written(((Property.Choice) property).of(thing));
    }

    private static String number(Figure figure) {
        return figure.isSet()
                ? new BigDecimal(Double.toString(figure.value()))
                        .stripTrailingZeros()
                        .toPlainString()
                : "";
    }

    /**
     * @param before  pieces that are there: a line with the id of one is that one, told anew; an empty cell says nothing
     * @throws Refusal naming line and column
     */
    public static Read read(byte[] bytes, List<Item> before, Supplier<String> freshId) {
        String text = text(bytes);
        String head = text.lines().findFirst().orElse("");
        char separator = Stream.of('\t', ';', ',')
                .filter(each -> head.indexOf(each) >= 0)
                .findFirst()
                .orElse(',');
        return new GarageCsv(separator, before, freshId).read(text);
    }

    private static String text(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\ufeff") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new Refusal(RefusalCode.UNREADABLE, "", "", "a table as text in UTF-8");
        }
    }

    private Read read(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .get();
        List<CSVRecord> rows;
        try (CSVParser parser = format.parse(new StringReader(text))) {
            rows = parser.getRecords();
        } catch (IOException | UncheckedIOException e) {
            throw new Refusal(
                    RefusalCode.UNREADABLE, "", "", "a table with commas, semicolons or tabs between its cells");
        }
        if (rows.isEmpty()) {
            throw new Refusal(RefusalCode.ABSENT, "", "", "a table whose first line names its columns");
        }
        List<String> columns = rows.get(0).stream().map(String::strip).toList();
        for (String wanted : List.of(KIND, "name")) {
            if (columns.stream().noneMatch(wanted::equalsIgnoreCase)) {
                throw new Refusal(RefusalCode.ABSENT, wanted, "", "a column of this name: every line wants one");
            }
        }
        List<Item> items = new ArrayList<>();
        for (CSVRecord row : rows.subList(1, rows.size())) {
            items.add(item(columns, row));
        }
        return new Read(items, List.copyOf(said));
    }

    private Item item(List<String> columns, CSVRecord row) {
        if (row.size() > columns.size()) {
            throw wrong(row, "", row.get(columns.size()), columns.size() + " cells, as the first line has");
        }
        Map<String, String> cells = new LinkedHashMap<>();
        for (int i = 0; i < row.size(); i++) {
            cells.put(columns.get(i), ListCsv.unquoted(row.get(i)).strip());
        }
        try {
            return item(cells, row);
        } catch (Refusal refused) {
            throw refused.field().startsWith("line ")
                    ? refused
                    : wrong(row, refused.field(), refused.value(), refused.allowed());
        }
    }

    private static Refusal wrong(CSVRecord row, String field, String value, String allowed) {
        String line = "line " + row.getRecordNumber();
        return new Refusal(RefusalCode.UNREADABLE, field.isEmpty() ? line : line + ", " + field, value, allowed);
    }

    private Item item(Map<String, String> cells, CSVRecord row) {
        Map<String, String> own = new HashMap<>();
        Map<String, String> rest = new LinkedHashMap<>();
        cells.forEach((column, value) -> {
            String small = column.toLowerCase(Locale.ROOT);
            (OWN.containsKey(small) ? own : rest).put(OWN.containsKey(small) ? small : column, value);
        });
        String id = own.getOrDefault("id", "");
        if (!id.isEmpty() && !ids.add(id)) {
            throw new Refusal(RefusalCode.DUPLICATE, "id", id, "each piece once");
        }
        Item old = before.get(id);
        String name = own.getOrDefault("name", "");
        ItemKind kind = kind(own.getOrDefault(KIND, ""));
        if (old != null && old.kind() != kind) {
            throw new Refusal(
                    RefusalCode.NOT_OFFERED,
                    KIND,
                    kind.words(),
                    "what the piece of this id is: " + old.kind().words());
        }
        Thing thing = old == null ? Blanks.of(kind, name) : old.thing();
        List<String> notes = new ArrayList<>();
        for (Map.Entry<String, String> cell : rest.entrySet()) {
            if (!cell.getValue().isEmpty()) {
                thing = told(kind, thing, cell.getKey(), cell.getValue(), notes);
            }
        }
        if (thing instanceof Thing.OwnCraft craft) {
            thing = new Thing.OwnCraft(name, craft.craft());
        }
        String note = own.getOrDefault("note", "");
        return new Item(
                old == null ? fresh(id) : id,
                name,
                thing,
                own.getOrDefault("place", ""),
                own.getOrDefault("bought", ""),
                money("paid", own),
                money("worth", own),
                Stream.concat(Stream.of(note).filter(each -> !each.isEmpty()), notes.stream())
                        .collect(Collectors.joining("\n")));
    }

    /** An id of another garage is no id of this one, unless it is free and looks like one. */
    private String fresh(String id) {
        return id.matches("item-[a-z0-9]{1,30}") ? id : freshId.get();
    }

    private static ItemKind kind(String written) {
        return Stream.of(ItemKind.values())
                .filter(each -> Stream.of(Table.written(each), each.words()).anyMatch(written::equalsIgnoreCase))
                .findFirst()
                .orElseThrow(() -> new Refusal(
                        RefusalCode.NOT_OFFERED,
                        KIND,
                        written,
                        "one of: "
                                + Stream.of(ItemKind.values())
                                        .map(ItemKind::words)
                                        .collect(Collectors.joining(", "))));
    }

    private Figure money(String column, Map<String, String> own) {
        String written = own.getOrDefault(column, "");
        return written.isEmpty() ? Figure.UNSET : Figure.chosen(number(column, written));
    }

    private Thing told(ItemKind kind, Thing thing, String column, String value, List<String> notes) {
        Property property = Properties.of(kind).stream()
                .filter(each -> column.equalsIgnoreCase(column(each)) || asWords(each, column))
                .findFirst()
                .orElse(null);
        if (property == null) {
            notes.add(column + ": " + value);
            said.add("“" + column + "” is not declared of a " + kind.words() + ": it stands in the note");
            return thing;
        }
        if (property instanceof Property.Choice choice) {
            return choice.with(thing, choice.chosen(value));
        }
        Property.Number number = (Property.Number) property;
        double figure = held(number, column, number(column, value));
        Figure old = number.of(thing);
        // what was measured stays measured where the number is the same
        return old.isSet() && old.value() == figure ? thing : number.with(thing, Figure.rated(figure));
    }

    /** As the screen has it, or as far as its comma: "mass" of "mass, empty". */
    private static boolean asWords(Property property, String column) {
        String words = property.words();
        return column.equalsIgnoreCase(words) || column.equalsIgnoreCase(words.split(",", 2)[0]);
    }

    /** Under the words of the screen a number is in the unit of the screen: width in millimetres, shares in percent. */
    private static double held(Property.Number number, String column, double written) {
        Unit.Shown shown = number.unit().metric();
        return asWords(number, column) && !column.equalsIgnoreCase(number.name())
                ? (written - shown.offset()) / shown.factor()
                : written;
    }

    private double number(String column, String written) {
        String plain = separator == ',' ? written : written.replace(',', '.');
        try {
            double number = new BigDecimal(plain).doubleValue();
            if (Double.isFinite(number)) {
                return number;
            }
        } catch (NumberFormatException e) {
            // told below
        }
        throw new Refusal(RefusalCode.BAD_TEXT, column, written, "a number such as 12.5");
    }
}
