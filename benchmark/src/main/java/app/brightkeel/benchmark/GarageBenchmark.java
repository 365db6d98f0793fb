package app.brightkeel.benchmark;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Workshop;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Diagnosis;
import app.brightkeel.core.reading.Fault;
import app.brightkeel.core.reading.FaultKind;
import app.brightkeel.core.reading.Reading;
import app.brightkeel.core.reading.SimulatedBench;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The largest demo rig as steps, order and days, and on the bench: its model, and a diagnosis of all its readings. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class GarageBenchmark {

    private final Rig rig = DemoRigs.gannet();
    private final Workshop workshop = Workshop.usual("2026-12-04", "Europe/Oslo");
    private final BenchModel model = BenchModel.of(Line.of(rig)).value();
    private final List<Reading> readings = readings();

    private List<Reading> readings() {
        Fault fault = new Fault(FaultKind.BAD_CRIMP, "trunk/end", 0.15);
        SimulatedBench bench = new SimulatedBench(model, List.of(fault), 26);
        return bench.points().stream().map(bench::read).toList();
    }

    /** From the rig as it was typed: every stage anew. */
    @Benchmark
    public BuildPlan sheet() {
        return BuildPlan.of(Line.of(rig), workshop);
    }

    @Benchmark
    public BenchModel bench() {
        return BenchModel.of(Line.of(rig)).value();
    }

    @Benchmark
    public Diagnosis diagnosis() {
        return Diagnosis.of(model, readings);
    }
}
