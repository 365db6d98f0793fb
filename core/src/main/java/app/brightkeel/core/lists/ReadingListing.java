package app.brightkeel.core.lists;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.reading.Expected;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a meter should say, and what it said. */
public final class ReadingListing {

    private ReadingListing() {}

    /** @param said by the ids of points; in V, A and Ω */
    public static Listing of(List<Expected> points, Map<String, Double> said) {
        return new Columns<Expected>()
                .words("id", Expected::id)
                .text("reading", Expected::title)
                .text("how", Expected::how)
                .bare("least", each -> amount(each, each.low()))
                .bare("planned", each -> amount(each, each.nominal()))
                .bare("most", each -> amount(each, each.high()))
                .bare("read", each -> amount(each, said.get(each.id())))
                .words("unit", each -> each.unit().metric().symbol())
                .words("as it should", each -> verdict(each, said.get(each.id())))
                .of(points);
    }

    private static Optional<Amount> amount(Expected each, @Nullable Double si) {
        return Optional.ofNullable(si).map(value -> new Amount(value, each.unit()));
    }

    private static String verdict(Expected each, @Nullable Double value) {
        return value == null ? "" : each.within(value) ? "yes" : "no";
    }
}
