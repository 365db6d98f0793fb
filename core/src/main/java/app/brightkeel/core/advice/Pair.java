package app.brightkeel.core.advice;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.station.Second;
import java.util.List;

/**
 * Two rigs on two crafts that share what they can.
 *
 * @param price   still to pay for both, what is shared once
 * @param apart   the same if nothing were shared, and a second one were bought of what is one piece of gear
 * @param shared  names of what goes to and fro
 * @param twice   what is bought for each of them
 * @param minutes that going to and fro takes each time, with {@code plugs} pulled and pushed [min]
 * @param seconds of what is shared, another one: what it costs and what of those minutes it saves
 */
public record Pair(
        List<PairTitle> titles,
        Side here,
        Side there,
        double price,
        double apart,
        List<String> shared,
        List<Twice> twice,
        double minutes,
        int plugs,
        List<Second> seconds) {

    public Pair {
        titles = List.copyOf(titles);
        shared = List.copyOf(shared);
        twice = List.copyOf(twice);
        seconds = List.copyOf(seconds);
    }

    /**
     * One of the two.
     *
     * @param id      by which it is made again
     * @param answers with reasons
     * @param surely  how long it lasts on nine days of ten; no words where that is open
     */
    public record Side(String id, List<Advice.Answer> answers, Worth worth, Text surely) {}

    /** Of one kind, what is bought for the one and what for the other. */
    public record Twice(ItemKind kind, String here, String there) {}
}
