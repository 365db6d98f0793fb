package app.brightkeel.core.review.change.battery;

import app.brightkeel.core.battery.Charging;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/** Changes of chargers. */
public final class ChargerChanges {

    /** What stands between a battery and the charger that has to be bought with it, in the words of a change. */
    public static final String AND_A_CHARGER = ", and a charger for ";

    /** No charger gives less. */
    private static final double LEAST_A = 0.05;

    private ChargerChanges() {}

    /** One that is made for its pack. */
    public static Stream<Change> made(Line line) {
        Rig rig = line.entered();
        return rig.chargers().stream()
                .filter(charger ->
                        rig.harness().pack(charger.charges()).chemistry().rechargeable())
                .map(charger -> {
                    Pack pack = rig.harness().pack(charger.charges());
                    return change(
                            line,
                            charger.with(
                                    other -> other.chemistry(pack.chemistry()).blocks(pack.blocks())),
                            "made",
                            Text.of("A charger for {}", pack.chemistry().words()),
                            Effort.BUY);
                });
    }

    /** One that gives less, down the usual sizes, within what its pack may be charged with. */
    public static Stream<Change> slower(Line line) {
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        if (!bank.isKnown()) {
            return Stream.empty();
        }
        return line.entered().chargers().stream()
                .filter(charger -> charger.amps().isSet())
                .flatMap(charger -> {
                    Pack pack = line.rig().harness().pack(charger.charges());
                    double most = Math.min(
                            charger.amps().value(),
                            Charging.limitA(pack, bank.value().model(pack.id())));
                    return DoubleStream.of(20, 10, 6, 4, 3, 2, 1, 0.5)
                            .filter(amps -> amps < charger.amps().value() && amps <= most)
                            .mapToObj(amps -> change(
                                    line,
                                    charger.withAmps(Figure.rated(amps)),
                                    "amps-" + String.valueOf(amps).replace('.', '-'),
                                    Text.of("A charger of {}", new Amount(amps, Unit.AMPERE)),
                                    Effort.BUY));
                });
    }

    /** Charged ashore, in the warm. */
    public static Stream<Change> ashore(Line line) {
        return line.entered().chargers().stream()
                .filter(Charger::aboard)
                .map(charger -> change(
                        line,
                        charger.withAboard(false),
                        "ashore",
                        Text.of("Charge at home, in the warm"),
                        Effort.SETTING));
    }

    /** Joined before the fuse. */
    public static Stream<Change> atTerminals(Line line) {
        return line.entered().chargers().stream()
                .filter(charger -> !charger.via().isEmpty())
                .map(charger -> change(
                        line,
                        charger.withVia(""),
                        "terminals",
                        Text.of("Join the {} at the terminals", charger.name()),
                        Effort.MOVE));
    }

    /**
     * A rig with another pack in the place of one, and in the place of its chargers ones that are made for that, to be
     * bought: {@link #told} says so. A pack that is never charged leaves none behind.
     */
    public static Rig with(Rig rig, Pack pack) {
        List<Charger> chargers = rig.chargers().stream()
                .filter(charger ->
                        !charger.charges().equals(pack.id()) || pack.chemistry().rechargeable())
                .map(charger -> charger.charges().equals(pack.id()) ? madeFor(charger, pack) : charger)
                .toList();
        return rig.with(pack).withChargers(chargers);
    }

    private static Charger madeFor(Charger charger, Pack pack) {
        if (pack.chemistry() == Chemistry.UNDECIDED) {
            return charger;
        }
        double most = pack.capacityAh().isSet()
                ? Math.max(
                        LEAST_A,
                        pack.chemistry().data().chargeC() * pack.capacityAh().value())
                : Double.POSITIVE_INFINITY;
        boolean fits = charger.chemistry() == pack.chemistry() && charger.blocks() == pack.blocks();
        boolean tooFast = charger.amps().isSet() && charger.amps().value() > most;
        if (fits && !tooFast) {
            return charger;
        }
        return charger.with(other -> other.chemistry(pack.chemistry())
                .blocks(pack.blocks())
                .name(Checks.fitted("new charger for " + pack.name()))
                .amps(tooFast ? Figure.rated(most) : charger.amps()));
    }

    /** The words of a change, with the chargers that have to be bought for it. */
    public static Text told(Rig before, Rig after, Text label) {
        Text all = label;
        for (Charger charger : after.chargers()) {
            if (!before.chargers().contains(charger)) {
                all = charger.amps().isSet()
                        ? Text.of(
                                "{}" + AND_A_CHARGER + "{} of {}",
                                all,
                                charger.chemistry().words(),
                                new Amount(charger.amps().value(), Unit.RATING))
                        : Text.of(
                                "{}" + AND_A_CHARGER + "{}",
                                all,
                                charger.chemistry().words());
            }
        }
        return all;
    }

    private static Change change(Line line, Charger charger, String what, Text label, Effort effort) {
        Rig rig = line.entered();
        return new Change(
                "battery.charger." + charger.id() + "." + what,
                label,
                effort,
                rig.withChargers(rig.chargers().stream()
                        .map(c -> c.id().equals(charger.id()) ? charger : c)
                        .toList()));
    }
}
