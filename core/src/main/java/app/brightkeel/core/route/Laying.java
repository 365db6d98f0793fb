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
public record Laying(double metres, long holes, long crossings, double besideM, double spareM) {

    /** Of a filled rig. */
    public static Laying of(Rig rig, Routes routes) {
        Apart apart = new Apart(rig.craft());
        double beside = 0;
        for (Laid lead : routes.all()) {
            for (Laid wire : routes.all()) {
                if (lead.sonar() && wire.cable().loud()) {
                    beside = Math.max(beside, apart.besideM(lead.legs(), wire.legs()));
                }
            }
        }
        return new Laying(
                routes.all().stream().mapToDouble(Laid::neededM).sum(),
                routes.holes(),
                routes.all().stream().mapToLong(laid -> laid.crossing().size()).sum(),
                beside,
                routes.tightest().spareM());
    }
}
