package app.brightkeel.benchmark;

import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.line.Line;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Whole rigs advised: the exact front of about a hundred thousand, from the rig as it was entered. Bound: 2 s on two cores, on
 * the machine as {@code ./keel} starts it.
 */
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2)
@Measurement(iterations = 5)
public class AdviceBenchmark extends OfDemoRig {

    private static final long RIGS = 125_000;

    @Benchmark
    public Object search100k() {
        Advisor advisor = Advisor.of(Line.of(demoRig()), List.of(), RIGS, () -> false, done -> {});
        if (advisor.searched() < 100_000) {
            throw new IllegalStateException("only " + advisor.searched());
        }
        return advisor;
    }
}
