package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Schools;
import java.util.stream.Stream;

/** Screens and posts stand on the side the person likes them: that of the working hand, or the other. */
final class PostSchool implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.school-post", Link.SCREEN, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        Schools.Post post = line.rig().schools().post();
        int wanted = post.side(line.rig().angler().hand());
        if (wanted == 0) {
            return SILENT;
        }
        return WorstOf.of(
                line.get(SeatStage.STAGE).map(Seated::things),
                (worst, each) -> worst.add(
                        each.side() == -wanted ? 0 : 1,
                        "You like posts and screens {}; the {} stands on the other side.",
                        post.words(),
                        each.thing().name()));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HolderChanges.places(line), MountChanges.moved(line));
    }
}
