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
import app.brightkeel.core.protection.ProtectionState.Place;
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
    private static final double ROOM = 1.2;

    private FusePlaceScene() {}

    static Scene of(Line line, ProtectionState state) {
        List<FuseDuty> firsts =
                state.fuses().stream().filter(duty -> duty.place().first()).toList();
        double reach = LEAST_M;
        for (FuseDuty fuse : firsts) {
            reach = Math.max(reach, WIDER * fuse.place().distanceM());
        }
        Drawing drawing = new Drawing();
        double foot = -0.5;
        double top = firsts.size() - 0.5;
        limit(drawing, Place.BARE_M, foot, top, " {}: the first fuse by here, unless sheathed");
        for (double sheathed : new double[] {Place.SHEATHED_ELSEWHERE_M, Place.SHEATHED_M}) {
            boolean allowed = firsts.stream().anyMatch(fuse -> fuse.place().allowedM() == sheathed);
            if (allowed && sheathed < ROOM * reach) {
                limit(drawing, sheathed, foot, top, " {} in a sheath");
            }
        }
        for (int f = 0; f < firsts.size(); f++) {
            row(line, drawing, firsts.get(f), firsts.size() - 1 - f, reach);
        }
        Axis x = new Axis(
                Text.of("along the conductor from the battery terminal"),
                Unit.MILLIMETRE,
                -0.2 * reach,
                ROOM * reach,
                false,
                Ticks.linear(0, reach, 5));
        Axis y = new Axis(Text.of(""), Unit.COUNT, foot - 0.12, top + 0.05, false, List.of());
        return new Scene(
                Text.of("Where the fuses sit"),
                Text.of("the first ones, to scale along the wire · drag one, or move it with the arrow keys"),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin(state.fuses()));
    }

    private static void limit(Drawing drawing, double atM, double foot, double top, String words) {
        drawing.path(Role.LIMIT, 1, at(atM, foot), at(atM, top))
                .note(Role.QUIET, at(atM, foot), Side.RIGHT, -0.4, words, new Amount(atM, Unit.MILLIMETRE));
    }

    private static void row(Line line, Drawing drawing, FuseDuty fuse, double row, double reach) {
        Segment segment = line.rig().harness().segments().get(fuse.segment());
        double atM =
                ((Fitting.Fuse) segment.fittings().get(fuse.fitting())).atM().value();
        Point here = at(fuse.place().distanceM(), row);
        drawing.path(Role.CONDUCTOR, 2, at(0, row), at(ROOM * reach, row))
                .spot(Role.PACK, at(0, row))
                .note(Role.QUIET, at(ROOM * reach, row), Side.LEFT, 1.6, "{}  ", segment.name())
                .spot(Role.FUSE, here)
                .note(
                        Role.LABEL,
                        here,
                        Side.RIGHT,
                        -1,
                        "{}, {} at {}",
                        fuse.name(),
                        new Amount(fuse.ratingA(), Unit.RATING),
                        new Amount(fuse.place().distanceM(), Unit.MILLIMETRE))
                .note(
                        fuse.place().distanceM() > fuse.place().allowedM() ? Role.MISSING : Role.QUIET,
                        here,
                        Side.RIGHT,
                        1.6,
                        allowed(fuse))
                .along(
                        Pointer.fitting(fuse.segment(), fuse.fitting(), "atM"),
                        here,
                        fuse.place().distanceM() - atM,
                        0,
                        segment.wire().lengthM().value(),
                        Text.of("place of {}", fuse.name()));
    }

    private static Text allowed(FuseDuty fuse) {
        if (!fuse.place().first()) {
            return Text.of("behind another fuse: anywhere");
        }
        return Text.of(
                fuse.place().sheathed() ? "{} allowed in its sheath" : "{} allowed without a sheath",
                new Amount(fuse.place().allowedM(), Unit.MILLIMETRE));
    }

    private static Twin twin(List<FuseDuty> fuses) {
        List<List<Text>> rows = new ArrayList<>();
        for (FuseDuty fuse : fuses) {
            rows.add(List.of(
                    Text.of("{}", fuse.name()), Text.of(fuse.place().distanceM(), Unit.MILLIMETRE), allowed(fuse)));
        }
        return new Twin(List.of("fuse", "from the battery", "allowed"), rows);
    }
}
