package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Unit;
import java.util.Map;

/** What the fields of a rig are called in sentences, and the unit of each figure. */
public final class Fields {

    /**
     * @param words as in "the … of the stern battery"
     * @param unit  of the figure; of no use for a choice
     */
    public record Field(String words, Unit unit) {}

    private static final Map<String, Field> ALL = Map.ofEntries(
            Map.entry("age", new Field("share of the rating left", Unit.PERCENT)),
            Map.entry("airC", new Field("air temperature", Unit.CELSIUS)),
            Map.entry("amps", new Field("current", Unit.AMPERE)),
            Map.entry("atM", new Field("place", Unit.MILLIMETRE)),
            Map.entry("backlightShare", new Field("backlight's share", Unit.PERCENT)),
            Map.entry("backlightW", new Field("draw of the backlight", Unit.WATT)),
            Map.entry("baseW", new Field("base draw", Unit.WATT)),
            Map.entry("brightness", new Field("brightness", Unit.PERCENT)),
            Map.entry("capacityAh", new Field("capacity", Unit.AMPERE_HOUR)),
            Map.entry("cellsOhm", new Field("inner resistance", Unit.OHM)),
            Map.entry("depth", new Field("depth of use", Unit.PERCENT)),
            Map.entry("duty", new Field("share of time on", Unit.PERCENT)),
            Map.entry("electronicsOhm", new Field("resistance of the electronics", Unit.OHM)),
            Map.entry("hours", new Field("hours", Unit.HOUR)),
            Map.entry("displaySoundMs", new Field("speed of sound in the display", Unit.METRE_PER_SECOND)),
            Map.entry("leastM", new Field("least depth", Unit.DEPTH)),
            Map.entry("mostM", new Field("greatest depth", Unit.DEPTH)),
            Map.entry("salinity", new Field("salinity", Unit.GRAM_PER_KILOGRAM)),
            Map.entry("typicalM", new Field("typical depth", Unit.DEPTH)),
            Map.entry("waterC", new Field("water temperature", Unit.CELSIUS)),
            Map.entry("lengthM", new Field("length", Unit.METRE)),
            Map.entry("massKg", new Field("mass", Unit.KILOGRAM)),
            Map.entry("maxDischargeA", new Field("most it may give", Unit.AMPERE)),
            Map.entry("maxFuseA", new Field("maker's largest fuse", Unit.RATING)),
            Map.entry("maxV", new Field("highest volts", Unit.VOLT)),
            Map.entry("minV", new Field("lowest volts", Unit.VOLT)),
            Map.entry("minWireMm2", new Field("maker's thinnest wire", Unit.WIRE)),
            Map.entry("ohm", new Field("resistance", Unit.OHM)),
            Map.entry("peukert", new Field("Peukert exponent", Unit.FACTOR)),
            Map.entry("ratedHours", new Field("rated time", Unit.RATED_HOUR)),
            Map.entry("ratingA", new Field("rating", Unit.RATING)),
            Map.entry("tempC", new Field("temperature", Unit.CELSIUS)),
            Map.entry("volts", new Field("volts at the meter", Unit.VOLT)),
            choice("blocks", "12 V blocks in series"),
            choice("bundled", "conductors in the bundle"),
            choice("chemistry", "chemistry"),
            choice("draw", "draw"),
            choice("form", "form"),
            choice("from", "start"),
            choice("fusing", "school of fusing"),
            choice("gauge", "gauge"),
            choice("insulation", "insulation class"),
            choice("kind", "kind"),
            choice("motion", "motion"),
            choice("name", "name"),
            choice("origin", "catalogue item"),
            choice("season", "season"),
            choice("sheathed", "sheath"),
            choice("text", "text"),
            choice("tinned", "tinned strands"),
            choice("to", "end"));

    private Fields() {}

    private static Map.Entry<String, Field> choice(String name, String words) {
        return Map.entry(name, new Field(words, Unit.COUNT));
    }

    /** The field of this name; one without an entry is a bug, which a test over all records finds. */
    public static Field of(String name) {
        Field field = ALL.get(name);
        if (field == null) {
            throw new IllegalArgumentException("a field without words: " + name);
        }
        return field;
    }
}
