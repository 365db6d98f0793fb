package app.brightkeel.core.layout;

import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.rig.Bail;
import app.brightkeel.core.rig.Craft;
import java.util.List;
import java.util.Optional;

/**
 * How something hangs by a bail whose ends sit at its rim: its weight comes to lie under the line between them.
 *
 * @param besideM of its weight beside that line [m]
 * @param belowM  of it below the line [m]; not positive where it would turn over
 */
public record Hang(double besideM, double belowM) {

    /** Of what stands on the ice, where it has a bail and all is known. */
    public static Optional<Hang> of(Line line) {
        Craft craft = line.rig().craft();
        Outcome<CarryNeeds> needs = line.needs(CarryStage.STAGE);
        if (craft.bail() == Bail.NONE || !needs.isKnown() || !craft.depthM().isSet()) {
            return Optional.empty();
        }
        return needs.value().base().map(base -> of(craft, base));
    }

    private static Hang of(Craft craft, CarryNeeds.Base base) {
        double tall = craft.depthM().value();
        List<MassAt> all = base.masses(tall);
        double kg = all.stream().mapToDouble(MassAt::kg).sum();
        double x = all.stream().mapToDouble(m -> m.kg() * m.xM()).sum() / kg;
        double y = all.stream().mapToDouble(m -> m.kg() * m.yM()).sum() / kg;
        double z = all.stream().mapToDouble(m -> m.kg() * m.zM()).sum() / kg;
        return new Hang(craft.bail() == Bail.ALONG ? Math.abs(y) : Math.abs(x - base.lengthM() / 2), tall - z);
    }

    /** How far over it hangs [rad]; half a turn where its weight lies above the bail's ends. */
    public double overRad() {
        return belowM <= 0 ? Math.PI : Math.atan2(besideM, belowM);
    }
}
