package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Crimps;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Segment;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What to buy for the harness, like things together: wire by colour and size, fuses with spares, holders, plugs, sleeves. */
public final class ShoppingList {

    /** What is bought beyond what is laid, and the step in which it is sold; common practice, no source. */
    private static final double ALLOWANCE = 1.1;

    private static final double SOLD_BY_M = 0.5;

    /** Spares of each fuse where nobody said how many; common practice, no source. */
    private static final double SPARES = 2;

    /** Wire is held at least so often (ABYC E-11: 18 in). */
    private static final double SUPPORT_M = 0.457;

    /**
     * One thing to buy.
     *
     * @param what   sort of thing
     * @param item   which one
     * @param amount how many or how much
     */
    public record Item(String what, Text item, Text amount) {}

    private record Kind(String what, Text item, Unit unit) {}

    private final Map<Kind, Double> all = new LinkedHashMap<>();

    private ShoppingList() {}

    public static List<Item> of(Line line) {
        ShoppingList list = new ShoppingList();
        List<Segment> segments = line.rig().harness().segments();
        segments.forEach(list::wire);
        segments.forEach(segment -> segment.fittings().forEach(list::fitting));
        line.rig().harness().junctions().forEach(list::junction);
        segments.forEach(list::ends);
        line.rig().harness().packs().forEach(pack -> list.end(pack.ending()));
        line.rig().chargers().forEach(charger -> list.end(charger.ending()));
        segments.forEach(list::supports);
        return list.all.entrySet().stream()
                .map(each ->
                        new Item(each.getKey().what(), each.getKey().item(), amount(each.getKey(), each.getValue())))
                .toList();
    }

    private static Text amount(Kind kind, double sum) {
        double bought = kind.unit() == Unit.METRE
                ? Math.ceil(sum * ALLOWANCE / SOLD_BY_M - 1e-9) * SOLD_BY_M
                : Math.ceil(sum - 1e-9);
        return Text.of(bought, kind.unit());
    }

    private void add(String what, Text item, Unit unit, double amount) {
        all.merge(new Kind(what, item, unit), amount, Double::sum);
    }

    private void wire(Segment segment) {
        if (!segment.wire().gauge().decided() || !segment.wire().lengthM().isSet()) {
            return;
        }
        Amount size = new Amount(segment.wire().gauge().size().areaMm2(), Unit.WIRE);
        String sort = segment.wire().tinned() ? "tinned" : "plain copper";
        for (String colour : WireList.coloursOf(segment).split(" and |/|, ")) {
            add(
                    "wire",
                    Text.of("{}, {}, {}", colour.trim(), size, sort),
                    Unit.METRE,
                    segment.wire().lengthM().value());
        }
    }

    private void fitting(Fitting fitting) {
        if (fitting instanceof Fitting.Fuse fuse && fuse.ratingA().isSet()) {
            Text size = Text.of(
                    "{}, {}",
                    new Amount(fuse.ratingA().value(), Unit.RATING),
                    fuse.form().words());
            double spares = fuse.spares().isSet() ? fuse.spares().value() : SPARES;
            add("fuse", size, Unit.COUNT, 1);
            add("spare fuse", size, Unit.COUNT, spares);
            add("fuse holder", Text.of("for a {}", fuse.form().words()), Unit.COUNT, 1);
        } else if (fitting instanceof Fitting.Switch) {
            add("switch", Text.of("sealed"), Unit.COUNT, 1);
        } else if (fitting instanceof Fitting.Joint joint) {
            add("plug pair", Text.of("{}", joint.name()), Unit.COUNT, 1);
        }
    }

    private void junction(Junction junction) {
        Text item = junction.ways().isSet()
                ? Text.of(
                        "{} of {} ways",
                        junction.sort().words(),
                        new Amount(junction.ways().value(), Unit.COUNT))
                : Text.of("{}", junction.sort().words());
        add("where wires meet", item, Unit.COUNT, 1);
    }

    private void ends(Segment segment) {
        end(segment.start());
        end(segment.end());
        if (segment.wire().gauge().decided()) {
            Crimps.terminal(segment.wire().gauge().size().areaMm2()).ifPresent(terminal -> {
                add("crimp terminal", Text.of("{}", terminal.colour()), Unit.COUNT, 4);
                add(
                        "heat-shrink sleeve",
                        Text.of("adhesive, {}", new Amount(terminal.sleeveM(), Unit.FINE_MILLIMETRE)),
                        Unit.COUNT,
                        4);
            });
        }
    }

    private void end(Ending ending) {
        if (ending.terminal().plug()) {
            add("plug", Text.of("{}", ending.words()), Unit.COUNT, 1);
        }
    }

    private void supports(Segment segment) {
        if (segment.wire().lengthM().isSet() && segment.wire().lengthM().value() > SUPPORT_M) {
            double ties = Math.floor(segment.wire().lengthM().value() / SUPPORT_M);
            add("cable tie or clip", Text.of("one every {}", new Amount(SUPPORT_M, Unit.MILLIMETRE)), Unit.COUNT, ties);
        }
    }
}
