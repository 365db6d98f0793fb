package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.TransducerType;
import app.brightkeel.core.water.WaterState;
import java.util.List;

/**
 * What one transducer sees in the water that is fished.
 *
 * @param transducer id
 * @param views      its beams, in their order
 * @param inUse      id of the beam that is used; "" where it is switched by the depth
 * @param underM     its face below the surface [m]; 0 where the mount is not known yet
 */
public record Sight(
        String transducer,
        String name,
        TransducerType type,
        List<View> views,
        String inUse,
        WaterState water,
        double underM) {

    /** Depth at which one changes from the wide to the narrow beam [m]; common practice, no source: 12 to 18. */
    public static final double SWITCH_M = 15;

    public Sight {
        views = List.copyOf(views);
    }

    /** The beam that is used at a depth [m]: the chosen one, or wide in the shallows and narrow in the deep. */
    public View at(double depthM) {
        View best = views.get(0);
        for (View view : views) {
            boolean chosen = view.beam().equals(inUse);
            boolean wider = view.cone().fullRad() > best.cone().fullRad();
            boolean better = inUse.isEmpty() && wider == depthM <= SWITCH_M && differs(view, best);
            if (chosen || better) {
                best = view;
            }
            if (chosen) {
                break;
            }
        }
        return best;
    }

    private static boolean differs(View a, View b) {
        return a.cone().fullRad() != b.cone().fullRad();
    }

    /** The widest beam that is ever used: all that is in its way matters. */
    public View widest() {
        View shallow = at(water.leastM());
        View deep = at(water.mostM());
        return shallow.cone().fullRad() >= deep.cone().fullRad() ? shallow : deep;
    }

    /** Bottom below the face at a depth [m]; never less than nothing. */
    public double belowFaceM(double depthM) {
        return Math.max(0, depthM - underM);
    }

    /** Diameter of what is seen of the bottom at a depth [m]. */
    public double footprintM(double depthM) {
        return at(depthM).cone().footprintM(belowFaceM(depthM));
    }

    /** Height above a flat bottom that is hidden at the edge of the beam at a depth [m]. */
    public double hiddenM(double depthM) {
        return at(depthM).deadZone(belowFaceM(depthM)).downSlopeM();
    }
}
