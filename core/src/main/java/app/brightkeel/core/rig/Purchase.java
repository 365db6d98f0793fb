package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Whether a part is on hand or bought, and for what.
 *
 * @param part   id of the part
 * @param piece  of it that has no id of its own, as lists write it: {@code mount}, {@code extension}; "" for the part itself
 * @param origin of the part when this was said: of another one that takes its place nothing is said
 * @param cameWith id of the part it comes with, "" where it comes with none or nobody said with which
 * @param price  0 to 1 000 000, in the person's own money
 * @param item   id of the piece of gear in the garage that it is; "" where it is none
 */
@RecordBuilder
public record Purchase(
        @Names({
            PartKind.PACK,
            PartKind.JUNCTION,
            PartKind.SEGMENT,
            PartKind.SPARE,
            PartKind.FITTING,
            PartKind.DEVICE,
            PartKind.TRANSDUCER,
            PartKind.HOLDER,
            PartKind.CHARGER,
            PartKind.DATA_LEAD,
            PartKind.BALLAST,
            PartKind.BOX,
            PartKind.BOARD_PART,
            PartKind.EXTRA,
            PartKind.CLOSURE
        })
        String part,

        String piece,
        String origin,
        Having having,
        Figure price,

        @Names(
                value = {
                    PartKind.PACK,
                    PartKind.DEVICE,
                    PartKind.TRANSDUCER,
                    PartKind.HOLDER,
                    PartKind.CHARGER,
                    PartKind.BOX
                },
                orNothing = true,
                gone = Names.Gone.IS_EMPTIED)
        String cameWith,

        String item)
        implements PurchaseBuilder.With {

    /** Ids of pieces of gear begin with it. */
    public static final String ITEM = "item-";

    /** Of what stands in no garage. */
    public Purchase(String part, String piece, String origin, Having having, Figure price, String cameWith) {
        this(part, piece, origin, having, price, cameWith, "");
    }

    public Purchase {
        Checks.id("part", part);
        Checks.text("piece", piece);
        Checks.text("origin", origin);
        Checks.text("item", item);
        Figure.within("price", price, 0, 1e6, "");
    }
}
