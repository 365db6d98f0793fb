package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Room;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.mount.MountChanges;
import java.util.stream.Stream;

/** What stands beside the hull keeps out of the paddle stroke and of the line of a fish that is landed. */
final class Fouls implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.fouls", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return Room.kept(line, each -> !each.thing().screen());
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.all(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Mount it on the other side, or take it in while you paddle.");
    }
}
