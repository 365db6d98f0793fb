package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import java.util.stream.Stream;

/** Keypads, sensors and modules understand the display they are to work with. */
final class OtherFamily implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.other-family", Link.SCREEN, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Device part : rig.devices()) {
            if (part.kind().joinsDisplay() && !part.sockets().family().isEmpty()) {
                rig.devices().stream()
                        .filter(d -> d.kind().display() && !d.sockets().family().isEmpty())
                        .map(d -> d.sockets().family())
                        .reduce((a, b) -> a.equals(part.sockets().family()) ? a : b)
                        .ifPresent(family -> worst.add(
                                family.equals(part.sockets().family()) ? 1 : -1,
                                "The {} is of family {}, the display of family {}: they do not understand each other.",
                                part.name(),
                                part.sockets().family(),
                                family));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return ScreenChanges.sameFamily(line);
    }
}
