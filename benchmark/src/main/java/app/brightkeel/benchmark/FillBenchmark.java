package app.brightkeel.benchmark;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A rig filled in from nothing but what carries it, on the machine as {@code ./keel} starts it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(
        value = 1,
        jvmArgsAppend = {"-XX:TieredStopAtLevel=1", "-Xmx256m"})
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
public class FillBenchmark {

    @Param({"SIT_ON_TOP", "PEDAL_KAYAK", "CANOE", "FLAT_BOTTOM_BOAT", "ICE_WALK_OUT"})
    private CraftKind craft = CraftKind.CANOE;

    private Rig blank = Rig.blank("blank", craft);

    @Setup
    public void begin() {
        Rig rig = Rig.blank("blank", craft);
        Phase day = new Phase("day", "the day", Figure.UNSET, Figure.UNSET, List.of());
        blank = rig.withOuting(rig.outing().withPhases(List.of(day)));
    }

    @Benchmark
    public Object fillIn() {
        return Comparison.find(Line.of(blank), "water.fill-in");
    }
}
