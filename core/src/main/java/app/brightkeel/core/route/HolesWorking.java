package app.brightkeel.core.route;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Way;
import java.util.List;

/** Tells every opening: how wide, how full, what passes first, what closes it, and how many pass-throughs that takes. */
public final class HolesWorking {

    static final String TITLE = "Openings and holes";

    private static final String FILLED = "Sealant round it, a washer or gasket on both faces.";
    private static final String DRAINS = "Stays open: it drains. Foam or a split tube keeps the edge from chafing.";
    private static final String TAKEN =
            "A mount sits in it: little drains past it. The other scuppers stay open and take what comes "
                    + "in; foam or a split tube keeps the cable from the edge.";

    private HolesWorking() {}

    static Working of(Rig rig, List<Hole> holes) {
        Working.Builder told = Working.of(
                TITLE,
                "circle round n equal cables = factor(n) · width of one",
                Source.published(
                        "best packings of equal circles in a circle, 1 to 7; sizes of fittings: common practice"));
        for (Hole hole : holes) {
            tell(told, rig, hole);
        }
        HoleSchedule.needed(holes)
                .forEach((sort, count) -> told.remark(
                        "{} × {} wanted, {} at home.", count, sort.words(), HoleSchedule.onHand(rig.fitOut(), sort)));
        return told.result(
                        "",
                        "holes to drill",
                        holes.stream().filter(hole -> !hole.there()).count(),
                        Unit.COUNT)
                .done();
    }

    private static void tell(Working.Builder told, Rig rig, Hole hole) {
        told.remark(
                "{}: {}, in the {}, {}, {} the waterline",
                hole.number(),
                hole.name(),
                hole.part(),
                hole.there() ? "there already" : "to be drilled",
                hole.below() ? "below" : "above");
        hole.passage()
                .ifPresent(passage -> told.figure(
                        "",
                        "clear opening",
                        passage.openingM(),
                        Unit.MILLIMETRE,
                        Pointer.passage(rig.craft().passages().indexOf(passage), "openingM")));
        if (!hole.forCables()) {
            told.remark("It is {}, which fills it. {}", hole.use().words(), FILLED);
            return;
        }
        told.remark(
                "{} through it, a circle of {} together",
                hole.cables().size() == 1 ? "One cable" : hole.cables().size() + " cables",
                new Amount(hole.circleM(), Unit.MILLIMETRE));
        if (hole.plugM() > 0) {
            told.remark(
                    "A plug of {} goes through before anything closes round the cable.",
                    new Amount(hole.plugM(), Unit.MILLIMETRE));
        }
        if (!hole.crimpedLast().isEmpty()) {
            told.remark("Ends crimped on once it is through: {}.", String.join(", ", hole.crimpedLast()));
        }
        closing(told, rig, hole);
    }

    private static void closing(Working.Builder told, Rig rig, Hole hole) {
        told.remark(sealing(rig, hole));
        if (hole.buys()) {
            told.remark(
                    hole.decided() ? "Closed by a {}, which wants a hole of {}." : "What fits: {}, in a hole of {}.",
                    hole.closedBy().words(),
                    new Amount(hole.wantsM(), Unit.FINE_MILLIMETRE));
        }
        if (hole.closedBy().nut() && hole.back() == BackReach.UNKNOWN) {
            told.remark("Its nut sits behind: try first whether a hand gets there.");
        }
    }

    /** Whether a transducer's mount sits in a scupper. */
    private static boolean mounted(Rig rig, Hole hole) {
        return rig.transducers().stream()
                .filter(transducer -> transducer.mount().kind() == MountKind.SCUPPER)
                .map(transducer -> transducer.mount().station())
                .anyMatch(station -> hole.passage()
                        .filter(passage ->
                                passage.from().equals(station) || passage.to().equals(station))
                        .isPresent());
    }

    /** How an opening is made or kept tight. */
    public static String sealing(Rig rig, Hole hole) {
        if (!hole.forCables()) {
            return FILLED;
        }
        Way way = hole.passage().map(Passage::way).orElse(Way.NEW_HOLE);
        return switch (way) {
            case HATCH_INDENT ->
                "The lid shuts over the cable in its indent. Dry by gravity behind a drip loop; not tight when swamped.";
            case HATCH_LIP ->
                "The lid presses on the cable: a soft seal takes that. Dry by gravity where the cable rises to it behind a "
                        + "drip loop; it is not tight when swamped.";
            case SCUPPER -> mounted(rig, hole) ? TAKEN : DRAINS;
            case FITTING -> "Its own cap and gasket close it; grease the gasket.";
            default -> hole.stuff().sealing();
        };
    }
}
