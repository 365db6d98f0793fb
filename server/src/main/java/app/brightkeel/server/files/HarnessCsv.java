package app.brightkeel.server.files;

import app.brightkeel.core.parts.ConnectorList;
import app.brightkeel.core.parts.ShoppingList;
import app.brightkeel.core.parts.WireList;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.List;
import java.util.stream.Collectors;

/** The lists of a harness as CSV. */
public final class HarnessCsv {

    private HarnessCsv() {}

    public static String wires(List<WireList.Cut> wires, Habit habit) {
        return new Csv<WireList.Cut>(habit)
                .words("id", WireList.Cut::id)
                .words("name", WireList.Cut::name)
                .words("from id", WireList.Cut::fromId)
                .words("from", WireList.Cut::from)
                .words("to id", WireList.Cut::toId)
                .words("to", WireList.Cut::to)
                .words("colours", WireList.Cut::colours)
                .number("size", Unit.WIRE, WireList.Cut::size)
                .number("length one way", Unit.METRE, WireList.Cut::length)
                .words("sort", WireList.Cut::sort)
                .words("remarks", wire -> joined(wire.remarks(), habit))
                .of(wires);
    }

    public static String connectors(List<ConnectorList.End> ends, Habit habit) {
        return new Csv<ConnectorList.End>(habit)
                .words("part id", ConnectorList.End::partId)
                .words("part", ConnectorList.End::part)
                .words("end", ConnectorList.End::end)
                .words("joined to id", ConnectorList.End::joinedId)
                .words("joined to", ConnectorList.End::joined)
                .words("what", ConnectorList.End::ending)
                .number("pins", Unit.COUNT, ConnectorList.End::pins)
                .words("crimp", ConnectorList.End::crimp)
                .number("sleeve", Unit.FINE_MILLIMETRE, ConnectorList.End::sleeve)
                .number("pull for a minute", Unit.NEWTON, ConnectorList.End::pull)
                .words("remark", ConnectorList.End::remark)
                .of(ends);
    }

    public static String shopping(List<ShoppingList.Item> items, Habit habit) {
        return new Csv<ShoppingList.Item>(habit)
                .words("what", ShoppingList.Item::what)
                .words("item", item -> item.item().in(habit))
                .amount("amount", ShoppingList.Item::amount)
                .words("for ids", item -> String.join(" ", item.parts()))
                .of(items);
    }

    private static String joined(List<Text> remarks, Habit habit) {
        return remarks.stream().map(remark -> remark.in(habit)).collect(Collectors.joining("; "));
    }
}
