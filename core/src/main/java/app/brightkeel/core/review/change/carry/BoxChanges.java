package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.enclosure.Box;
import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Fits;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.Rerouting;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Changes of boxes. */
public final class BoxChanges {

    /** Bolts and outlets under a lid where nobody measured them; common practice, no source [m]. */
    private static final double LID_M = 0.03;

    /** Play in a box that is bought for what is in it [m]; common practice, no source. */
    private static final double PLAY_M = 0.006;

    /** A box as long as this is carried by nobody; common practice, no source [m]. */
    private static final double LARGEST_M = 1.5;

    /** In which boxes are looked for [m]. */
    private static final double STEP_M = 0.005;

    private BoxChanges() {}

    /** Room under the lid counted, in each box that a cable leaves under it. */
    public static Stream<Change> underLid(Line line) {
        return each(
                line,
                "carry.under-lid.",
                box -> Text.of("Count {} under the lid of the {}", new Amount(LID_M, Unit.MILLIMETRE), box.name()),
                box -> box.exits().stream().anyMatch(exit -> exit.wall() == BaseEdge.NONE),
                box -> box.withLidM(Figure.chosen(LID_M)));
    }

    /** Every hole of a box sealed. */
    public static Stream<Change> sealed(Line line) {
        return each(
                line,
                "carry.seal.",
                box -> Text.of("Seal every hole of the {}", box.name()),
                box -> box.exits().stream().anyMatch(exit -> !exit.sealed()),
                box -> box.withExits(
                        box.exits().stream().map(exit -> exit.withSealed(true)).toList()));
    }

    /** A vent in each box that is shut. */
    public static Stream<Change> vented(Line line) {
        return each(
                line,
                "carry.vent.",
                box -> Text.of("A vent in the {}, or its lid left open", box.name()),
                Enclosure::shut,
                box -> box.withVented(true));
    }

    /** A drain at the lowest corner of each box in which water would stand. */
    public static Stream<Change> drained(Line line) {
        return each(
                line,
                "carry.drain.",
                box -> Text.of("A drain hole at the lowest corner of the {}", box.name()),
                box -> box.gathersWater() && !box.drained(),
                box -> box.withDrained(true));
    }

    /** Each lid drilled anew to the foot of what stands on it. */
    public static Stream<Change> lidBolts(Line line) {
        Rig rig = line.entered();
        return rig.holders().stream()
                .filter(holder -> !holder.footBolts().isEmpty())
                .flatMap(holder -> rig.fitOut().boxAt(rig.stationOf(holder.holds())).stream()
                        .filter(box ->
                                !box.lidBolts().isEmpty() && !box.lidBolts().equals(holder.footBolts()))
                        .map(box -> new Change(
                                "carry.lid-bolts." + box.id() + "." + holder.id(),
                                Text.of(
                                        "Drill the lid of the {} to {}, for the {}",
                                        box.name(),
                                        holder.footBolts(),
                                        holder.name()),
                                Effort.MOVE,
                                rig.withFitOut(rig.fitOut().with(box.withLidBolts(holder.footBolts()))))));
    }

    /** Ribs and bosses cut away where they take room. */
    public static Stream<Change> relieved(Line line) {
        return each(
                line,
                "carry.relieve.",
                box -> Text.of("Cut away what stands into the {}", box.name()),
                box -> !box.ribs().isEmpty(),
                box -> box.withRibs(List.of()));
    }

    /** Each box with all that is in it at every other place that takes a battery and has none. */
    public static Stream<Change> elsewhere(Line line) {
        Rig rig = line.entered();
        return rig.fitOut().boxes().stream()
                .flatMap(box -> rig.craft().stations().stream()
                        .filter(to -> to.spot().takesPack()
                                && rig.fitOut().boxAt(to.id()).isEmpty())
                        .map(to -> elsewhere(rig, box, to)));
    }

    private static Change elsewhere(Rig rig, Enclosure box, Station to) {
        Rig after = rig.withFitOut(rig.fitOut().with(box.withStation(to.id())));
        for (Placement place : rig.places()) {
            if (place.station().equals(box.station())) {
                after = Rerouting.placed(after, place.item(), to.id());
            }
        }
        return new Change(
                "carry.box-at." + box.id() + "." + to.id(),
                Text.of("The {} with all that is in it: {}", box.name(), to.name()),
                Effort.MOVE,
                after);
    }

    /** A box of the same kind that takes all that is in it; a pod is built anew part by part. */
    public static Stream<Change> larger(Line line) {
        return line.get(FitStage.STAGE).map(Fits::all).orElse(List.of()).stream()
                .filter(fit -> fit.leastGapM() < 0 && carried(fit.around()))
                .flatMap(fit -> line.entered().fitOut().boxAt(fit.station()).stream()
                        .filter(box -> box.kind() != EnclosureKind.POD)
                        .map(box -> larger(line.entered(), box, fit)));
    }

    private static boolean carried(Box box) {
        return Math.max(box.deepM(), Math.max(box.wideM(), box.tallM())) < LARGEST_M;
    }

    private static Change larger(Rig rig, Enclosure box, Fit fit) {
        Size outside = new Size(
                grown(box.outside().deepM(), fit.deepGapM()),
                grown(box.outside().wideM(), fit.wideGapM()),
                grown(box.outside().tallM(), fit.tallGapM()));
        return new Change(
                "carry.larger." + box.id(),
                Text.of(
                        "A {} of {} × {} × {}",
                        box.kind().words(),
                        new Amount(outside.deepM().value(), Unit.MILLIMETRE),
                        new Amount(outside.wideM().value(), Unit.MILLIMETRE),
                        new Amount(outside.tallM().value(), Unit.MILLIMETRE)),
                Effort.BUY,
                rig.withFitOut(rig.fitOut().with(box.withOutside(outside))));
    }

    private static Figure grown(Figure outside, double gapM) {
        double missing = Math.max(0, PLAY_M - gapM);
        return missing == 0 ? outside : Figure.chosen(Math.ceil((outside.value() + missing) / STEP_M - 1e-6) * STEP_M);
    }

    /** Pockets without what they were meant for: it travels elsewhere. */
    public static Stream<Change> emptied(Line line) {
        return each(
                line,
                "carry.pockets.",
                box -> Text.of("What is in the pockets of the {} travels elsewhere", box.name()),
                box -> box.pockets().stream().anyMatch(pocket -> !pocket.holds().isEmpty()),
                box -> box.withPockets(box.pockets().stream()
                        .map(pocket -> pocket.withHolds(""))
                        .toList()));
    }

    /** A box without one of its pockets. */
    public static Stream<Change> without(Line line) {
        Rig rig = line.entered();
        return rig.fitOut().boxes().stream()
                .flatMap(box -> box.pockets().stream()
                        .map(pocket -> new Change(
                                "carry.no-pocket." + box.id() + "." + pocket.id(),
                                Text.of("Do without the {} in the {}", pocket.name(), box.name()),
                                Effort.SETTING,
                                rig.withFitOut(rig.fitOut()
                                        .with(box.withPockets(box.pockets().stream()
                                                .filter(each -> each != pocket)
                                                .toList()))))));
    }

    private static Stream<Change> each(
            Line line,
            String id,
            Function<Enclosure, Text> label,
            Predicate<Enclosure> wants,
            UnaryOperator<Enclosure> change) {
        Rig rig = line.entered();
        return rig.fitOut().boxes().stream()
                .filter(wants)
                .map(box -> new Change(
                        id + box.id(),
                        label.apply(box),
                        Effort.MOVE,
                        rig.withFitOut(rig.fitOut().with(change.apply(box)))));
    }
}
