package app.brightkeel.server.http;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import java.util.List;

/**
 * Gear that a person owns.
 *
 * @param kinds   of gear, in the order in which they are listed
 * @param clashes what several rigs want on one day, in the order of the days
 */
public record Garage(List<KindShown> kinds, List<ItemShown> items, List<ItemClash> clashes) {

    /** @param words of one, and {@code many} of several */
    public record KindShown(ItemKind kind, String words, String many) {}

    /**
     * One piece.
     *
     * @param about  its sort and its first figures
     * @param ageY   since it was bought [a]; unset where nobody knows when
     * @param ageing what its years say; empty words where they say nothing
     * @param photos ids of them
     */
    public record ItemShown(
            String id,
            ItemKind kind,
            String name,
            Text about,
            String place,
            String bought,
            Figure ageY,
            Text ageing,
            Figure paid,
            Figure worth,
            String note,
            List<ItemChoice> choices,
            List<ItemNumber> numbers,
            List<ItemUse> uses,
            List<String> photos) {}

    /**
     * Something declared in a word.
     *
     * @param chosen as files write it
     */
    public record ItemChoice(String name, String words, String chosen, List<ItemWord> among) {}

    /** A word to choose, as files write it and as a sentence has it. */
    public record ItemWord(String name, String words) {}

    /** Something declared as a number, in the unit of its field. */
    public record ItemNumber(String name, String words, Unit unit, Figure figure) {}

    /**
     * A rig that has it.
     *
     * @param compared whether the rig only compares with it
     * @param differs  what its copy says otherwise
     */
    public record ItemUse(String rig, String rigName, String part, boolean compared, List<Text> differs) {}

    /** A piece that several rigs want on one day. */
    public record ItemClash(String day, String item, String name, List<String> rigs) {}
}
