package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Pair;
import app.brightkeel.core.advice.PairTitle;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.station.Second;
import java.util.List;

/**
 * Two rigs on two crafts that share what they can, as the screen shows them.
 *
 * @param price   still to pay for both, and {@code apart} if nothing were shared
 * @param shared  names of what goes to and fro
 * @param minutes that this takes each time, with {@code plugs} pulled and pushed
 * @param seconds of what is shared, another one
 */
record PairShown(
        List<String> titles,
        SideShown here,
        SideShown there,
        Amount price,
        Amount apart,
        List<String> shared,
        List<TwiceShown> twice,
        Amount minutes,
        int plugs,
        List<Second> seconds) {

    /**
     * One of the two.
     *
     * @param change that makes it
     * @param worth  by the goods, in their order
     */
    record SideShown(String change, List<Amount> worth, List<WholeAdvice.AnswerShown> answers, Text surely) {}

    /** Of one kind, what is bought for the one and what for the other. */
    record TwiceShown(String kind, String here, String there) {}

    static PairShown of(Pair pair) {
        return new PairShown(
                pair.titles().stream().map(PairTitle::words).toList(),
                side(pair.here()),
                side(pair.there()),
                new Amount(pair.price(), Unit.MONEY),
                new Amount(pair.apart(), Unit.MONEY),
                pair.shared(),
                pair.twice().stream()
                        .map(each -> new TwiceShown(each.kind().words(), each.here(), each.there()))
                        .toList(),
                new Amount(pair.minutes(), Unit.MINUTE),
                pair.plugs(),
                pair.seconds());
    }

    private static SideShown side(Pair.Side side) {
        return new SideShown(
                Advisor.CHANGE + side.id(),
                WholeAdvice.amounts(side.worth()),
                side.answers().stream().map(WholeAdvice::shown).toList(),
                side.surely());
    }
}
