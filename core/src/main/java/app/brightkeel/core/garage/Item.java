package app.brightkeel.core.garage;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Note;

/**
 * A piece of gear that a person owns.
 *
 * @param id     as rigs name it
 * @param place  where it is now, in the person's own words; "" where nobody said
 * @param bought on which day, as 2024-05-31; "" where nobody knows
 * @param paid   for it, 0 to 1 000 000, in the person's own money
 * @param worth  what another like it costs today, or it would bring, 0 to 1 000 000
 * @param note   line breaks allowed, at most {@link Note#LONGEST} characters
 */
public record Item(
        String id, String name, Thing thing, String place, String bought, Figure paid, Figure worth, String note) {

    /** Most that one garage holds. */
    public static final int MOST = 2000;

    /** @throws Refusal naming the field */
    public Item {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("place", place);
        if (!bought.isEmpty()) {
            Checks.day("bought", bought, "a day such as 2024-05-31, or nothing");
        }
        Figure.within("paid", paid, 0, 1e6, "");
        Figure.within("worth", worth, 0, 1e6, "");
        if (note.length() > Note.LONGEST || note.chars().anyMatch(c -> Character.isISOControl(c) && c != '\n')) {
            throw new Refusal(
                    RefusalCode.BAD_TEXT,
                    "note",
                    note,
                    "at most " + Note.LONGEST + " characters, no control characters");
        }
        Checks.sound("note", note);
    }

    public ItemKind kind() {
        return thing.kind();
    }

    public Item withThing(Thing changed) {
        return new Item(id, name, changed, place, bought, paid, worth, note);
    }
}
