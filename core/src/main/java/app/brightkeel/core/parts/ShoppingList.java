package app.brightkeel.core.parts;

import app.brightkeel.core.harness.Colours;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Crimps;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Segment;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What to buy for the harness, like things together: wire by colour and size, fuses with spares, holders, plugs, sleeves. */
public final class ShoppingList {

    /** What is bought beyond what is laid, and the step in which it is sold; common practice, no source. */
    private static final double ALLOWANCE = 1.1;

    private static final double SOLD_BY_M = 0.5;

    /** Spares of each fuse where nobody said how many; common practice, no source. */
    private static final double SPARES = 2;

    /** Two ends of two conductors. */
    private static final int ENDS = 4;

    /** A fuse nearer than this to a block is in it [m]; common practice, no source. */
    private static final double IN_BLOCK_M = 0.05;

    /** Wire is held at least so often (ABYC E-11: 18 in). */
    private static final double SUPPORT_M = 0.457;

    /**
     * One thing to buy.
     *
     * @param what   sort of thing
     * @param item   which one
     * @param amount how many or how much
     * @param parts  ids of those it is for
     */
    public record Item(String what, Text item, Amount amount, List<String> parts) {
        public Item {
            parts = List.copyOf(parts);
        }
    }

    private record Kind(String what, Text item, Unit unit) {}

    /** How much of a kind, and for which parts. */
    private static final class Sum {
        private double amount;
        private final Set<String> parts = new LinkedHashSet<>();
    }

    private final Map<Kind, Sum> all = new LinkedHashMap<>();
    private final Harness harness;

    private ShoppingList(Harness harness) {
        this.harness = harness;
    }

    public static List<Item> of(Line line) {
        Harness harness = line.rig().harness();
        ShoppingList list = new ShoppingList(harness);
        harness.segments().forEach(list::wire);
        harness.segments().forEach(list::fittings);
        line.rig().harness().packs().stream()
                .filter(pack -> !pack.onTopOf().isEmpty())
                .forEach(pack -> list.jumper(pack, Jumpers.areaMm2(line.rig(), pack)));
        harness.junctions().forEach(list::junction);
        harness.segments().forEach(list::ends);
        harness.packs().forEach(pack -> list.end(pack.id(), pack.ending()));
        line.rig().chargers().forEach(charger -> list.end(charger.id(), charger.ending()));
        harness.segments().forEach(list::supports);
        return list.all.entrySet().stream()
                .map(each -> new Item(
                        each.getKey().what(),
                        each.getKey().item(),
                        bought(each.getKey().unit(), each.getValue().amount),
                        List.copyOf(each.getValue().parts)))
                .toList();
    }

    private static Amount bought(Unit unit, double sum) {
        double bought =
                unit == Unit.METRE ? Math.ceil(sum * ALLOWANCE / SOLD_BY_M - 1e-9) * SOLD_BY_M : Math.ceil(sum - 1e-9);
        return new Amount(bought, unit);
    }

    private void add(String part, String what, Text item, Unit unit, double amount) {
        Sum sum = all.computeIfAbsent(new Kind(what, item, unit), kind -> new Sum());
        sum.amount += amount;
        sum.parts.add(part);
    }

    private void wire(Segment segment) {
        if (!segment.wire().measured()) {
            return;
        }
        Amount size = new Amount(segment.wire().gauge().size().areaMm2(), Unit.WIRE);
        String sort = segment.wire().tinned() ? "tinned" : "plain copper";
        for (String colour : Colours.each(segment)) {
            add(
                    segment.id(),
                    "wire",
                    Text.of("{}, {}, {}", colour, size, sort),
                    Unit.METRE,
                    segment.wire().lengthM().value());
        }
    }

    private void fittings(Segment segment) {
        for (Fitting fitting : segment.fittings()) {
            if (fitting instanceof Fitting.Fuse fuse && fuse.ratingA().isSet()) {
                fuse(segment, fuse);
            } else if (fitting instanceof Fitting.Switch) {
                add(fitting.id(), "switch", Text.of("sealed"), Unit.COUNT, 1);
            } else if (fitting instanceof Fitting.Joint) {
                add(fitting.id(), "plug pair", Text.of("{}", fitting.name()), Unit.COUNT, 1);
                crimps(fitting.id(), Known.areaMm2(segment), ENDS);
            }
        }
    }

