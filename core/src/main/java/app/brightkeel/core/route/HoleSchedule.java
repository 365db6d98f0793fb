package app.brightkeel.core.route;

import app.brightkeel.core.reference.Packing;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Opening;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.PassThroughStock;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Way;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every opening that cables go through, there or to be drilled, once each: those of the craft in its order, then exits
 * of boxes.
 */
public final class HoleSchedule {

    /** Steps in which holes are drilled [m]. */
    private static final double DRILL_STEP_M = 0.001;

    private HoleSchedule() {}

    static List<Hole> of(Craft craft, FitOut fitOut, Routes routes, List<Run> runs) {
        List<Hole> all = new ArrayList<>();
        for (Passage passage : craft.passages()) {
            if (passage.way().opening()) {
                List<LaidCable> through = routes.all().stream()
                        .filter(laid -> laid.legs().contains(passage))
                        .toList();
                if (!through.isEmpty()) {
                    all.add(passage(all.size() + 1, craft, passage, through));
                }
            }
        }
        for (Enclosure box : fitOut.boxes()) {
            for (Exit exit : box.exits()) {
                List<LaidCable> through = exit.use() == ExitUse.CABLES ? leaving(routes, box, exit, runs) : List.of();
                all.add(exit(all.size() + 1, box, exit, through));
            }
        }
        return all;
    }

    /** Where nobody said by which hole a cable leaves, it is counted at each: on the safe side. */
    private static List<LaidCable> leaving(Routes routes, Enclosure box, Exit exit, List<Run> runs) {
        return routes.all().stream()
                .filter(laid -> laid.cable().start().equals(box.station())
                        || laid.cable().end().equals(box.station()))
                .filter(laid -> leavesBy(laid, box, exit, runs))
                .toList();
    }

    private static boolean leavesBy(LaidCable laid, Enclosure box, Exit exit, List<Run> runs) {
        List<String> said = runs.stream()
                .filter(run -> run.id().equals(laid.run()))
                .flatMap(run -> run.exits().stream())
                .filter(id -> box.exits().stream().anyMatch(each -> each.id().equals(id)))
                .toList();
        return said.isEmpty() || said.contains(exit.id());
    }

    private static Hole passage(int number, Craft craft, Passage passage, List<LaidCable> through) {
        Opening opening = passage.opening();
        Hole bare = bare(number, passage.id(), passage.name(), part(passage.way()), passage.openingM())
                .with(hole -> hole.passage(Optional.of(passage))
                        .there(!passage.way().drills())
                        .below(passage.belowWaterline())
                        .stuff(stuff(craft.kind(), opening))
                        .back(opening.back()));
        return filled(bare, passage.way(), opening.closedBy(), through);
    }

    private static Hole exit(int number, Enclosure box, Exit exit, List<LaidCable> through) {
        Hole bare = bare(number, exit.id(), exit.name(), "wall of the " + box.name(), exit.openingM())
                .withThere(!exit.cut());
        // a bolt or a part fills its hole itself
        return exit.use() == ExitUse.CABLES
                ? filled(bare, Way.NEW_HOLE, exit.closedBy(), through)
                : bare.with(
                        hole -> hole.closedBy(PassThrough.NONE).decided(true).use(exit.use()));
    }

    /** An opening with nothing through it, above the water, its back in reach. */
    private static Hole bare(int number, String id, String name, String part, Figure openingM) {
        return new Hole(
                number,
                id,
                Optional.empty(),
                name,
                part,
                false,
                false,
                openingM.isSet() ? openingM.value() : 0,
                List.of(),
                0,
                0,
                List.of(),
                PassThrough.UNDECIDED,
                false,
                0,
                Material.UNDECIDED,
                BackReach.REACHED,
                ExitUse.CABLES);
    }

