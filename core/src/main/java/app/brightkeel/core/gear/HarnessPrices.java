package app.brightkeel.core.gear;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Curve;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Segment;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a harness costs, by made-up prices. */
public final class HarnessPrices {

    private static final Curve PER_METRE =
            Table.read(HarnessPrices.class, "wires.csv").curve("areaMm2", "pricePerM");
    private static final Map<String, Double> PIECES = pieces();

    private HarnessPrices() {}

    /** Wire, fittings, terminals at both ends and points where wires meet; gauges and lengths must be set. */
    public static double of(Harness harness) {
        double sum = 0;
        for (Segment segment : harness.segments()) {
            sum += of(segment);
        }
        for (Junction junction : harness.junctions()) {
            sum += piece(junction.sort().name()) * waysCounted(harness, junction);
        }
        return sum;
    }

    /** Both conductors, fittings, terminals at both ends; its gauge and length must be set. */
    public static double of(Segment segment) {
        double area = segment.wire().gauge().size().areaMm2();
        return segment.wire().lengthM().value() * PER_METRE.at(area)
                + 2 * piece("terminal")
                + segment.fittings().stream().mapToDouble(HarnessPrices::of).sum();
    }

    /**
     * A usual price of one of a small thing, or of a metre of one conductor; empty where there is none.
     *
     * @param what  sort of thing, as the list of the harness calls it or prices are kept
     * @param sizes of it
     */
    public static Optional<Double> each(String what, List<Amount> sizes) {
        Optional<Double> area = sizes.stream()
                .filter(size -> size.unit() == Unit.WIRE)
                .map(Amount::si)
                .findFirst();
        return what.equals("wire")
                ? area.map(size -> PER_METRE.at(size) / 2)
                : Optional.ofNullable(PIECES.get(what.replace(' ', '-')));
    }

    private static double of(Fitting fitting) {
        if (fitting instanceof Fitting.Fuse fuse) {
            return piece(fuse.form().name());
        }
        return piece(fitting instanceof Fitting.Switch ? "switch" : "joint");
    }

    /** Blocks and switched harnesses cost by the way; where nobody counted, as many as are in use. */
    private static double waysCounted(Harness harness, Junction junction) {
        boolean byWay = junction.sort() == Junction.Meeting.BLOCK || junction.sort() == Junction.Meeting.SWITCHED;
        if (!byWay) {
            return 1;
        }
        return junction.ways().isSet()
                ? junction.ways().value()
                : harness.from(junction.id()).size();
    }

    private static double piece(String what) {
        Double price = PIECES.get(what.toLowerCase(Locale.ROOT).replace('_', '-'));
        if (price == null) {
            throw new IllegalStateException("no price for " + what);
        }
        return price;
    }

    private static Map<String, Double> pieces() {
        Table table = Table.read(HarnessPrices.class, "fittings.csv");
        Map<String, Double> all = new HashMap<>();
        table.rows().forEach(row -> all.put(row.get("what"), Table.number(row, "price")));
        return Map.copyOf(all);
    }
}
