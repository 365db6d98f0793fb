package app.brightkeel.core.review.change.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.LoadTest;
import app.brightkeel.core.rig.Pack;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Changes of what is said of single packs. */
public final class PackChanges {

    /** Most that an AA cell holds at small currents [Ah]; from memory. */
    public static final double MOST_OF_AA_AH = 2.8;

    /** What it is planned with: the middle of 2.2 to 2.8 Ah. */
    private static final double AA_AH = 2.5;

    /** A cellar or a room without a heater [°C]; common practice, no source. */
    private static final double COOL_C = 15;

    private PackChanges() {}

    /** As many blocks, or the chemistry, that the volts on the label speak of. */
    public static Stream<Change> byLabel(Line line) {
        return packs(line, pack -> pack.label().nominalV().isSet())
                .flatMap(pack -> Stream.concat(blocks(line, pack), chemistries(line, pack)));
    }

    private static Stream<Change> blocks(Line line, Pack pack) {
        return IntStream.rangeClosed(1, 4)
                .filter(blocks -> blocks != pack.blocks())
                .mapToObj(blocks -> new Change(
                        "battery.blocks." + pack.id() + "." + blocks,
                        Text.of("{} as {} block(s) of 12 V", pack.name(), blocks),
                        Effort.SETTING,
                        line.entered().with(pack.withBlocks(blocks))));
    }

    private static Stream<Change> chemistries(Line line, Pack pack) {
        return Chemistry.decided().stream()
                .filter(chemistry -> chemistry != pack.chemistry())
                .map(chemistry -> new Change(
                        "battery.chemistry." + pack.id() + "." + Table.written(chemistry),
                        Text.of("{} is {}", pack.name(), chemistry.words()),
                        Effort.SETTING,
                        line.entered().with(pack.withChemistry(chemistry))));
    }

    /** The ampere-hours of one cell. */
    public static Stream<Change> oneCell(Line line) {
        return packs(line, pack -> pack.chemistry().cells())
                .map(pack -> new Change(
                        "battery.one-cell." + pack.id(),
                        Text.of("Plan {} with {}", pack.name(), new Amount(AA_AH, Unit.AMPERE_HOUR)),
                        Effort.SETTING,
                        line.entered().with(pack.withCapacityAh(Figure.rated(AA_AH)))));
    }

    /** A new one of the same kind. */
    public static Stream<Change> renewed(Line line) {
        return packs(line, pack -> pack.test().done())
                .map(pack -> new Change(
                        "battery.renew." + pack.id(),
                        Text.of("A new one in place of {}", pack.name()),
                        Effort.BUY,
                        line.entered()
                                .with(pack.with(
                                        fresh -> fresh.test(LoadTest.NONE).age(Figure.UNSET)))));
    }

    /** A main switch that stops every drain. */
    public static Stream<Change> switchedOff(Line line) {
        return packs(line, pack -> pack.keeping().drainA().isSet())
                .map(pack -> new Change(
                        "battery.switched-off." + pack.id(),
                        Text.of("Part {} from everything between trips, by switch or plug", pack.name()),
                        Effort.SETTING,
                        line.entered().with(pack.withKeeping(pack.keeping().withDrainA(Figure.chosen(0))))));
    }

    /** Taken off after the day. */
    public static Stream<Change> comingOff(Line line) {
        return packs(line, pack -> true)
                .flatMap(pack -> line.entered().placeOf(pack.id()).stream()
                        .filter(place -> !place.comesOff())
                        .map(place -> new Change(
                                "battery.comes-off." + pack.id(),
                                Text.of("Take {} off after the day", pack.name()),
                                Effort.SETTING,
                                line.entered().with(place.withComesOff(true)))));
    }

    /** A new one in place of one that somebody else used. */
    public static Stream<Change> boughtNew(Line line) {
        return packs(line, pack -> pack.label().secondHand())
                .map(pack -> new Change(
                        "battery.bought-new." + pack.id(),
                        Text.of("A new one in place of {}", pack.name()),
                        Effort.BUY,
                        line.entered()
                                .with(pack.with(
                                        fresh -> fresh.label(pack.label().withSecondHand(false))
                                                .age(Figure.UNSET)))));
    }

    /** Laid up in a cool room. */
    public static Stream<Change> storedCooler(Line line) {
        return packs(line, pack -> pack.keeping().storedC().isSet())
                .map(pack -> new Change(
                        "battery.stored-cooler." + pack.id(),
                        Text.of("Lay {} up in a cool room, {} at most", pack.name(), new Amount(COOL_C, Unit.CELSIUS)),
                        Effort.SETTING,
                        line.entered().with(pack.withKeeping(pack.keeping().withStoredC(Figure.chosen(COOL_C))))));
    }

    private static Stream<Pack> packs(Line line, Predicate<Pack> wanted) {
        return line.entered().harness().packs().stream().filter(wanted);
    }
}
