package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Schools;
import java.util.List;
import java.util.stream.Stream;

/** One labelled block, or a fuse on each lead: what the person prefers. */
final class FusingSchool implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.school", Link.FUSE, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<ProtectionState> state = line.get(Protection.STAGE);
        Schools.Fusing wanted = line.rig().schools().fusing();
        if (!state.isKnown()
                || wanted == Schools.Fusing.UNDECIDED
                || line.rig().devices().size() < 2) {
            return SILENT;
        }
        List<FuseDuty> nearest = state.value().guards().stream()
                .filter(g -> g >= 0)
                .distinct()
                .map(g -> state.value().fuses().get(g))
                .toList();
        long starts = nearest.stream()
                .map(duty -> line.rig().harness().segments().get(duty.segment()).from())
                .distinct()
                .count();
        boolean ownFuses = nearest.size() == line.rig().devices().size();
        if (wanted == Schools.Fusing.BLOCK) {
            return Rule.measured(
                    ownFuses && starts == 1 ? 1 : 0.1, "You prefer one fuse block; these fuses do not sit in one.");
        }
        return Rule.measured(ownFuses ? 1 : 0.1, "You prefer a fuse on each lead; some devices share one.");
    }

    @Override
    public Stream<Change> cures(Line line) {
        return WireChanges.schools(line);
    }

    @Override
    public Text byHand() {
        return Text.of("With several batteries in use each part is built by itself: draw it wire by wire.");
    }
}
