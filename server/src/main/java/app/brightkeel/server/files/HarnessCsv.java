package app.brightkeel.server.files;

import app.brightkeel.core.parts.ConnectorList;
import app.brightkeel.core.parts.ShoppingList;
import app.brightkeel.core.parts.WireList;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import java.util.List;
import java.util.stream.Collectors;

/** The lists of a harness as CSV. */
public final class HarnessCsv {

    private static final List<String> WIRE =
            List.of("wire", "name", "from", "to", "colours", "size", "length one way", "sort", "remarks");
    private static final List<String> END =
            List.of("part", "end", "joined to", "what", "crimp", "pull for a minute", "remark");
    private static final List<String> ITEM = List.of("what", "item", "amount");

    private HarnessCsv() {}

    public static String wires(List<WireList.Cut> wires, Habit habit) {
        return Csv.of(
                WIRE,
                wires,
                wire -> List.of(
                        wire.id(),
                        wire.name(),
                        wire.from(),
                        wire.to(),
                        wire.colours(),
                        wire.size().in(habit),
                        wire.length().in(habit),
                        wire.sort(),
                        joined(wire.remarks(), habit)));
    }

    public static String connectors(List<ConnectorList.End> ends, Habit habit) {
        return Csv.of(
                END,
                ends,
                end -> List.of(
                        end.part(),
                        end.end(),
                        end.joined(),
                        end.ending().in(habit),
                        end.crimp().in(habit),
                        end.pull().in(habit),
                        end.remark()));
    }

    public static String shopping(List<ShoppingList.Item> items, Habit habit) {
        return Csv.of(
                ITEM,
                items,
                item -> List.of(
                        item.what(), item.item().in(habit), item.amount().in(habit)));
    }

    private static String joined(List<Text> remarks, Habit habit) {
        return remarks.stream().map(remark -> remark.in(habit)).collect(Collectors.joining("; "));
    }
}
