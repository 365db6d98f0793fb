package app.brightkeel.server.demo;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Starts;
import app.brightkeel.core.garage.Taking;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.WantedDays;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;

/** The gear of the invented rigs: of Kittiwake with its two stations, and of the fjord rig. */
@Component
@ConditionalOnBooleanProperty("keel.demo")
class DemoGarage {

    private static final String CRATE = "Kittiwake to crate";
    private static final String KAYAK = "Kittiwake, summer kayak";
    private static final String GANNET = "Gannet, fjord pedal";

    /**
     * A part that stands in the garage.
     *
     * @param rigs that have it, under the same id
     */
    private record Own(String part, String name, String place, String bought, double paid, List<String> rigs) {}

    private static final List<Own> OWN = List.of(
            new Own(
                    "display",
                    "5-in display of the Kittiwake",
                    "crate in the hall",
                    "2023-04-15",
                    189,
                    List.of(KAYAK, CRATE)),
            new Own("pack", "10 Ah LiFePO4", "crate in the hall", "2023-04-15", 95, List.of(KAYAK, CRATE)),
            new Own("charger", "4 A lithium charger", "shelf over the bench", "2023-04-15", 35, List.of(KAYAK, CRATE)),
            new Own("transducer", "20° cone on its bar", "rafters, with the kayak", "2023-04-15", 60, List.of(KAYAK)),
            new Own("craft", "3.4 m sit-inside", "rafters", "2019-06-02", 540, List.of(KAYAK)),
            new Own("craft", "sled with its crate", "hall", "2024-11-20", 70, List.of(CRATE)),
            new Own("pack", "50 Ah LiFePO4", "shelf over the bench", "2022-03-12", 310, List.of(GANNET)));

    private final RigStore rigs;
    private final GarageStore garage;
    private final WantedDays days;
    private final Clock clock;

    DemoGarage(RigStore rigs, GarageStore garage, WantedDays days, Clock clock) {
        this.rigs = rigs;
        this.garage = garage;
        this.days = days;
        this.clock = clock;
    }

    /** The demo rigs with their parts known as the pieces that they are; what is owned goes into the garage. */
    List<Rig> put(List<Rig> rigs) {
        List<Rig> made = new ArrayList<>(rigs);
        List<Item> items = new ArrayList<>();
        for (Own own : OWN) {
            Item item = item(items.size() + 1, own, rigs);
            items.add(item);
            made.replaceAll(rig -> own.rigs().contains(rig.name())
                    ? Taking.marked(rig, RigThings.find(rig, own.part()).orElseThrow(), item)
                    : rig);
        }
        items.add(new Item(
                "item-demo-spare",
                "old 7 Ah AGM",
                Starts.named(ItemKind.PACK, "agm-7", "old 7 Ah AGM"),
                "shelf over the bench",
                "2020-09-01",
                Figure.chosen(25),
                Figure.UNSET,
                "Weak; for the bench alone."));
        garage.keep(items);
        return made;
    }

    /** One of them goes out on the next Saturday. */
    void plan() {
        String saturday = LocalDate.now(clock)
                .with(TemporalAdjusters.next(DayOfWeek.SATURDAY))
                .toString();
        rigs.heads().stream()
                .filter(head -> head.name().equals(CRATE))
                .forEach(head -> days.want(head.id(), saturday, saturday));
    }

    /** As the first of its rigs has it. */
    private static Item item(int number, Own own, List<Rig> rigs) {
        Rig rig = rigs.stream()
                .filter(each -> each.name().equals(own.rigs().get(0)))
                .findFirst()
                .orElseThrow();
        Thing thing = RigThings.find(rig, own.part()).orElseThrow().thing();
        Thing named = thing instanceof Thing.OwnCraft craft ? new Thing.OwnCraft(own.name(), craft.craft()) : thing;
        return new Item(
                "item-demo-" + number,
                own.name(),
                named,
                own.place(),
                own.bought(),
                Figure.chosen(own.paid()),
                Figure.UNSET,
                "");
    }
}
