package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Fields;
import app.brightkeel.core.rig.Rig;
import java.util.List;

/** What a link takes for granted, in words, so that a person can give it. */
public final class AssumedFigures {

    private AssumedFigures() {}

    /**
     * One of them.
     *
     * @param pointer where it is given; in the use of a device that nobody has entered yet, where an edit would put it
     * @param words   as in "the drip loop of the transducer's lead"
     * @param amount  that is reckoned with
     */
    public record Told(String pointer, String words, Amount amount) {}

    /**
     * Of one link, in document order; none where it is not judged yet.
     *
     * @param rig    filled
     * @param review of it
     */
    public static List<Told> of(Rig rig, Review review, Link link) {
        return review.assumed().stream()
                .filter(each -> each.links().contains(link))
                .map(each -> new Told(
                        each.pointer(),
                        Wanted.words(rig, each.pointer()),
                        new Amount(each.figure().value(), unit(each.pointer()))))
                .toList();
    }

    private static Unit unit(String pointer) {
        return Fields.find(pointer.substring(pointer.lastIndexOf('/') + 1))
                .orElseThrow()
                .unit();
    }
}
