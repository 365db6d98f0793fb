package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A cable between two devices that carries no sonar and no supply: of a network, a keypad, a live module.
 *
 * @param from    id of a device, and {@code to} of another
 * @param lengthM as bought, 0.1 to 50 [m]; bought to length, so never assumed
 * @param signals what runs on it
 * @param plugM   largest width of its plug, 0.003 to 0.1 [m]; never assumed
 */
@RecordBuilder
public record DataLead(
        String id,
        String name,
        @Names(PartKind.DEVICE) String from,
        @Names(PartKind.DEVICE) String to,
        Figure lengthM,
        Figure plugM,
        Signals signals)
        implements DataLeadBuilder.With {
    /** Of which nobody said what runs on it. */
    public DataLead(String id, String name, String from, String to, Figure lengthM, Figure plugM) {
        this(id, name, from, to, lengthM, plugM, Signals.UNDECIDED);
    }

    /** @throws Refusal naming the field for one that leads back to where it begins */
    public DataLead {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.id("from", from);
        Checks.id("to", to);
        if (to.equals(from)) {
            throw new Refusal(RefusalCode.DANGLING, "to", to, "the id of another device of this rig");
        }
        Figure.within("lengthM", lengthM, 0.1, 50, "m");
        Figure.within("plugM", plugM, 0.003, 0.1, "m");
    }
}
