package app.brightkeel.server.http;

import app.brightkeel.core.build.ApartSheet;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.station.Conversion;
import app.brightkeel.core.station.FitThere;
import app.brightkeel.core.station.Second;
import java.util.List;

/**
 * What goes from one rig to another.
 *
 * @param from    name of the one, and {@code to} of the other
 * @param carried names of what goes along without a step of its own
 * @param set     what has to be set before the first look there
 * @param minutes of both sheets [min]
 * @param plugs   pulled here and pushed there
 */
public record StationView(
        String from,
        String to,
        List<Conversion.Thing> things,
        List<Second> seconds,
        List<FitThere> fits,
        ApartSheet here,
        ApartSheet there,
        List<String> carried,
        List<Text> set,
        double minutes,
        int plugs) {

    /**
     * Another rig that this one could share gear with.
     *
     * @param shared how many pieces both have
     */
    public record OtherStation(String id, String name, int shared) {}
}
