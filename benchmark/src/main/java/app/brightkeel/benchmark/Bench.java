package app.brightkeel.benchmark;

import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.CommandLineOptions;

/** Runs the benchmarks by JMH's own options, and says how many times as long the second opinions on a network take. */
public final class Bench {

    private static final String OURS = "solveTwelveNodes";

    private Bench() {}

    public static void main(String[] args) throws Exception {
        CommandLineOptions options = new CommandLineOptions(args);
        if (options.shouldHelp()) {
            options.showHelp();
            return;
        }
        if (options.shouldList()) {
            new Runner(options).list();
            return;
        }
        Collection<RunResult> results = new Runner(options).run();
        Map<String, Double> microseconds = results.stream()
                .collect(Collectors.toMap(
                        result -> nameOf(result.getParams().getBenchmark()),
                        result -> result.getPrimaryResult().getScore(),
                        // of one that is run for several rigs any will do: none of them is compared
                        (one, other) -> one));
        Double ours = microseconds.get(OURS);
        if (ours != null) {
            microseconds.forEach((name, time) -> {
                if (name.startsWith(OURS) && !name.equals(OURS)) {
                    System.out.printf("%s takes %.0f times as long as %s%n", name, time / ours, OURS);
                }
            });
        }
    }

    private static String nameOf(String benchmark) {
        return benchmark.substring(benchmark.lastIndexOf('.') + 1);
    }
}
