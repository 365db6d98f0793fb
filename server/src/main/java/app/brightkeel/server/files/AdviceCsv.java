package app.brightkeel.server.files;

import app.brightkeel.core.advice.Advice;
import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.reference.Table;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The front of an advice as a table: a line for each rig, what it is worth in base units, its answers in words. */
public final class AdviceCsv {

    private static final MathContext DIGITS = new MathContext(6);

    private AdviceCsv() {}

    public static String of(Advisor advisor) {
        List<String> head = new ArrayList<>(List.of("change"));
        Stream.of(Good.values()).map(Table::written).forEach(head::add);
        Stream.of(RigAxis.values()).map(Table::written).forEach(head::add);
        StringBuilder all = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(head.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(all, format)) {
            for (Advice.Standing each : advisor.advice(Map.of()).front()) {
                List<String> row = new ArrayList<>(List.of(Advisor.CHANGE + each.id()));
                for (Good good : Good.values()) {
                    row.add(new BigDecimal(good.of(each.worth()), DIGITS)
                            .stripTrailingZeros()
                            .toPlainString());
                }
                advisor.answers(each.id())
                        .forEach(answer -> row.add(ListCsv.plain(answer.label().plain())));
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all.toString();
    }
}
