package app.brightkeel.core.route;

import app.brightkeel.core.rig.Rig;

/**
 * All cables of a rig on their ways, in five numbers.
 *
 * @param metres    of cable, loops included
 * @param holes     to drill
 * @param crossings of what moves or has to stay clear
 * @param besideM   most of a transducer's lead beside an untwisted supply wire [m]
 * @param spareM    of the tightest [m]
 */
public record LayingSummary(double metres, long holes, long crossings, double besideM, double spareM) {

    /** Of a filled rig. */
    public static LayingSummary of(Rig rig, Routes routes) {
        SupplyBesideSonar apart = new SupplyBesideSonar(rig.craft());
        double beside = 0;
        for (LaidCable lead : routes.all()) {
            for (LaidCable wire : routes.all()) {
                if (lead.sonar() && wire.cable().loud()) {
                    beside = Math.max(beside, apart.besideM(lead.legs(), wire.legs()));
                }
            }
        }
        return new LayingSummary(
                routes.all().stream().mapToDouble(LaidCable::neededM).sum(),
                routes.holes(),
                routes.all().stream().mapToLong(laid -> laid.crossing().size()).sum(),
                beside,
                routes.tightest().spareM());
    }
}
