package app.brightkeel.core.reference;

import app.brightkeel.core.quantity.Worded;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;

/** What a pack is made of; each but {@link #UNDECIDED} has its typical data. */
public enum Chemistry implements Worded {
    UNDECIDED("not decided"),
    LIFEPO4("LiFePO4"),
    NMC("NMC, three cells in series"),
    NMC_4S("NMC, four cells in series"),
    AGM("AGM lead"),
    GEL("gel lead"),
    FLOODED("flooded lead"),
    /** Eight in series count as one block. */
    ALKALINE("alkaline AA, eight in series"),
    /** The same of rechargeable cells. */
    NIMH("nickel-metal hydride AA, eight in series");

    private static final Map<Chemistry, Data> DATA = read();

    private final String words;

    Chemistry(String words) {
        this.words = words;
    }

    /** As a person says it. */
    @Override
    public String words() {
        return words;
    }

    public boolean lead() {
        return this == AGM || this == GEL || this == FLOODED;
    }

    public boolean lithium() {
        return this == LIFEPO4 || this == NMC || this == NMC_4S;
    }

    /** Whether it may lie on its side. */
    public boolean liesOnSide() {
        return this != FLOODED;
    }

    /** Whether a block of it is eight single cells in a holder: in series they have the ampere-hours of one. */
    public boolean cells() {
        return this == ALKALINE || this == NIMH;
    }

    /** What is printed on a block of it [V]: of eight cells their 1.5 V each, though they give less at work. */
    public double labelV() {
        return this == ALKALINE ? 8 * 1.5 : data().nominalV();
    }

    public boolean rechargeable() {
        return this != ALKALINE;
    }

    /** Those a person can choose between. */
    public static List<Chemistry> decided() {
        return List.of(LIFEPO4, NMC, NMC_4S, AGM, GEL, FLOODED, ALKALINE, NIMH);
    }

    /**
     * Typical data of this chemistry.
     *
     * @throws IllegalStateException for {@link #UNDECIDED}, which has none
     */
    public Data data() {
        Data data = DATA.get(this);
        if (data == null) {
            throw new IllegalStateException("no data for " + this);
        }
        return data;
    }

    /** A range of a table: the middle is planned with, the ends are the 10 % and 90 % points. */
    public record Range(double low, double high) {
        public double middle() {
            return (low + high) / 2;
        }

        /** Half the width, relative to the middle. */
        public double spread() {
            return (high - low) / (high + low);
        }
    }

    /**
     * One row of {@code chemistry.csv} with its curves. Resistances in ohm for a 12 V block of 10 Ah at 25 °C,
     * temperatures in °C, volts of a 12 V block.
     *
     * @param coldFactor       capacity at a temperature against 25 °C; the unit of its argument differs, see {@link #capacityAt}
     * @param openCircuit      rest volts by charge 0..1
     * @param coldSpread       relative spread of the cold factor at −10 °C and below
     * @param chargeC          usual limit of the charging current, as a share of the capacity an hour; 0: not charged
     * @param coldestChargeC   below which it is never charged
     * @param lifeCycles       full uses until it is worn out
     * @param lifeYears        until it is worn out however little it is used
     */
    public record Data(
            Chemistry chemistry,
            Range whPerKg,
            double depth,
            double longLifeDepth,
            Range peukert,
            double ratedHours,
            Range blockOhm,
            double electronicsOhm,
            Curve resistanceByCelsius,
            Curve coldFactor,
            Curve openCircuit,
            double cutOffV,
            double coldSpread,
            double coldestC,
            double nominalV,
            double chargeC,
            double coldestChargeC,
            double lifeCycles,
            double lifeYears) {

        /** Smallest share of capacity that the straight continuation of a cold table may reach. */
        private static final double LEAST_CAPACITY = 0.05;

        /** Capacity at a pack temperature [°C] against 25 °C. */
        public double capacityAt(double celsius) {
            if (chemistry.lead()) {
                double fahrenheit = celsius * 1.8 + 32;
                // IEEE 485 is a table of sizes: past its cold end the size, not the capacity, goes on in a straight
                // line
                double warmest = Math.min(fahrenheit, 80);
                return coldFactor.covers(warmest) ? coldFactor.at(warmest) : 1 / SIZE_BELOW_TABLE.at(warmest);
            }
            return Math.max(LEAST_CAPACITY, coldFactor.at(Math.min(celsius, 25)));
        }

        /** Whether the cold table holds this temperature, or the factor is a continuation of it. */
        public boolean tabulated(double celsius) {
            return coldFactor.covers(chemistry.lead() ? celsius * 1.8 + 32 : celsius) || celsius > 25;
        }

        /** Relative spread of {@link #capacityAt}: none at 25 °C, growing to {@link #coldSpread} at −10 °C. */
        public double coldSpreadAt(double celsius) {
            return coldSpread * Math.max(0, Math.min(1, (25 - celsius) / 35));
        }

        /** Growth of the inner resistance against 25 °C. */
        public double resistanceAt(double celsius) {
            return resistanceByCelsius.at(Math.min(celsius, 25));
        }
    }

    private static final Curve SIZE_BELOW_TABLE = new Curve(new double[] {25, 30}, new double[] {1 / 0.658, 1 / 0.699});

    private static Map<Chemistry, Data> read() {
        Map<Chemistry, Data> all = new EnumMap<>(Chemistry.class);
        Table ocv = Table.read(Chemistry.class, "open-circuit.csv");
        Curve lead = Table.read(Chemistry.class, "cold-lead.csv").curve("fahrenheit", "capacity");
        for (CSVRecord row : Table.read(Chemistry.class, "chemistry.csv").rows()) {
            Chemistry chemistry = Table.constant(Chemistry.class, row.get("chemistry"));
            all.put(
                    chemistry,
                    new Data(
                            chemistry,
                            range(row, "whPerKgLow", "whPerKgHigh"),
                            Table.number(row, "depth"),
                            Table.number(row, "longLifeDepth"),
                            range(row, "peukertLow", "peukertHigh"),
                            Table.number(row, "ratedHours"),
                            range(row, "rLowOhm", "rHighOhm"),
                            Table.number(row, "electronicsOhm"),
                            new Curve(
                                    new double[] {-20, 0, 25},
                                    new double[] {Table.number(row, "rAtMinus20"), Table.number(row, "rAt0"), 1}),
                            chemistry.lead() ? lead : cold(chemistry),
                            ocv.curve("charge", row.get("chemistry")),
                            Table.number(row, "cutOffV"),
                            Table.number(row, "coldSpread"),
                            Table.number(row, "coldestC"),
                            Table.number(row, "nominalV"),
                            Table.number(row, "chargeC"),
                            Table.number(row, "coldestChargeC"),
                            Table.number(row, "lifeCycles"),
                            Table.number(row, "lifeYears")));
        }
        return all;
    }

    private static Curve cold(Chemistry other) {
        String name = switch (other) {
            case LIFEPO4 -> "cold-lifepo4.csv";
            case ALKALINE -> "cold-alkaline.csv";
            case NIMH -> "cold-nimh.csv";
            default -> "cold-nmc.csv";
        };
        return Table.read(Chemistry.class, name).curve("celsius", "capacity");
    }

    private static Range range(CSVRecord row, String low, String high) {
        return new Range(Table.number(row, low), Table.number(row, high));
    }
}
