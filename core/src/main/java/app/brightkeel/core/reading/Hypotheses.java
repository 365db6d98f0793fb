package app.brightkeel.core.reading;

import app.brightkeel.core.reading.BenchModel.Strays;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Everything that may be wrong, once or twice, with how likely it is after some readings. */
final class Hypotheses {

    /** That nothing, one thing, two things are wrong with a rig just built; common practice, no source. */
    private static final double SOUND = 0.6;

    private static final double ONE = 0.33;
    private static final double TWO = 0.07;

    /** Of so many single causes, the likeliest, every two are looked at together, each in so many of its sizes. */
    private static final int PAIRED = 8;

    private static final int SIZES_PAIRED = 3;

    private static final double NEGLIGIBLE = 1e-6;

    /** One of them. */
    record Hypothesis(
            List<Fault> faults, Strays strays, List<double[]> along, Likelihood.Weighed weighed, double weight) {

        /**
         * Likeliest size of one of its faults, between the sizes that are tried: the readings pull it along by as much as they
         * are left over in that direction.
         */
        double size(int fault) {
            Fault of = faults.get(fault);
            double[] sizes = of.kind().sizes();
            int at = 0;
            for (int s = 0; s < sizes.length; s++) {
                at = Math.abs(sizes[s] - of.size()) < Math.abs(sizes[at] - of.size()) ? s : at;
            }
            double before = sizes[Math.max(0, at - 1)];
            double after = sizes[Math.min(sizes.length - 1, at + 1)];
            int steps = Math.min(sizes.length - 1, at + 1) - Math.max(0, at - 1);
            double half = (after - before) / (2 * Math.max(1, steps));
            return Math.max(sizes[0] / 2, of.size() + weighed.along(along.get(fault)) * half);
        }

        String cause() {
            return Hypotheses.cause(faults);
        }
    }

    static String cause(List<Fault> faults) {
        return faults.stream().map(Fault::cause).sorted().reduce("", (a, b) -> a + "|" + b);
    }

    /** One size of a cause, and what its unknown size moves. */
    private record Sized(Fault fault, double[] along, double log) {}

    private final BenchModel model;
    private final Likelihood likelihood;
    private final List<Hypothesis> all = new ArrayList<>();
    private final double often;

    private Hypotheses(BenchModel model, Likelihood likelihood) {
        this.model = model;
        this.likelihood = likelihood;
        List<List<Fault>> singles = model.singles();
        often = singles.stream().mapToDouble(each -> each.get(0).kind().often()).sum();
        keep(List.of(), model.sound(), List.of(), Math.log(SOUND));
        List<List<Sized>> causes = new ArrayList<>();
        for (List<Fault> sizes : singles) {
            causes.add(single(sizes));
        }
        causes.sort(
                Comparator.comparingDouble((List<Sized> sizes) -> sizes.get(0).log())
                        .reversed());
        // without readings no pair stands out
        List<List<Sized>> likeliest =
                likelihood.taken().length == 0 ? List.of() : causes.subList(0, Math.min(PAIRED, causes.size()));
        for (int a = 0; a < likeliest.size(); a++) {
            for (int b = a + 1; b < likeliest.size(); b++) {
                pair(likeliest.get(a), likeliest.get(b));
            }
        }
    }

    /** With their weights adding up to 1, the heaviest first, those that weigh nothing left out. */
    static List<Hypothesis> after(BenchModel model, Likelihood likelihood) {
        List<Hypothesis> all = new Hypotheses(model, likelihood).all;
        double most = all.stream().mapToDouble(Hypothesis::weight).max().orElse(0);
        double sum =
                all.stream().mapToDouble(each -> Math.exp(each.weight() - most)).sum();
        return all.stream()
                .map(each -> new Hypothesis(
                        each.faults(),
                        each.strays(),
                        each.along(),
                        each.weighed(),
                        Math.exp(each.weight() - most) / sum))
                .filter(each -> each.weight() > NEGLIGIBLE)
                .sorted(Comparator.comparingDouble(Hypothesis::weight).reversed())
                .toList();
    }

    private double keep(List<Fault> faults, Strays fixed, List<double[]> along, double logPrior) {
        Strays strays = fixed.and(along);
        Likelihood.Weighed weighed = likelihood.under(strays);
        double log = logPrior + weighed.log();
        all.add(new Hypothesis(faults, strays, along, weighed, log));
        return log;
    }

    /** All sizes of a cause, the likeliest first. */
    private List<Sized> single(List<Fault> sizes) {
        List<double[]> middles =
                sizes.stream().map(fault -> model.readings(List.of(fault))).toList();
        double prior = Math.log(ONE * sizes.get(0).kind().often() / often / sizes.size());
        return IntStream.range(0, sizes.size())
                .mapToObj(s -> {
                    Fault fault = sizes.get(s);
                    double[] along = fault.kind().graded() ? along(middles, s) : new double[middles.get(s).length];
                    Strays strays = model.strays(List.of(fault));
                    return new Sized(fault, along, keep(List.of(fault), strays, List.of(along), prior));
                })
                .sorted(Comparator.comparingDouble(Sized::log).reversed())
                .toList();
    }

    /** Half the way to the next size, each way: between two sizes there are others. */
    private static double[] along(List<double[]> middles, int s) {
        int low = Math.max(0, s - 1);
        int high = Math.min(middles.size() - 1, s + 1);
        double[] g = new double[middles.get(s).length];
        for (int i = 0; i < g.length; i++) {
            g[i] = (middles.get(high)[i] - middles.get(low)[i]) / (2 * Math.max(1, high - low));
        }
        return g;
    }

    private void pair(List<Sized> one, List<Sized> other) {
        Fault first = one.get(0).fault();
        Fault second = other.get(0).fault();
        // two sizes of contact at one place are one fault
        if (first.subject().equals(second.subject())) {
            return;
        }
        double prior = Math.log(
                2 * TWO * first.kind().often() * second.kind().often() / (often * often) / one.size() / other.size());
        for (Sized a : one.subList(0, Math.min(SIZES_PAIRED, one.size()))) {
            for (Sized b : other.subList(0, Math.min(SIZES_PAIRED, other.size()))) {
                List<Fault> both = List.of(a.fault(), b.fault());
                keep(both, model.strays(both), List.of(a.along(), b.along()), prior);
            }
        }
    }
}
