package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/** Where each fuse sits along the conductor from the battery, to scale, with the 178 mm mark. */
final class FusePlaceScene {

    private static final double LEAST_M = 0.3;
    private static final double WIDER = 1.35;

    private FusePlaceScene() {}

    static Scene of(Line line, ProtectionState state) {
        List<FuseDuty> fuses = state.fuses();
        double reach = LEAST_M;
        for (FuseDuty fuse : fuses) {
            reach = Math.max(reach, WIDER * fuse.distanceM());
        }
        Drawing drawing = new Drawing();
        double foot = -0.5;
        double top = fuses.size() - 0.5;
        drawing.path(Role.LIMIT, 1, at(FuseDuty.BARE_M, foot), at(FuseDuty.BARE_M, top))
                .note(
                        Role.QUIET,
                        at(FuseDuty.BARE_M, foot),
                        Side.RIGHT,
                        -0.4,
                        " {}: the first fuse by here, unless sheathed",
                        new Amount(FuseDuty.BARE_M, Unit.MILLIMETRE));
        for (int f = 0; f < fuses.size(); f++) {
            row(line, drawing, fuses.get(f), fuses.size() - 1 - f, reach);
        }
        Axis x = new Axis(
                Text.of("along the conductor from the battery terminal"),
                Unit.MILLIMETRE,
                -0.2 * reach,
                1.2 * reach,
                false,
                Ticks.linear(0, reach, 5));
        Axis y = new Axis(Text.of(""), Unit.COUNT, foot - 0.12, top + 0.05, false, List.of());
        return new Scene(
                Text.of("Where the fuses sit"),
                Text.of("to scale along the wire · drag a fuse, or move it with the arrow keys"),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin(fuses));
    }

    private static void row(Line line, Drawing drawing, FuseDuty fuse, double row, double reach) {
        Segment segment = line.rig().harness().segments().get(fuse.segment());
        double atM =
                ((Fitting.Fuse) segment.fittings().get(fuse.fitting())).atM().value();
        Point here = at(fuse.distanceM(), row);
        drawing.path(Role.CONDUCTOR, 2, at(0, row), at(1.1 * reach, row))
                .spot(Role.PACK, at(0, row))
                .spot(Role.FUSE, here)
                .note(
                        Role.LABEL,
                        here,
                        Side.RIGHT,
                        -1,
                        "{}, {} at {}",
                        fuse.name(),
                        new Amount(fuse.ratingA(), Unit.RATING),
                        new Amount(fuse.distanceM(), Unit.MILLIMETRE))
                .note(
                        fuse.first() && fuse.distanceM() > fuse.allowedM() ? Role.MISSING : Role.QUIET,
                        here,
                        Side.RIGHT,
                        1.6,
                        allowed(fuse))
                .along(
                        Pointer.fitting(fuse.segment(), fuse.fitting(), "atM"),
                        here,
                        fuse.distanceM() - atM,
                        0,
                        segment.wire().lengthM().value(),
                        Text.of("place of {}", fuse.name()));
    }

    private static Text allowed(FuseDuty fuse) {
        if (!fuse.first()) {
            return Text.of("behind another fuse: anywhere");
        }
        return Text.of(
                fuse.sheathed() ? "{} allowed in its sheath" : "{} allowed without a sheath",
                new Amount(fuse.allowedM(), Unit.MILLIMETRE));
    }

    private static Twin twin(List<FuseDuty> fuses) {
        List<List<Text>> rows = new ArrayList<>();
        for (FuseDuty fuse : fuses) {
            rows.add(List.of(Text.of("{}", fuse.name()), Text.of(fuse.distanceM(), Unit.MILLIMETRE), allowed(fuse)));
        }
        return new Twin(List.of("fuse", "from the battery", "allowed"), rows);
    }
}
