package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Schools;
import java.util.stream.Stream;

/** Who would rather not drill does not screw a holder down either. */
final class HolderDrilled implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.school-drilling", Link.SCREEN, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        boolean mayNot = line.rig().schools().drilling() == Schools.Drilling.NO_DRILL;
        WorstOf worst = new WorstOf();
        for (Holder holder : line.rig().holders()) {
            worst.add(
                    mayNot && holder.drills() ? 0 : 1,
                    "The {} is screwed or bolted down; you would rather not drill.",
                    holder.name());
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HolderChanges.holders(line)
                .filter(change -> change.after().holders().stream().noneMatch(Holder::drills));
    }

    @Override
    public Text byHand() {
        return Text.of("A clamp, a foot in a track, or a board that is clamped and takes the screws.");
    }
}
