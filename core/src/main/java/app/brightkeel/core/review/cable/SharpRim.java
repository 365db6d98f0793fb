package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.LooseEnds;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** Where a cable wraps round a sharp rim or edge, something soft lies between. */
final class SharpRim implements Rule {

    private static final double CHAFES = 0.08;

    @Override
    public Identity identity() {
        return new Identity("cable.sharp-rim", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        return WorstOf.of(
                line.get(RouteStage.STAGE).map(Routes::all),
                (worst, laid) -> laid.legs().stream()
                        .filter(leg -> leg.opening().sharp())
                        .forEach(leg -> worst.add(
                                leg.opening().closedBy() == PassThrough.GROMMET
                                                || leg.opening().closedBy() == PassThrough.SPLIT_GROMMET
                                                || rig.fitOut().has(ExtraKind.SLEEVE, laid.carries())
                                        ? 1
                                        : CHAFES,
                                "The {} wraps round a sharp edge on its way, {}: it chafes through, first where it is tied.",
                                laid.name(),
                                leg.name())));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(LooseEnds.sleeved(line), CableChanges.soundWays(line));
    }
}
