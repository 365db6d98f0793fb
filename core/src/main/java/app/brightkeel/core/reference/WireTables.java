package app.brightkeel.core.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.NoSuchElementException;
import org.apache.commons.csv.CSVRecord;

/** Conductors by size: AWG 24 to 6 and metric class 5, 0.75 to 16 mm². */
public final class WireTables {

    /** Resistivity of annealed copper at 20 °C [Ω·mm²/m]; IACS, IEC 60028. */
    public static final double IEC_60028_COPPER_OHM_MM2_PER_M = 0.017241;

    /** Growth of copper's resistance [1/K] from 20 °C; IEC 60028. */
    public static final double IEC_60028_COPPER_PER_KELVIN = 0.00393;

    /** Stranding makes each strand longer than the wire; against NEC chapter 9 table 8, about 2 %. */
    private static final double LAY = 1.02;

    private static final double TINNED_THIN = 1.06;
    private static final double TINNED_THICK = 1.04;
    /** Thinnest area [mm²] that counts as thick for the tinning factor: 14 AWG. */
    private static final double THICK_FROM_MM2 = 2.0;

    private static final List<Size> AWG = readAwg();
    private static final List<Size> METRIC = readMetric();

    private WireTables() {}

    /**
     * One conductor size.
     *
     * @param awg              gauge number, 0 for metric sizes
     * @param plainOhmPerM     resistance at 20 °C, plain copper
     * @param tinnedOhmPerM    resistance at 20 °C, tinned copper
     * @param ampacity105A     in air of 30 °C, insulation for 105 °C
     * @param ampacity60A      the same for 60 °C
     * @param outerM           across its insulation [m]
     */
    public record Size(
            int awg,
            double areaMm2,
            double plainOhmPerM,
            double tinnedOhmPerM,
            double ampacity105A,
            double ampacity60A,
            double outerM) {

        /** As a person names it. */
        public String words() {
            return awg > 0 ? awg + " AWG" : trimmed(areaMm2) + " mm²";
        }

        private static String trimmed(double mm2) {
            return mm2 == Math.rint(mm2) ? String.valueOf((long) mm2) : String.valueOf(mm2);
        }
    }

    /** AWG sizes, thin to thick. */
    public static List<Size> awg() {
        return AWG;
    }

    /** Metric sizes, thin to thick. */
    public static List<Size> metric() {
        return METRIC;
    }

    /** @throws NoSuchElementException where the table does not hold it */
    public static Size awg(int gauge) {
        // a plain loop: every resistance and ampacity of every review comes by here
        for (Size size : AWG) {
            if (size.awg() == gauge) {
                return size;
            }
        }
        throw new NoSuchElementException("no " + gauge + " AWG in the table");
    }

    /** @throws NoSuchElementException where the table does not hold it */
    public static Size metric(double areaMm2) {
        return METRIC.stream()
                .filter(size -> size.areaMm2() == areaMm2)
                .findFirst()
                .orElseThrow();
    }

    /** Factor on the 20 °C resistance at a conductor temperature [°C]. */
    public static double warmth(double celsius) {
        return 1 + IEC_60028_COPPER_PER_KELVIN * (celsius - 20);
    }

    private static List<Size> readAwg() {
        List<Size> sizes = new ArrayList<>();
        for (CSVRecord row : Table.read(WireTables.class, "awg.csv").rows()) {
            double area = Table.number(row, "areaMm2");
            double plain = IEC_60028_COPPER_OHM_MM2_PER_M / area * LAY;
            sizes.add(new Size(
                    Integer.parseInt(row.get("awg")),
                    area,
                    plain,
                    plain * (area < THICK_FROM_MM2 ? TINNED_THIN : TINNED_THICK),
                    Table.number(row, "ampacity105"),
                    Table.number(row, "ampacity60"),
                    Table.number(row, "outerMm") / 1000));
        }
        return List.copyOf(sizes);
    }

    private static List<Size> readMetric() {
        Table table = Table.read(WireTables.class, "metric-wire.csv");
        Size[] sizes = table.rows().stream()
                .map(row -> new Size(
                        0,
                        Table.number(row, "areaMm2"),
                        Table.number(row, "plainOhmPerKm") / 1000,
                        Table.number(row, "tinnedOhmPerKm") / 1000,
                        Table.number(row, "ampacity105"),
                        Table.number(row, "ampacity60"),
                        Table.number(row, "outerMm") / 1000))
                .toArray(Size[]::new);
        return List.copyOf(Arrays.asList(sizes));
    }
}