    private void fuse(Segment segment, Fitting.Fuse fuse) {
        Text size = Text.of(
                "{}, {}",
                new Amount(fuse.ratingA().value(), Unit.RATING),
                fuse.form().words());
        double spares = fuse.spares().isSet() ? fuse.spares().value() : SPARES;
        add(fuse.id(), "fuse", size, Unit.COUNT, 1);
        add(fuse.id(), "spare fuse", size, Unit.COUNT, spares);
        if (!inBlock(segment, fuse)) {
            add(fuse.id(), "fuse holder", Text.of("for a {}", fuse.form().words()), Unit.COUNT, 1);
        }
    }

    /** A blade at the start of what leaves a fuse block, or a harness with fuses of its own, sits in that. */
    private boolean inBlock(Segment segment, Fitting.Fuse fuse) {
        boolean begins = !fuse.atM().isSet() || fuse.atM().value() <= IN_BLOCK_M;
        return fuse.form() == Fitting.Form.BLADE
                && begins
                && harness.junctions().stream()
                        .anyMatch(junction -> junction.id().equals(segment.from())
                                && (junction.sort() == Junction.Meeting.BLOCK
                                        || junction.sort() == Junction.Meeting.SWITCHED));
    }

    private void junction(Junction junction) {
        Text item = junction.ways().isSet()
                ? Text.of(
                        "{} of {} ways",
                        junction.sort().words(),
                        new Amount(junction.ways().value(), Unit.COUNT))
                : Text.of("{}", junction.sort().words());
        add(junction.id(), "where wires meet", item, Unit.COUNT, 1);
    }

    private void ends(Segment segment) {
        end(segment.id(), segment.start());
        end(segment.id(), segment.end());
        int spliced = splices(segment.start()) + splices(segment.end());
        if (spliced > 0) {
            add(segment.id(), "sealed butt splice", spliceFor(segment), Unit.COUNT, spliced);
        }
        crimps(segment.id(), Known.areaMm2(segment), ENDS - spliced);
    }

    /** One to each wire of the pair. */
    private static int splices(Ending ending) {
        return ending.terminal() == Ending.Terminal.BUTT ? 2 : 0;
    }

    private static Text spliceFor(Segment segment) {
        return Text.of(
                "{}",
                Crimps.terminal(Known.areaMm2(segment))
                        .map(Crimps.Terminal::colour)
                        .orElse("as the wire is thick"));
    }

    /** Terminals or lugs with a sleeve to each; nothing where the gauge is open. */
    private void crimps(String part, double area, int count) {
        if (count > 0) {
            Crimps.terminal(area)
                    .ifPresent(terminal ->
                            crimped(part, terminal, "crimp terminal", Text.of("{}", terminal.colour()), count));
            Crimps.lug(area)
                    .ifPresent(lug -> crimped(
                            part, lug, "lug", Text.of("{}, for {}", lug.colour(), new Amount(area, Unit.WIRE)), count));
        }
    }

    private void crimped(String part, Crimps.Terminal terminal, String what, Text item, int count) {
        add(part, what, item, Unit.COUNT, count);
        add(
                part,
                "heat-shrink sleeve",
                Text.of("adhesive, {}", new Amount(terminal.sleeveM(), Unit.FINE_MILLIMETRE)),
                Unit.COUNT,
                count);
    }

    /** Between two batteries in series. */
    private void jumper(Pack pack, double area) {
        if (area > 0) {
            add(pack.id(), "series jumper", Text.of("{}, 0.2 m", new Amount(area, Unit.WIRE)), Unit.COUNT, 1);
            crimps(pack.id(), area, 2);
        }
    }

    private void end(String part, Ending ending) {
        if (ending.terminal().plug()) {
            add(part, "plug", Text.of("{}", ending.words()), Unit.COUNT, 1);
        }
    }

    private void supports(Segment segment) {
        if (segment.wire().lengthM().isSet() && segment.wire().lengthM().value() > SUPPORT_M) {
            double ties = Math.floor(segment.wire().lengthM().value() / SUPPORT_M);
            add(
                    segment.id(),
                    "cable tie or clip",
                    Text.of("one every {}", new Amount(SUPPORT_M, Unit.MILLIMETRE)),
                    Unit.COUNT,
                    ties);
        }
    }
}
