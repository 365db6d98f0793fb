package app.brightkeel.server.http;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * What a rig has to do with the garage.
 *
 * @param pieces  its parts that are or could be pieces of gear
 * @param days    to come on which it is to go out
 * @param clashes what another rig wants on one of them, too
 */
public record RigGarage(long revision, List<RigPiece> pieces, List<String> days, List<Garage.ItemClash> clashes) {

    /**
     * A part of it.
     *
     * @param part    as addresses write it
     * @param item    id of the piece of gear that it is; "" where it is none
     * @param owned   whether it is said to be on hand
     * @param differs what the rig's copy says otherwise than the garage
     * @param alsoIn  names of other rigs that have it
     */
    public record RigPiece(
            String part,
            ItemKind kind,
            String name,
            String item,
            boolean owned,
            List<Text> differs,
            List<String> alsoIn) {}
}