    /** What passes, and what closes it: as decided, or what fits best. */
    private static Hole filled(Hole bare, Way way, PassThrough closedBy, List<LaidCable> through) {
        boolean decided = closedBy != PassThrough.UNDECIDED;
        double circle = through.isEmpty() ? 0 : circleM(through);
        double plug = plugM(through);
        PassThrough closing = decided ? closedBy : usual(way, through.size(), plug, circle);
        return bare.with(hole -> hole.cables(names(through))
                .circleM(circle)
                .plugM(closing.plugPasses() ? plug : 0)
                .crimpedLast(crimpedLast(through))
                .closedBy(closing)
                .decided(decided)
                .wantsM(wantsM(closing, plug, circle)));
    }

    private static List<String> names(List<LaidCable> through) {
        return through.stream().map(LaidCable::name).toList();
    }

    private static List<String> crimpedLast(List<LaidCable> through) {
        return through.stream()
                .filter(laid -> laid.cable().sort() == Cable.Kind.POWER)
                .map(LaidCable::name)
                .toList();
    }

    /** Round unequal cables the circle round as many of the thickest: on the safe side. */
    private static double circleM(List<LaidCable> through) {
        return Packing.factor(through.size())
                * through.stream().mapToDouble(LaidCable::cableM).max().orElseThrow();
    }

    private static double plugM(List<LaidCable> through) {
        return through.stream()
                .flatMap(laid -> laid.plugM().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
    }

    private static String part(Way way) {
        return switch (way) {
            case FITTING, NEW_HOLE -> "hull";
            case HATCH_INDENT -> "indent in the lip of the hatch";
            case HATCH_LIP -> "lip of the hatch";
            case SCUPPER -> "scupper";
            case TUBE_WALL -> "wall of the rod-holder tube";
            case HATCH_COVER -> "cover of the hatch";
            case OPEN_DECK, INSIDE -> "nothing";
        };
    }

    /** What closes an opening best where nobody decided: a hatch lip or scupper stays open. */
    static PassThrough usual(Way way, int cables, double plugM, double circleM) {
        if (way.underLid() || way == Way.SCUPPER) {
            return PassThrough.NONE;
        }
        double passes = Math.max(plugM, circleM);
        if (passes <= PassThrough.GROMMET.holeM()) {
            return PassThrough.GROMMET;
        }
        if (plugM <= PassThrough.CABLE_FITTING.holeM() && cables <= PassThrough.DOUBLE_FITTING.cables()) {
            return cables == 1 ? PassThrough.CABLE_FITTING : PassThrough.DOUBLE_FITTING;
        }
        return PassThrough.SPLIT_GROMMET;
    }

    /**
     * Hole for a closing [m]: its body's, or just over what passes, to the next millimetre. A split grommet closes round
     * cables whose plug went through before it.
     */
    static double wantsM(PassThrough closing, double plugM, double circleM) {
        double passes = Math.max(circleM, closing == PassThrough.PANEL_PLUG ? 0 : plugM);
        double rounded = Math.ceil(passes / DRILL_STEP_M - 1e-6) * DRILL_STEP_M;
        return Math.max(closing.holeM(), rounded);
    }

    private static Material stuff(CraftKind kind, Opening opening) {
        if (opening.stuff() != Material.UNDECIDED) {
            return opening.stuff();
        }
        return switch (kind) {
            case SIT_ON_TOP, PEDAL_KAYAK, MOTOR_KAYAK, SIT_INSIDE -> Material.POLYETHYLENE;
            case INFLATABLE -> Material.FABRIC;
            default -> Material.UNDECIDED;
        };
    }

    /** Pass-throughs to be bought or to have, by sort. */
    public static Map<PassThrough, Integer> needed(List<Hole> holes) {
        Map<PassThrough, Integer> needed = new EnumMap<>(PassThrough.class);
        holes.stream().filter(Hole::buys).forEach(hole -> needed.merge(hole.closedBy(), 1, Integer::sum));
        return needed;
    }

    /** How many of a sort lie at home. */
    public static int onHand(FitOut fitOut, PassThrough sort) {
        return fitOut.passThroughs().stream()
                .filter(stock -> stock.fitting() == sort)
                .mapToInt(PassThroughStock::count)
                .sum();
    }
}
