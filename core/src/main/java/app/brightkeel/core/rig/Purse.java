package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is on hand, what is bought, and what may be spent on it.
 *
 * @param budget    for what is to be bought, 0 to 1 000 000, in the person's own money
 * @param purchases at most one for each piece
 */
@RecordBuilder
public record Purse(Figure budget, List<Purchase> purchases) implements PurseBuilder.With {

    public static final Purse NONE = new Purse(Figure.UNSET, List.of());

    private static final int MOST_PURCHASES = 400;

    public Purse {
        Figure.within("budget", budget, 0, 1e6, "");
        purchases = Checks.atMost("purchases", MOST_PURCHASES, purchases);
        Checks.distinct(
                "purchases",
                purchases.stream().map(each -> each.part() + "/" + each.piece()).toList());
    }

    /** What was said of a piece, as long as the part is still the one of which it was said. */
    public Optional<Purchase> of(String part, String piece, String origin) {
        return purchases.stream()
                .filter(each -> each.part().equals(part)
                        && each.piece().equals(piece)
                        && each.origin().equals(origin))
                .findFirst();
    }

    /** With this said of its piece, whatever was said before. */
    public Purse with(Purchase said) {
        List<Purchase> all = new ArrayList<>(without(said.part(), said.piece()).purchases);
        all.add(said);
        return withPurchases(all);
    }

    /** With nothing said of a piece: another took its place. */
    public Purse without(String part, String piece) {
        return withPurchases(purchases.stream()
                .filter(each -> !(each.part().equals(part) && each.piece().equals(piece)))
                .toList());
    }
}
