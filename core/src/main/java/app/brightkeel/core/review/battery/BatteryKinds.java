package app.brightkeel.core.review.battery;

import static app.brightkeel.core.review.ChangeKind.among;
import static app.brightkeel.core.review.ChangeKind.curing;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.battery.BankChanges;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.review.change.battery.PackChanges;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of batteries and chargers by what their ids say. */
final class BatteryKinds {

    private static final ChangeKind LABEL = among(PackChanges::byLabel);

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("take", ChangeKind.of(2, (line, said) -> BatteryChanges.take(line, said[0], said[1]))),
            entry("on-hand", among(BatteryChanges::owned)),
            entry("second", among(BankChanges::second)),
            entry("first", among(BatteryChanges::first)),
            entry("third", among(BankChanges::third)),
            entry("charge", among(line -> BatteryChanges.charged(line).stream())),
            entry("depth", among(line -> BatteryChanges.deeper(line).stream())),
            entry("warm", among(line -> BatteryChanges.warm(line).stream())),
            entry("weigh", among(BatteryChanges::weighed)),
            entry("match", among(BatteryChanges::match)),
            entry("blocks", LABEL),
            entry("chemistry", LABEL),
            entry("one-cell", among(PackChanges::oneCell)),
            entry("renew", among(PackChanges::renewed)),
            entry("bought-new", among(PackChanges::boughtNew)),
            entry("stored-cooler", among(PackChanges::storedCooler)),
            entry("switched-off", among(PackChanges::switchedOff)),
            entry("comes-off", among(PackChanges::comingOff)),
            entry("series-alike", among(BankChanges::matchSeries)),
            entry("spare-instead", among(BankChanges::spares)),
            entry("lead", among(BankChanges::leads)),
            entry("charge-all", among(BankChanges::chargedAlike)),
            entry("engine-apart", curing(new StartsEngine())),
            entry(
                    "charger",
                    among(line -> Stream.of(
                                    ChargerChanges.made(line),
                                    ChargerChanges.slower(line),
                                    ChargerChanges.ashore(line),
                                    ChargerChanges.atTerminals(line))
                            .flatMap(changes -> changes))));

    private BatteryKinds() {}
}
