package app.brightkeel.core.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Everything that may be wrong, once or twice, with how likely it is after some readings. */
final class Hypotheses {

    /** That nothing, one thing, two things are wrong with a rig just built; common practice, no source. */
    private static final double SOUND = 0.6;

    private static final double ONE = 0.33;
    private static final double TWO = 0.07;

    /** Of so many single causes, the likeliest, every two are looked at together. */
    private static final int PAIRED = 9;

    private static final double NEGLIGIBLE = 1e-6;

    /**
     * One of them.
     *
     * @param middle of every reading under it
     * @param along  what the unknown size of its faults moves
     */
    record Hypothesis(List<Fault> faults, double[] middle, List<double[]> along, double weight) {

        String cause() {
            return faults.stream().map(Fault::cause).sorted().reduce("", (a, b) -> a + "|" + b);
        }
    }

    private final BenchModel model;
    private final Likelihood likelihood;
    private final List<Hypothesis> all = new ArrayList<>();
    private final double often;

    private Hypotheses(BenchModel model, Likelihood likelihood) {
        this.model = model;
        this.likelihood = likelihood;
        List<List<Fault>> singles = model.singles();
        often = singles.stream().mapToDouble(each -> each.get(0).kind().often()).sum();
        keep(List.of(), model.mean(), List.of(), Math.log(SOUND));
        List<Best> best = new ArrayList<>();
        for (List<Fault> sizes : singles) {
            best.add(single(sizes));
        }
        best.sort(Comparator.comparingDouble(Best::log).reversed());
        List<Best> likeliest = best.subList(0, Math.min(PAIRED, best.size()));
        for (int a = 0; a < likeliest.size(); a++) {
            for (int b = a + 1; b < likeliest.size(); b++) {
                pair(likeliest.get(a).sizes(), likeliest.get(b).sizes());
            }
        }
    }

    /** A cause with its likeliest size. */
    private record Best(List<Fault> sizes, double log) {}

    /** With their weights adding up to 1, the heaviest first, those that weigh nothing left out. */
    static List<Hypothesis> after(BenchModel model, Likelihood likelihood) {
        List<Hypothesis> all = new Hypotheses(model, likelihood).all;
        double most = all.stream().mapToDouble(Hypothesis::weight).max().orElse(0);
        double sum =
                all.stream().mapToDouble(each -> Math.exp(each.weight() - most)).sum();
        return all.stream()
                .map(each -> new Hypothesis(
                        each.faults(), each.middle(), each.along(), Math.exp(each.weight() - most) / sum))
                .filter(each -> each.weight() > NEGLIGIBLE)
                .sorted(Comparator.comparingDouble(Hypothesis::weight).reversed())
                .toList();
    }

    private double keep(List<Fault> faults, double[] middle, List<double[]> along, double logPrior) {
        double log = logPrior + likelihood.log(middle, along);
        all.add(new Hypothesis(faults, middle, along, log));
        return log;
    }

    private Best single(List<Fault> sizes) {
        List<double[]> middles =
                sizes.stream().map(fault -> model.readings(List.of(fault))).toList();
        double best = Double.NEGATIVE_INFINITY;
        double prior = Math.log(ONE * sizes.get(0).kind().often() / often / sizes.size());
        for (int s = 0; s < sizes.size(); s++) {
            List<double[]> along = sizes.get(s).kind().graded() ? List.of(along(middles, s)) : List.of();
            best = Math.max(best, keep(List.of(sizes.get(s)), middles.get(s), along, prior));
        }
        return new Best(sizes, best);
    }

    /** Half the way to the next size, each way: between two sizes there are others. */
    private static double[] along(List<double[]> middles, int s) {
        double[] before = middles.get(Math.max(0, s - 1));
        double[] after = middles.get(Math.min(middles.size() - 1, s + 1));
        int steps = Math.min(middles.size() - 1, s + 1) - Math.max(0, s - 1);
        double[] g = new double[before.length];
        for (int i = 0; i < g.length; i++) {
            g[i] = steps == 0 ? 0 : (after[i] - before[i]) / (2 * steps);
        }
        return g;
    }

    private void pair(List<Fault> one, List<Fault> other) {
        // two sizes of contact at one place are one fault
        if (one.get(0).subject().equals(other.get(0).subject())) {
            return;
        }
        double prior = Math.log(2
                * TWO
                * one.get(0).kind().often()
                * other.get(0).kind().often()
                / (often * often)
                / one.size()
                / other.size());
        List<List<double[]>> middles = new ArrayList<>();
        for (Fault a : one) {
            List<double[]> row = new ArrayList<>();
            for (Fault b : other) {
                row.add(model.readings(List.of(a, b)));
            }
            middles.add(row);
        }
        for (int a = 0; a < one.size(); a++) {
            for (int b = 0; b < other.size(); b++) {
                List<double[]> along = new ArrayList<>();
                if (one.get(a).kind().graded()) {
                    int column = b;
                    along.add(along(middles.stream().map(row -> row.get(column)).toList(), a));
                }
                if (other.get(b).kind().graded()) {
                    along.add(along(middles.get(a), b));
                }
                keep(List.of(one.get(a), other.get(b)), middles.get(a).get(b), along, prior);
            }
        }
    }
}
