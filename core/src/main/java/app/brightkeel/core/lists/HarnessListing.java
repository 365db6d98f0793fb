package app.brightkeel.core.lists;

import app.brightkeel.core.parts.ConnectorList;
import app.brightkeel.core.parts.ShoppingList;
import app.brightkeel.core.parts.WireList;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.List;

/** The lists of a harness. */
final class HarnessListing {

    private HarnessListing() {}

    static Listing wires(List<WireList.Cut> wires) {
        return new Columns<WireList.Cut>()
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
                .text("remarks", wire -> joined(wire.remarks()))
                .of(wires);
    }

    static Listing connectors(List<ConnectorList.End> ends) {
        return new Columns<ConnectorList.End>()
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

    static Listing shopping(List<ShoppingList.Item> items) {
        return new Columns<ShoppingList.Item>()
                .words("what", ShoppingList.Item::what)
                .text("item", ShoppingList.Item::item)
                .amount("amount", ShoppingList.Item::amount)
                .words("for ids", item -> String.join(" ", item.parts()))
                .of(items);
    }

    private static Text joined(List<Text> remarks) {
        Text all = Text.of("");
        for (Text remark : remarks) {
            all = all.plain().isEmpty() ? remark : Text.of("{}; {}", all, remark);
        }
        return all;
    }
}
