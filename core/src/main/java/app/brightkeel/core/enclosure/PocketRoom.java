package app.brightkeel.core.enclosure;

import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether the pockets of one state of a box go into it, side by side and on each other. */
public final class PocketRoom {

    /** What the cloth or board of a pocket takes is not counted: only what is surely too much is found [m]. */
    private static final double PLAY_M = 0.001;

    private PocketRoom() {}

    /**
     * By how much the pockets of a state are too large for a filled box together [m]; nothing where they go in, where there
     * are none, too many to look at every way, or where measures are open.
     */
    public static Optional<Double> overM(Enclosure box, Pose pose) {
        Optional<Box> room = Rooms.inside(box);
        List<Arrangement.Thing> things = new ArrayList<>();
        for (Pocket pocket : box.pockets()) {
            if (pocket.pose() == pose && pocket.inside().known()) {
                things.add(new Arrangement.Thing(0, turned(Box.of(pocket.inside()))));
            }
        }
        if (room.isEmpty() || things.isEmpty() || things.size() > Arrangement.MOST_TOGETHER) {
            return Optional.empty();
        }
        double gap = Arrangement.leastGapM(Arrangement.of(things, room.get()).around(), room.get());
        return gap < -PLAY_M ? Optional.of(-gap) : Optional.empty();
    }

    private static List<Box> turned(Box box) {
        double d = box.deepM();
        double w = box.wideM();
        double t = box.tallM();
        return Stream.of(
                        new Box(d, w, t),
                        new Box(w, d, t),
                        new Box(d, t, w),
                        new Box(t, d, w),
                        new Box(w, t, d),
                        new Box(t, w, d))
                .toList();
    }
}
