package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;

/**
 * Why something is as it is, in the person's own words.
 *
 * @param part id of the part it is about; "" for the rig as a whole
 * @param text 1 to {@link #LONGEST} characters, line breaks allowed
 */
public record Note(
        @Names(
                value = {
                    PartKind.PACK,
                    PartKind.JUNCTION,
                    PartKind.SEGMENT,
                    PartKind.SPARE,
                    PartKind.FITTING,
                    PartKind.DEVICE,
                    PartKind.TRANSDUCER,
                    PartKind.RUN,
                    PartKind.HOLDER,
                    PartKind.ON_HAND,
                    PartKind.CHARGER,
                    PartKind.DATA_LEAD,
                    PartKind.BALLAST,
                    PartKind.BOX,
                    PartKind.RIB,
                    PartKind.EXIT,
                    PartKind.POCKET,
                    PartKind.BOARD_PART,
                    PartKind.EXTRA,
                    PartKind.FASTENER,
                    PartKind.CLOSURE,
                    PartKind.PHASE
                },
                orNothing = true,
                once = "one note for each part")
        String part,

        String text) {

    public static final int LONGEST = 1000;

    /** @throws Refusal for a text that is blank, too long or holds control characters */
    public Note {
        boolean control = text.chars().anyMatch(c -> Character.isISOControl(c) && c != '\n');
        if (text.isBlank() || text.length() > LONGEST || control) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT,
                    "text",
                    text.isBlank() ? "blank" : text,
                    "1 to " + LONGEST + " characters, no control characters");
        }
        Checks.sound("text", text);
    }
}
