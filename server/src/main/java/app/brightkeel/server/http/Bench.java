package app.brightkeel.server.http;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reading.Contact;
import app.brightkeel.core.reading.Diagnosis;
import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.reading.Fault;
import app.brightkeel.server.store.BenchStore;
import java.util.List;

/**
 * A rig on the bench.
 *
 * @param expected  in the order in which they are read; none where figures are missing
 * @param readings  the last of each point, also of points that the rig no longer has
 * @param outside   ids of points whose reading lies where it should not
 * @param contacts  what volts lost and amperes together say of what lies between
 * @param diagnosis of the readings
 * @param meter     the simulated one
 * @param picture   the harness with the readings beside it
 * @param waits     what is missing before anything can be expected; no words where nothing is
 */
public record Bench(
        long revision,
        List<Expected> expected,
        List<BenchStore.Read> readings,
        List<String> outside,
        List<Contact> contacts,
        Diagnosis diagnosis,
        MeterState meter,
        Picture picture,
        Text waits) {

    /**
     * A simulated meter.
     *
     * @param port   on which it listens, 0 where it is off
     * @param faults what is wrong with its rig, each of its own size
     * @param may    everything that can be made to go wrong, once for each place and size
     */
    public record MeterState(int port, List<Wrong> faults, List<Wrong> may) {}

    /** A fault that can be set, in words. */
    public record Wrong(Fault fault, Text what) {}
}
