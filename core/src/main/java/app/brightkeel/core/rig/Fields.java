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
            Map.entry("alongDeg", new Field("small angle of the fan", Unit.DEGREE)),
            Map.entry("binM", new Field("step of depth", Unit.METRE)),
            Map.entry("fishLengthM", new Field("length of the fish", Unit.METRE)),
            Map.entry("leanDeg", new Field("lean of the pole", Unit.DEGREE)),
            Map.entry("pins", new Field("pins of the plug", Unit.COUNT)),
            Map.entry("plugPins", new Field("pins of the power plug", Unit.COUNT)),
            Map.entry("powerPins", new Field("pins of the power socket", Unit.COUNT)),
            Map.entry("ratedM", new Field("rated depth", Unit.DEPTH)),
            Map.entry("slopeDeg", new Field("slope of the bottom", Unit.DEGREE)),
            Map.entry("sonarPins", new Field("pins of the sonar socket", Unit.COUNT)),
            Map.entry("tiltDeg", new Field("tilt of the head", Unit.DEGREE)),
            Map.entry("toPins", new Field("pins of the adapter", Unit.COUNT)),
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
            Map.entry("bandwidthKhz", new Field("bandwidth", Unit.KILOHERTZ)),
            Map.entry("beach", new Field("weight of the beach", Unit.FACTOR)),
            Map.entry("beamM", new Field("greatest width", Unit.METRE)),
            Map.entry("belowM", new Field("reach below", Unit.MILLIMETRE)),
            Map.entry("bodyM", new Field("largest width", Unit.MILLIMETRE)),
            Map.entry("cableM", new Field("width of the cable", Unit.MILLIMETRE)),
            Map.entry("deepM", new Field("length, fore and aft,", Unit.MILLIMETRE)),
            Map.entry("depthM", new Field("depth of the hull", Unit.MILLIMETRE)),
            Map.entry("drag", new Field("weight of drag", Unit.FACTOR)),
            Map.entry("drill", new Field("weight of not drilling", Unit.FACTOR)),
            Map.entry("dripM", new Field("drip loop", Unit.METRE)),
            Map.entry("ease", new Field("weight of tools and time", Unit.FACTOR)),
            Map.entry("extensionM", new Field("extension", Unit.METRE)),
            Map.entry("fishM", new Field("height of the fish above the bottom", Unit.METRE)),
            Map.entry("freeM", new Field("length left free at the transducer", Unit.METRE)),
            Map.entry("fromBowM", new Field("distance from the bow", Unit.METRE)),
            Map.entry("fullDeg", new Field("beam angle", Unit.DEGREE)),
            Map.entry("gearKg", new Field("mass of other gear", Unit.KILOGRAM)),
            Map.entry("halfWidthM", new Field("half width", Unit.MILLIMETRE)),
            Map.entry("heightM", new Field("height over the bottom line", Unit.MILLIMETRE)),
            Map.entry("iceM", new Field("thickness of the ice", Unit.MILLIMETRE)),
            Map.entry("kiloHertz", new Field("frequency", Unit.KILOHERTZ)),
            Map.entry("loopM", new Field("service loop", Unit.METRE)),
            Map.entry("movingM", new Field("slack for moving parts", Unit.METRE)),
            Map.entry("openingM", new Field("clear opening", Unit.MILLIMETRE)),
            Map.entry("plugM", new Field("width of the plug", Unit.MILLIMETRE)),
            Map.entry("removal", new Field("weight of coming off quickly", Unit.FACTOR)),
            Map.entry("seatHeightM", new Field("height of the seat", Unit.MILLIMETRE)),
            Map.entry("seatM", new Field("distance of the seat from the bow", Unit.METRE)),
            Map.entry("sideM", new Field("distance right of the centre line", Unit.METRE)),
            Map.entry("tallM", new Field("height", Unit.MILLIMETRE)),
            Map.entry("view", new Field("weight of the view", Unit.FACTOR)),
            Map.entry("wideM", new Field("width", Unit.MILLIMETRE)),
            choice("belowWaterline", "place below the waterline"),
            choice("carries", "cable"),
            choice("comesOff", "taking off after the day"),
            choice("crosses", "crossing"),
            choice("drilling", "school of drilling"),
            choice("family", "family"),
            choice("handle", "handle of the pole"),
            choice("look", "look of the live fan"),
            choice("loses", "beams the adapter loses"),
            choice("shape", "shape of the beam"),
            choice("shows", "beams that are shown"),
            choice("style", "style of fishing"),
            choice("version", "sort of sound"),
            choice("feeds", "display"),
            choice("item", "thing"),
            choice("inUse", "beam in use"),
            choice("legs", "way through the craft"),
            choice("quoted", "loss at the quoted angle"),
            choice("screen", "school of the screen's place"),
            choice("sort", "sort"),
            choice("spot", "sort of place"),
            choice("station", "place"),
            choice("type", "type"),
            choice("way", "way"),
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
