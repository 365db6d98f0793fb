package app.brightkeel.core.review.screen;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reach.HolderFit;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.rig.Device;
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

    static Merit of(Rig rig, Holder holder) {
        Device display = rig.device(holder.holds());
        List<Text> reasons = new ArrayList<>();
        for (HolderFit fit : HolderFit.of(rig, holder, display)) {
            if (!fit.fits()) {
                reasons.add(Text.of(fit.template(), fit.parts()));
            }
        }
        if (reasons.isEmpty()) {
            reasons.add(Text.of(holder.toolFree() ? "comes off without a tool" : "wants a tool to come off"));
            reasons.add(Text.of(holder.drills() ? "is screwed down" : "nothing drilled"));
        }
        Weights weights = rig.weights();
        double removal = Weights.of(weights.removal());
        double drill = Weights.of(weights.drill());
        double all = removal + drill;
        double score =
                all == 0 ? 0 : (removal * (holder.toolFree() ? 1 : POOR) + drill * (holder.drills() ? POOR : 1)) / all;
        return new Merit(score, reasons);
    }
}
