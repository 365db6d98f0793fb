package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Shared;
import java.util.stream.Stream;

/** A low-rate bus has a terminator at each of its two ends (the standard of that bus, from memory). */
final class BusEnds implements Rule {

    private static final int ENDS = 2;

    @Override
    public Identity identity() {
        return new Identity("screen.bus-ends", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        Figure terminators = rig.network().terminators();
        boolean used = rig.network().shares().contains(Shared.READINGS)
                || rig.devices().stream().anyMatch(device -> device.draw() instanceof Draw.Bus);
        if (!used || !terminators.isSet()) {
            return SILENT;
        }
        return Rule.measured(
                terminators.value() == ENDS ? 1 : 0,
                "The bus has {} terminators; it wants two, one at each end.",
                Math.round(terminators.value()));
    }

    @Override
    public Stream<Change> cures(Line line) {
        Rig rig = line.entered();
        return Stream.of(new Change(
                "screen.two-terminators",
                Text.of("A terminator at each end of the bus"),
                Effort.BUY,
                rig.withNetwork(rig.network().withTerminators(Figure.chosen(ENDS)))));
    }
}
