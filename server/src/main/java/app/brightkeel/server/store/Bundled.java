package app.brightkeel.server.store;

import app.brightkeel.core.build.Tick;
import app.brightkeel.core.build.Workshop;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Trip;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * A rig with all that was done of it, to be kept as one.
 *
 * @param photos read one after the other while they are kept: all at once need not fit into memory
 */
public record Bundled(
        Rig rig,
        Optional<Workshop> workshop,
        List<String> order,
        List<Tick> ticks,
        List<BuildStore.StepNote> notes,
        List<BenchStore.Read> readings,
        List<Trip> trips,
        List<Supplier<Photo>> photos) {

    /** A photo with its bytes; sides in pixels. */
    public record Photo(String step, PhotoStore.Shot shot, int wide, int tall, String takenAt) {}
}
