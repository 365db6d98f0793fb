package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A tether, a hood, a cap: a small thing that goes with another part.
 *
 * @param of id of that part; "" for the rig as a whole
 */
@RecordBuilder
public record Extra(
        String id,
        String name,
        ExtraKind kind,

        @Names(
                value = {
                    PartKind.TRANSDUCER,
                    PartKind.DEVICE,
                    PartKind.HOLDER,
                    PartKind.PACK,
                    PartKind.BOX,
                    PartKind.SEGMENT,
                    PartKind.DATA_LEAD
                },
                orNothing = true)
        String of)
        implements ExtraBuilder.With {

    public Extra {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("of", of);
    }
}
