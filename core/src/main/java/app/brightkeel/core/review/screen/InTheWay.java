package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Room;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.screen.HolderChanges;
import java.util.stream.Stream;

/** A screen stands clear of knees, of the paddle stroke and of the line of a fish that is landed. */
final class InTheWay implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.in-the-way", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return Room.kept(line, each -> each.thing().screen());
    }

    @Override
    public Stream<Change> cures(Line line) {
        return HolderChanges.places(line);
    }
}
