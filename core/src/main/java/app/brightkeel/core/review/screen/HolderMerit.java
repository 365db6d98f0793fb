package app.brightkeel.core.review.screen;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.KindTraits;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Weights;
import java.util.ArrayList;
import java.util.List;

/** What speaks for a holder besides what it fits: judgement by what practitioners note, weighted as for mounts. */
final class HolderMerit {

    /** Of a screen that wants a tool to come off, or a holder that is screwed down; common practice, no source. */
    private static final double POOR = 0.3;

    private HolderMerit() {}

    /** Of a holder of the rig after; of the one it replaces where there is one. */
    static Merit of(Rig before, Rig after, Holder holder) {
        return new Merit(
                score(after, holder),
                List.of(),
                before.holderOf(holder.holds()).map(HolderMerit::traits).orElse(List.of()),
                traits(holder));
    }

    private static List<Trait> traits(Holder holder) {
        List<Trait> all = new ArrayList<>(List.of(
                new Trait.Graded(
                        "coming off",
                        holder.toolFree() ? 1 : POOR,
                        Text.of(holder.toolFree() ? "comes off without a tool" : "wants a tool to come off")),
                new Trait.Graded(
                        "drilling",
                        holder.drills() ? POOR : 1,
                        Text.of(holder.drills() ? "is screwed down" : "nothing drilled"))));
        all.addAll(KindTraits.of("holder", holder.kind()));
        return all;
    }

    private static double score(Rig rig, Holder holder) {
        Weights weights = rig.weights();
        double removal = Weights.of(weights.removal());
        double drill = Weights.of(weights.drill());
        double all = removal + drill;
        return all == 0 ? 0 : (removal * (holder.toolFree() ? 1 : POOR) + drill * (holder.drills() ? POOR : 1)) / all;
    }
}
