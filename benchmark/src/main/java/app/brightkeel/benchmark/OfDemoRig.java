package app.brightkeel.benchmark;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Rig;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** What is timed for each demo rig, on the machine as {@code ./keel} starts it. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(
        value = 1,
        jvmArgsAppend = {"-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx256m"})
public abstract class OfDemoRig {

    @Param({"Oystercatcher", "Lantern", "Sandpiper", "Gannet", "Reedling"})
    public String name = "";

    final RigReviewer reviewer = new RigReviewer();

    final Rig demoRig() {
        return DemoRigs.all().stream()
                .filter(each -> each.name().startsWith(name))
                .findFirst()
                .orElseThrow();
    }
}
