package app.brightkeel.benchmark;

import app.brightkeel.core.Ngspice;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.circuit.DenseNewton;
import app.brightkeel.core.circuit.Network;
import app.brightkeel.core.circuit.RandomTree;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.hipparchus.linear.RealVector;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Design bounds: review ≤ 1 ms, 12-node solve ≤ 2 µs, a day's runtime ≤ 0.2 ms; SampleTime prints the spread. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 25, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class LineBenchmark {

    private final RigReviewer reviewer = new RigReviewer();
    private final Rig holds = withExtension(DemoRigs.oystercatcher());
    private final Rig shortLead = DemoRigs.oystercatcher();
    private final Rig fails = DemoRigs.lanternCrate();
    private final Rig fjord = DemoRigs.gannet();
    private final Rig large = TestRigs.twoScreens();
    private final Rig longDay = TestRigs.longDay();
    private final RandomTree tree = RandomTree.of(new Random(5), 12);
    private final Network network = tree.network();
    private final String netlist = tree.netlist();

    @Benchmark
    public Object reviewOfARigThatHolds() {
        return reviewer.review(Line.of(holds));
    }

    private static Rig withExtension(Rig rig) {
        Transducer chirp = rig.transducers().get(0);
        return rig.with(chirp.withLead(chirp.lead().withExtensionM(Figure.rated(3))));
    }

    /** Ways, mounts and extensions are tried one by one. */
    @Benchmark
    public Object reviewOfAShortLead() {
        return reviewer.review(Line.of(shortLead));
    }

    /** The dear case: cures of the battery are tried one by one. */
    @Benchmark
    public Object reviewOfARigThatFails() {
        return reviewer.review(Line.of(fails));
    }

    @Benchmark
    public Object reviewOfTwoScreensOnTwoPacks() {
        return reviewer.review(Line.of(large));
    }

    /** A fjord rig with two screens, a live head and four findings. */
    @Benchmark
    public Object reviewOfTheFjordRig() {
        return reviewer.review(Line.of(fjord));
    }

    /** Bound: all types of transducer ranked in 5 ms. */
    @Benchmark
    public Object rankingOfTransducers() {
        return Comparison.of(Line.of(fjord), Link.TRANSDUCER, reviewer);
    }

    /** The dear case: pairs with live heads are proposed, each with a box, a lead and its cables. */
    @Benchmark
    public Object rankingOfTransducersAndPairs() {
        return Comparison.of(Line.of(shortLead), Link.TRANSDUCER, reviewer);
    }

    /** Bound: every type in every mount of a craft ranked in 20 ms. */
    @Benchmark
    public Object rankingOfMountsAndTypes() {
        return Comparison.wider(Line.of(shortLead), Link.MOUNT, reviewer);
    }

    @Benchmark
    public Object rankingOfMounts() {
        return Comparison.of(Line.of(fjord), Link.MOUNT, reviewer);
    }

    @Benchmark
    public Object runtimeWithItsBand() {
        return Line.of(fails).get(RuntimeBand.STAGE);
    }

    /** Bound: twelve hours in eight parts with six devices, 0.5 ms with its band. */
    @Benchmark
    public Object longDayWithItsBand() {
        return Line.of(longDay).get(RuntimeBand.STAGE);
    }

    @Benchmark
    public Object twoPacksWithTheirBand() {
        return Line.of(large).get(RuntimeBand.STAGE);
    }

    /** Bound: what is on hand and the whole catalogue, each turned every way, 20 ms. */
    @Benchmark
    public Object comparisonOfTheCatalogue() {
        return Comparison.of(Line.of(fails), Link.BATTERY, reviewer);
    }

    @Benchmark
    @BenchmarkMode(Mode.AverageTime)
    public boolean solveTwelveNodes() {
        return network.solve(tree.restVolts(), tree.innerOhm(), tree.watts());
    }

    /** The same network by dense Newton steps of a mathematics library, from the same start to the same accuracy. */
    @Benchmark
    @BenchmarkMode(Mode.AverageTime)
    public RealVector solveTwelveNodesDense() {
        return DenseNewton.volts(tree);
    }

    /** The same network by one run of ngspice, its start included. */
    @Benchmark
    @BenchmarkMode(Mode.AverageTime)
    @Warmup(iterations = 1, time = 1)
    public String solveTwelveNodesByNgspice() throws Exception {
        return Ngspice.run(netlist);
    }
}
