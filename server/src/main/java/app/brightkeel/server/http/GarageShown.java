package app.brightkeel.server.http;

import app.brightkeel.core.garage.Ageing;
import app.brightkeel.core.garage.Copies;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.Properties;
import app.brightkeel.core.garage.Property;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.ItemPhotos;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.WantedDays;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The garage as a screen shows it. */
@Component
class GarageShown {

    private static final double DAYS_OF_A_YEAR = 365.25;

    /** Figures in the line about a piece. */
    private static final int TOLD = 2;

    private final GarageStore store;
    private final ItemPhotos photos;
    private final GarageUses uses;
    private final WantedDays days;
    private final RigStore rigs;
    private final Clock clock;

    GarageShown(GarageStore store, ItemPhotos photos, GarageUses uses, WantedDays days, RigStore rigs, Clock clock) {
        this.store = store;
        this.photos = photos;
        this.uses = uses;
        this.days = days;
        this.rigs = rigs;
        this.clock = clock;
    }

    Garage all() {
        Map<String, List<GarageUses.InRig>> inRigs = uses.all();
        Map<String, List<String>> shots = photos.all();
        List<Item> items = store.items();
        return new Garage(
                Stream.of(ItemKind.values())
                        .map(kind -> new Garage.KindShown(kind, kind.words(), kind.many()))
                        .toList(),
                items.stream()
                        .map(item -> shown(
                                item,
                                inRigs.getOrDefault(item.id(), List.of()),
                                shots.getOrDefault(item.id(), List.of())))
                        .toList(),
                clashes());
    }

    /** What several rigs want on one day from today on. */
    List<Garage.ItemClash> clashes() {
        Map<String, String> items = store.items().stream().collect(Collectors.toMap(Item::id, Item::name));
        Map<String, String> names =
                rigs.heads().stream().collect(Collectors.toMap(RigStore.Head::id, RigStore.Head::name));
        return uses.clashes(days.from(LocalDate.now(clock).toString())).stream()
                .filter(clash -> items.containsKey(clash.item()))
                .map(clash -> new Garage.ItemClash(
                        clash.day(),
                        clash.item(),
                        items.getOrDefault(clash.item(), ""),
                        clash.rigs().stream().map(names::get).toList()))
                .toList();
    }

    private Garage.ItemShown shown(Item item, List<GarageUses.InRig> inRigs, List<String> shots) {
        List<Property> properties = Properties.of(item.kind());
        Figure years = age(item);
        return new Garage.ItemShown(
                item.id(),
                item.kind(),
                item.name(),
                about(item, properties),
                item.place(),
                item.bought(),
                years,
                ageing(item, years),
                item.paid(),
                item.worth(),
                item.note(),
                each(properties, Property.Choice.class, choice -> choice(item, choice)),
                each(
                        properties,
                        Property.Number.class,
                        number -> new Garage.ItemNumber(
                                number.name(), number.words(), number.unit(), number.of(item.thing()))),
                inRigs.stream().map(each -> use(item, each)).toList(),
                shots);
    }

    private static <P, T> List<T> each(List<Property> all, Class<P> sort, Function<P, T> shown) {
        return all.stream().filter(sort::isInstance).map(sort::cast).map(shown).toList();
    }

    private static Garage.ItemChoice choice(Item item, Property.Choice choice) {
        return new Garage.ItemChoice(
                choice.name(),
                choice.words(),
                Table.written(choice.of(item.thing())),
                choice.choices().stream()
                        .map(each -> new Garage.ItemWord(Table.written(each), Property.Choice.words(each)))
                        .toList());
    }

    private static Text about(Item item, List<Property> properties) {
        List<Object> told = properties.stream()
                .filter(Property.Choice.class::isInstance)
                .limit(1)
                .map(each -> (Property.Choice) each)
                .<Object>map(choice -> Property.Choice.words(choice.of(item.thing())))
                .collect(Collectors.toList());
        properties.stream()
                .filter(Property.Number.class::isInstance)
                .map(each -> (Property.Number) each)
                .filter(number -> number.of(item.thing()).isSet())
                .limit(TOLD)
                .forEach(number -> {
                    told.add(number.words());
                    told.add(new Amount(number.of(item.thing()).value(), number.unit()));
                });
        boolean sort = told.size() % 2 == 1;
        String template = (sort ? "{}" : "") + " · {} {}".repeat(told.size() / 2);
        return Text.of(sort ? template : template.replaceFirst("^ · ", ""), told.toArray());
    }

    private Figure age(Item item) {
        if (item.bought().isEmpty()) {
            return Figure.UNSET;
        }
        long since = ChronoUnit.DAYS.between(LocalDate.parse(item.bought()), LocalDate.now(clock));
        return Figure.chosen(Math.max(0, since / DAYS_OF_A_YEAR));
    }

    private static Text ageing(Item item, Figure years) {
        return years.isSet() ? Ageing.of(item, years.value()).orElse(Text.of("")) : Text.of("");
    }

    private Garage.ItemUse use(Item item, GarageUses.InRig there) {
        return new Garage.ItemUse(
                there.rig().id(),
                there.rig().name(),
                there.use().part(),
                there.compared(),
                Copies.differing(uses.rig(there.rig()), item));
    }
}
