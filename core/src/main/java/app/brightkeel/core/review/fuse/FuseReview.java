package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;

/** The Fuse link: rating and distance of the main fuse; standard sizes as what could be had instead. */
public final class FuseReview implements LinkReview {

    @Override
    public Link link() {
        return Link.FUSE;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(Protection.STAGE).map(FuseReview::main);
    }

    private static Text main(ProtectionState state) {
        if (state.fuses().isEmpty()) {
            return Text.of("no fuse");
        }
        FuseDuty main = state.main();
        return Text.of(
                "{} · {}",
                new Amount(main.ratingA(), Unit.RATING),
                new Amount(main.place().distanceM(), Unit.MILLIMETRE));
    }

    @Override
    public List<Working> workings(Line line) {
        return List.of(Protection.STAGE.working(line));
    }

    @Override
    public Text planned(Line line) {
        List<Amount> ratings = FuseChanges.duties(line).stream()
                .map(duty -> new Amount(duty.ratingA(), Unit.RATING))
                .toList();
        return Text.of(String.join(" · ", Collections.nCopies(ratings.size(), "{}")), ratings.toArray());
    }

    @Override
    public Merit merit(Line planned, Line changed) {
        return FuseTraits.shown(planned, changed)
                .map(duty -> new Merit(
                        0,
                        List.of(FuseTraits.note(duty)),
                        FuseTraits.of(planned, duty.id()).map(FuseTraits::of).orElse(List.of()),
                        FuseTraits.of(duty)))
                .orElse(Merit.NONE);
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return FuseKinds.ALL;
    }

    /** For each fuse the standard sizes from the one below its load to the one above its wire. */
    @Override
    public List<Change> alternatives(Line line) {
        List<Change> all = new ArrayList<>();
        for (FuseDuty duty : FuseChanges.duties(line)) {
            List<Double> sizes = FuseTables.STANDARD_A;
            int from = 0;
            while (from + 1 < sizes.size() && sizes.get(from + 1) < duty.loadA()) {
                from++;
            }
            for (int i = from; i < sizes.size(); i++) {
                all.add(FuseChanges.rated(line, duty, sizes.get(i)));
                if (sizes.get(i) > duty.zone().ampacityA()) {
                    break;
                }
            }
        }
        return all;
    }
}
