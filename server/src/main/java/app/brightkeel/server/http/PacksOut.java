package app.brightkeel.server.http;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where the batteries of a rig were on the day of a trip: a piece of gear is in one place at a time. */
@Component
class PacksOut {

    private static final double DAY_H = 24;

    private final GarageStore garage;
    private final GarageUses uses;
    private final TripStore trips;

    PacksOut(GarageStore garage, GarageUses uses, TripStore trips) {
        this.garage = garage;
        this.uses = uses;
        this.trips = trips;
    }

    /**
     * What is odd about a trip: another rig had the same battery out that day.
     *
     * @throws Refusal for a day before the battery was bought, and for more hours of it than a day has
     */
    List<Text> told(StoredRig stored, Trip trip) {
        List<Text> said = new ArrayList<>();
        for (Item pack : packs(stored)) {
            if (!pack.bought().isEmpty() && trip.day().compareTo(pack.bought()) < 0) {
                throw new Refusal(
                        RefusalCode.OUT_OF_RANGE,
                        "day",
                        trip.day(),
                        "a day from " + pack.bought() + " on, when the " + pack.name()
                                + " was bought; or tell the garage");
            }
            double out = trips.hoursOn(stored.id(), trip.day(), trip.id());
            for (GarageUses.InRig use : elsewhere(pack, stored)) {
                double hours = trips.hoursOn(use.rig().id(), trip.day(), trip.id());
                out += hours;
                if (out + trip.hours() > DAY_H) {
                    throw new Refusal(
                            RefusalCode.OUT_OF_RANGE,
                            "legs",
                            trip.hours() + " h",
                            "what is left of that day: " + (DAY_H - out) + " h; "
                                    + use.rig().name() + " had the " + pack.name() + " out for " + hours + " h of it");
                }
                if (hours > 0) {
                    said.add(Text.of(
                            "{} had the {} out for {} on that day, too: if it was not charged between, this trip"
                                    + " did not begin with a full one.",
                            use.rig().name(),
                            pack.name(),
                            new Amount(hours, Unit.HOUR)));
                }
            }
        }
        return said;
    }

    private List<GarageUses.InRig> elsewhere(Item pack, StoredRig stored) {
        return uses.all().getOrDefault(pack.id(), List.of()).stream()
                .filter(use -> !use.compared() && !use.rig().id().equals(stored.id()))
                .toList();
    }

    private List<Item> packs(StoredRig stored) {
        return Uses.aboard(stored.rig()).stream()
                .flatMap(use -> garage.item(use.item()).stream())
                .filter(item -> item.kind() == ItemKind.PACK)
                .toList();
    }
}
