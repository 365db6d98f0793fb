package app.brightkeel.core.lists;

import app.brightkeel.core.enclosure.CutList;
import app.brightkeel.core.enclosure.Cutting;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.FastenerList;
import app.brightkeel.core.parts.HoleList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Holes, what comes off, and cut parts. */
final class FitOutListing {

    private FitOutListing() {}

    static Listing holes(List<HoleList.Row> rows) {
        return new Columns<HoleList.Row>()
                .words("id", HoleList.Row::id)
                .words("number", row -> String.valueOf(row.number()))
                .words("hole", HoleList.Row::name)
                .words("through", HoleList.Row::part)
                .words("there or drill", HoleList.Row::there)
                .words("waterline", HoleList.Row::line)
                .number("clear", Unit.FINE_MILLIMETRE, HoleList.Row::clear)
                .words("passes", HoleList.Row::cables)
                .number("plug that passes first", Unit.MILLIMETRE, HoleList.Row::plug)
                .words("crimped after", HoleList.Row::after)
                .words("closed by", HoleList.Row::closing)
                .number("which wants a hole of", Unit.FINE_MILLIMETRE, HoleList.Row::wants)
                .words("tight by", HoleList.Row::sealing)
                .words("remark", HoleList.Row::remark)
                .of(rows);
    }

    private record Step(String id, String step, String what, String from, String by, Optional<Amount> time) {}

    /** What is unplugged first, what comes off with its minutes, what stays. */
    static Listing takeOff(Rig rig) {
        TakeOff off = TakeOff.of(rig);
        List<Step> steps = new ArrayList<>();
        off.freed()
                .forEach(cable -> steps.add(new Step(
                        cable.id(),
                        "unplug",
                        cable.name(),
                        "",
                        "held by straps that open, no cable ties",
                        Optional.empty())));
        off.off()
                .forEach(item -> steps.add(new Step(
                        item.id(),
                        "take off",
                        item.name(),
                        item.station(),
                        item.by(),
                        Optional.of(new Amount(item.minMin(), Unit.MINUTE)))));
        off.stays()
                .forEach(part -> steps.add(new Step(part.id(), "stays aboard", part.name(), "", "", Optional.empty())));
        return new Columns<Step>()
                .words("id", Step::id)
                .words("step", Step::step)
                .words("what", Step::what)
                .words("from", Step::from)
                .words("by", Step::by)
                .number("time", Unit.MINUTE, Step::time)
                .of(steps);
    }

    /** What is screwed, bolted and riveted; none where nothing is. */
    static Optional<Listing> fasteners(Rig rig) {
        List<FastenerList.Row> rows = FastenerList.of(rig);
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(new Columns<FastenerList.Row>()
                        .words("id", row -> row.fastener().id())
                        .words("what", row -> row.fastener().name())
                        .text("size", FastenerList.Row::size)
                        .words("count", row -> String.valueOf(row.fastener().count()))
                        .words("of this size in all", row -> String.valueOf(row.alike()))
                        .words("of these there", row -> String.valueOf(row.there()))
                        .words("to be had", row -> String.valueOf(row.missing()))
                        .number(
                                "passes",
                                Unit.FINE_MILLIMETRE,
                                row -> set(row.fastener().passesM()))
                        .number(
                                "holds in",
                                Unit.FINE_MILLIMETRE,
                                row -> set(row.fastener().bitesM()))
                        .words("behind it", row -> row.fastener().backing().words())
                        .words("where it ends", FastenerList.Row::ends)
                        .of(rows));
    }

    private static Optional<Amount> set(Figure figure) {
        return figure.isSet() ? millimetres(figure.value()) : Optional.empty();
    }

    private record Cut(int board, CutList.Piece piece) {}

    /** Where boards are sawn. */
    static Optional<Listing> cuts(Line line) {
        return line.rig().fitOut().boards().parts().isEmpty()
                ? Optional.empty()
                : line.get(Cutting.STAGE).map(list -> Optional.of(cuts(list))).orElse(Optional.empty());
    }

    private static Listing cuts(CutList list) {
        List<Cut> cuts = new ArrayList<>();
        for (int b = 0; b < list.boards().size(); b++) {
            for (CutList.Piece piece : list.boards().get(b).pieces()) {
                cuts.add(new Cut(b + 1, piece));
            }
        }
        return new Columns<Cut>()
                .words("id", cut -> cut.piece().id())
                .words("board", cut -> String.valueOf(cut.board()))
                .words("part", cut -> cut.piece().name())
                .number(
                        "from its end",
                        Unit.MILLIMETRE,
                        cut -> millimetres(cut.piece().atM()))
                .number(
                        "from its edge",
                        Unit.MILLIMETRE,
                        cut -> millimetres(cut.piece().acrossM()))
                .number("long", Unit.MILLIMETRE, cut -> millimetres(cut.piece().lengthM()))
                .number("wide", Unit.MILLIMETRE, cut -> millimetres(cut.piece().wideM()))
                .words("turned", cut -> cut.piece().turned() ? "yes" : "no")
                .of(cuts);
    }

    private static Optional<Amount> millimetres(double metres) {
        return Optional.of(new Amount(metres, Unit.MILLIMETRE));
    }
}
