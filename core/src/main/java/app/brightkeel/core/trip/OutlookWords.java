package app.brightkeel.core.trip;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.List;

/** An outlook as a practitioner says it. */
final class OutlookWords {

    private OutlookWords() {}

    /**
     * @param nowH    hours of the planned day now [h]
     * @param price   of the batteries
     * @param perYear days of use in a year
     */
    static List<Text> of(Outlook bare, Seasons seasons, double nowH, Figure price, double perYear) {
        List<Text> words = new ArrayList<>();
        words.add(until(bare, seasons, nowH));
        words.add(Text.of(
                "A year on: {}, eight days in ten {} to {}; the day wants {}.",
                new Amount(bare.nextH(), Unit.HOUR),
                new Amount(bare.nextLowH(), Unit.HOUR),
                new Amount(bare.nextHighH(), Unit.HOUR),
                new Amount(bare.wantedH(), Unit.HOUR)));
        words.add(Text.of(
                "Left of {} rated: {}, {} to {}.",
                new Amount(bare.ratedAh(), Unit.AMPERE_HOUR),
                new Amount(bare.share(), Unit.PERCENT),
                new Amount(bare.shareLow(), Unit.PERCENT),
                new Amount(bare.shareHigh(), Unit.PERCENT)));
        if (bare.daysHigh() > bare.daysLow()) {
            words.add(life(bare, price, perYear));
        }
        return words;
    }

    private static Text until(Outlook bare, Seasons seasons, double nowH) {
        if (bare.neededAh() <= 0) {
            return Text.of("The day is not met with any capacity: something else ends it, look at the wires.");
        }
        if (nowH < bare.wantedH()) {
            return Text.of(
                    "Not enough already: {} of the {} planned. That day wants {}, about {} are left.",
                    new Amount(nowH, Unit.HOUR),
                    new Amount(bare.wantedH(), Unit.HOUR),
                    new Amount(bare.neededAh(), Unit.AMPERE_HOUR),
                    new Amount(bare.share() * bare.ratedAh(), Unit.AMPERE_HOUR));
        }
        if (bare.shortFrom().isEmpty()) {
            return bare.shortEarly().isEmpty()
                    ? Text.of("Enough for twelve years and more, if nothing else ends it.")
                    : Text.of(
                            "Likely enough for twelve years and more; with bad luck, one time in ten, until its {}.",
                            seasons.of(bare.shortEarly()));
        }
        return Text.of(
                "Enough until about its {}: {} wanted for the day. Between its {} and {}, eight times in ten; a range, no promise.",
                seasons.of(bare.shortFrom()),
                new Amount(bare.neededAh(), Unit.AMPERE_HOUR),
                seasons.of(bare.shortEarly()),
                bare.shortLate().isEmpty() ? "more than twelve years on" : "its " + seasons.of(bare.shortLate()));
    }

    private static Text life(Outlook bare, Figure price, double perYear) {
        Text days = Text.of(
                "{} to {} days of use from the first trip of this log, at {} a year",
                new Amount(bare.daysLow(), Unit.COUNT),
                new Amount(bare.daysHigh(), Unit.COUNT),
                new Amount(perYear, Unit.COUNT));
        if (!price.isSet() || price.value() <= 0) {
            return Text.of("{}. Say what it cost, and this tells what a day of it costs.", days);
        }
        return Text.of(
                "{}: {} to {} a day, {} to {} a season, for the {} it cost.",
                days,
                new Amount(price.value() / bare.daysHigh(), Unit.MONEY),
                new Amount(price.value() / Math.max(1, bare.daysLow()), Unit.MONEY),
                new Amount(price.value() / bare.daysHigh() * perYear, Unit.MONEY),
                new Amount(price.value() / Math.max(1, bare.daysLow()) * perYear, Unit.MONEY),
                new Amount(price.value(), Unit.MONEY));
    }
}
