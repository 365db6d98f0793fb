package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.Spot;
import java.util.List;
import java.util.Optional;

/**
 * One transducer in its mount, with what may stand in its way.
 *
 * @param halfRad      half of the widest beam that is used; 0 where the beams are not known yet
 * @param spot         sort of the station it sits at
 * @param proudM       face below the hull there, negative where it is recessed; on ice below the surface
 * @param openingM     clear width of its pocket or hole
 * @param bodyM        its largest width
 * @param plateM       length its adapter plate carries
 * @param turnDeg      how far it is turned each way from ahead; empty where it is not turned
 * @param side         whether it looks to the sides
 * @param acrossDeg    width of its live fan; 0 without one
 * @param riseX        of the water per metre aft, and {@code riseY} per metre to the right
 * @param outline      of the hull, where the face may lie higher than it; empty on ice
 * @param iceM         thickness of the ice
 * @param obstructions of the craft
 * @param scuppersM    how far aft of each other open scupper in line with it it sits [m]
 */
public record HeldFace(
        Face face,
        String name,
        double halfRad,
        Spot spot,
        double proudM,
        Optional<Double> openingM,
        Optional<Double> bodyM,
        Optional<Double> plateM,
        Optional<Integer> turnDeg,
        boolean side,
        int acrossDeg,
        double riseX,
        double riseY,
        Optional<Outline> outline,
        Optional<Double> iceM,
        List<Obstruction> obstructions,
        List<Double> scuppersM) {

    public HeldFace {
        obstructions = List.copyOf(obstructions);
        scuppersM = List.copyOf(scuppersM);
    }
}
