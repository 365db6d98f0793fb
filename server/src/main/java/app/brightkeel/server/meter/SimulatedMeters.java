package app.brightkeel.server.meter;

import app.brightkeel.core.reading.BenchModel;
import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The simulated meters that are switched on: one at a rig, a few in all. */
@Component
public class SimulatedMeters {

    private static final int MOST = 4;

    private record At(long revision, SimulatedMeter meter) {}

    private final Map<String, At> running = new LinkedHashMap<>();

    /** The meter at a rig; one of another revision is switched off. */
    public synchronized Optional<SimulatedMeter> at(String rig, long revision) {
        At at = running.get(rig);
        if (at != null && at.revision() != revision) {
            switchOff(rig);
            return Optional.empty();
        }
        return Optional.ofNullable(at).map(At::meter);
    }

    /** Switches one on; where too many are on, the oldest goes off. */
    public synchronized SimulatedMeter switchOn(String rig, long revision, BenchModel model) {
        Optional<SimulatedMeter> there = at(rig, revision);
        if (there.isPresent()) {
            return there.get();
        }
        if (running.size() == MOST) {
            switchOff(running.keySet().iterator().next());
        }
        // by its revision, not by its id: the same rig measured again says the same
        SimulatedMeter meter = new SimulatedMeter(model, revision);
        running.put(rig, new At(revision, meter));
        return meter;
    }

    public synchronized void switchOff(String rig) {
        At at = running.remove(rig);
        if (at != null) {
            at.meter().close();
        }
    }

    @PreDestroy
    synchronized void allOff() {
        running.values().forEach(at -> at.meter().close());
        running.clear();
    }
}
