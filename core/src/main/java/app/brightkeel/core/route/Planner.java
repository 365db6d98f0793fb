package app.brightkeel.core.route;

import app.brightkeel.core.reference.Packing;
import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Travel;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Plans the ways of all cables together: each gets its best ways by itself, then one after another takes the way that
 * is best beside the others, then single cables and pairs change over as long as it helps. Better plans may exist: what
 * is found is not proved to be the best.
 *
 * <p>Counted besides what {@link PlanningAim} and {@link Objections} say: a lead that ends short, an opening too narrow for all
 * that goes through it, a hole once for all cables in it, supply beside sonar.
 */
public final class Planner {

    /** Pairs change over only where there are few cables: else it takes too long for what it gains. */
    private static final int MOST_FOR_PAIRS = 12;

    /** What a lead that ends short counts for, and each metre of it [m]. */
    private static final double SHORT_M = 300;

    private static final double PER_SHORT_METRE = 100;

    /** What an opening counts for that is too narrow for all its cables [m]. */
    private static final double TOO_FULL_M = 1000;

    /** What a metre of supply beside sonar counts for. */
    private static final double BESIDE = 20;

    private static final double LEAST_GAIN_M = 1e-9;

    private final Rig rig;
    private final PlanningAim aim;
    private final List<Planned> cables = new ArrayList<>();
    private final SupplyBesideSonar apart;
    private final Map<String, Double> sides = new HashMap<>();

    /**
     * A cable with its ways.
     *
     * @param alone what each way counts for by itself [m]
     */
    private record Planned(Cable cable, double widthM, List<List<Passage>> ways, double[] alone) {}

    Planner(Rig rig, PlanningAim aim) {
        this.rig = rig;
        this.aim = aim;
        apart = new SupplyBesideSonar(rig.craft());
        Rig filled = Assumptions.fill(rig);
        for (Cable cable : Cable.all(filled)) {
            planned(filled, cable).ifPresent(cables::add);
        }
    }

    private Optional<Planned> planned(Rig filled, Cable cable) {
        boolean ends = cable.inOnePlace() && rig.runOf(cable.id()).isPresent();
        if (!cable.crosses() && !ends) {
            return Optional.empty();
        }
        Objections objections = Objections.planned(rig, cable.id(), aim.drills());
        List<List<Passage>> ways = new ArrayList<>(
                Rerouting.ways(rig, cable.id(), leg -> aim.countsM(leg) + objections.againstM(leg), Ways.MOST));
        if (ways.isEmpty()) {
            return Optional.empty();
        }
        Run run = filled.runOf(cable.id())
                .orElseGet(() -> Assumptions.filled(Rerouting.along(rig, cable.id(), List.of()), filled));
        double[] alone = new double[ways.size()];
        for (int w = 0; w < alone.length; w++) {
            alone[w] = alone(cable, run, objections, ways.get(w));
        }
        return Optional.of(new Planned(cable, run.cableM().value(), ways, alone));
    }

    private double alone(Cable cable, Run run, Objections objections, List<Passage> way) {
        double counts = 0;
        double metres = run.slackM() + Travel.extraM(run.travels());
        for (Passage leg : way) {
            counts += aim.countsM(leg) + objections.againstM(leg);
            metres += leg.lengthM().value();
        }
        boolean cut = cable.sort() == Cable.Kind.POWER || !cable.suppliedM().isSet();
        double missing = cut ? 0 : metres - cable.suppliedM().value();
        return counts + (missing > 0 ? SHORT_M + PER_SHORT_METRE * missing : 0);
    }

    /** The rig with all its cables that run from one known place to another laid anew; pinned passages are kept. */
    public static Rig planned(Rig rig, PlanningAim aim) {
        Planner planner = new Planner(rig, aim);
        return planner.laid(planner.chosen());
    }

    /** How many ways each cable has to choose from. */
    int[] waysOfEach() {
        return cables.stream().mapToInt(cable -> cable.ways().size()).toArray();
    }

    private Rig laid(int[] choice) {
        Rig after = rig;
        for (int c = 0; c < choice.length; c++) {
            Planned planned = cables.get(c);
            after = after.with(
                    Rerouting.along(after, planned.cable().id(), planned.ways().get(choice[c])));
        }
        return after;
    }

    /** The way of each cable that the exchanges come to. */
    int[] chosen() {
        int[] choice = new int[cables.size()];
        boolean better = true;
        while (better) {
            better = false;
            for (int c = 0; c < choice.length; c++) {
                better |= improved(choice, c, c);
            }
            for (int a = 0; !better && choice.length <= MOST_FOR_PAIRS && a < choice.length; a++) {
                for (int b = a + 1; b < choice.length; b++) {
                    better |= improved(choice, a, b);
                }
            }
        }
        return choice;
    }

    /** Gives one cable, or two at once, the ways that count least beside the others. */
    private boolean improved(int[] choice, int a, int b) {
        int bestA = choice[a];
        int bestB = choice[b];
        double before = countsM(choice);
        double least = before;
        for (int i = 0; i < cables.get(a).ways().size(); i++) {
            choice[a] = i;
            for (int j = 0; j < (a == b ? 1 : cables.get(b).ways().size()); j++) {
                choice[b] = a == b ? i : j;
                double counts = countsM(choice);
                if (counts < least - LEAST_GAIN_M) {
                    least = counts;
                    bestA = choice[a];
                    bestB = choice[b];
                }
            }
        }
        choice[a] = bestA;
        choice[b] = bestB;
        return least < before - LEAST_GAIN_M;
    }

    /** What a way for each cable counts for, all together [m]. */
    double countsM(int[] choice) {
        double counts = 0;
        Map<Passage, double[]> openings = new HashMap<>();
        for (int c = 0; c < choice.length; c++) {
            Planned planned = cables.get(c);
            counts += planned.alone()[choice[c]];
            for (Passage leg : planned.ways().get(choice[c])) {
                if (leg.way().opening()) {
                    double[] through = openings.computeIfAbsent(leg, opening -> new double[2]);
                    through[0]++;
                    through[1] = Math.max(through[1], planned.widthM());
                }
            }
        }
        for (Map.Entry<Passage, double[]> opening : openings.entrySet()) {
            counts += together(opening.getKey(), opening.getValue());
        }
        for (int a = 0; a < choice.length; a++) {
            for (int b = 0; b < choice.length; b++) {
                counts += beside(a, choice[a], b, choice[b]);
            }
        }
        return counts;
    }

    private double together(Passage leg, double[] through) {
        boolean tooFull = leg.openingM().isSet()
                && Packing.factor((int) through[0]) * through[1]
                        > leg.openingM().value();
        return (tooFull ? TOO_FULL_M : 0) + (leg.way().drills() ? aim.holeM() : 0);
    }

    private double beside(int sonar, int its, int power, int other) {
        Cable lead = cables.get(sonar).cable();
        Cable wire = cables.get(power).cable();
        if (!lead.sonar() || !wire.loud()) {
            return 0;
        }
        double metres = sides.computeIfAbsent(
                sonar + "/" + its + "/" + power + "/" + other,
                key -> apart.besideM(
                        cables.get(sonar).ways().get(its),
                        cables.get(power).ways().get(other)));
        return BESIDE * Math.max(0, metres - SupplyBesideSonar.CROSSING_M);
    }
}
