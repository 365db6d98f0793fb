package app.brightkeel.core.garage;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import java.util.Optional;

/** What the years alone say of a battery; what its trips say stands in the log. */
public final class Ageing {

    /** Lead is replaced at four to five years, lithium is planned with for ten: handbook §13 [a]. */
    private static final double LEAD_FROM = 4;

    private static final double LITHIUM_FROM = 10;

    private Ageing() {}

    /** @param years since it was bought, 0 or more [a] */
    public static Optional<Text> of(Item item, double years) {
        if (!(item.thing() instanceof Thing.OwnPack own)) {
            return Optional.empty();
        }
        Chemistry chemistry = own.pack().chemistry();
        if (chemistry.lead() && years >= LEAD_FROM) {
            return Optional.of(Text.of(
                    "lead is replaced at four to five years, and this has {}: test it under load before the season",
                    new Amount(Math.floor(years), Unit.COUNT)));
        }
        if (chemistry.lithium() && years >= LITHIUM_FROM) {
            return Optional.of(
                    Text.of("past the ten years that lithium is planned with: test it under load before the season"));
        }
        return Optional.empty();
    }
}
