package app.brightkeel.core.garage;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import java.util.List;
import java.util.stream.Stream;

/** What a new piece can be begun with: generic gear of its kind, to be changed to what is really there. */
public final class Starts {

    private Starts() {}

    /** One of the catalogue. */
    public record Start(String id, String name) {}

    private record Known(Start start, Thing thing) {}

    /** Of a kind; none where the catalogue has none such. */
    public static List<Start> of(ItemKind kind) {
        return all(kind).map(Known::start).toList();
    }

    /** @throws Refusal for none of them */
    public static Thing named(ItemKind kind, String id, String name) {
        Thing thing = all(kind)
                .filter(each -> each.start().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refusal(RefusalCode.NOT_OFFERED, "like", id, "one of the starts of its kind"))
                .thing();
        return thing instanceof Thing.OwnCraft own ? new Thing.OwnCraft(name, own.craft()) : thing;
    }

    private static Stream<Known> all(ItemKind kind) {
        return switch (kind) {
            case DISPLAY, MODULE ->
                Catalogue.devices().stream()
                        .map(each -> known(each.id(), each.name(), new Thing.OwnDevice(each.withOrigin(each.id()))))
                        .filter(each -> each.thing().kind() == kind);
            case TRANSDUCER ->
                Catalogue.transducers().stream()
                        .map(each ->
                                known(each.id(), each.name(), new Thing.OwnTransducer(each.withOrigin(each.id()))));
            case HOLDER ->
                Catalogue.holders().stream().map(each -> known(each.id(), each.name(), new Thing.OwnHolder(each)));
            case PACK ->
                Catalogue.packs().stream()
                        .map(each -> known(each.id(), each.name(), new Thing.OwnPack(each.withOrigin(each.id()))));
            case LEAD ->
                Catalogue.extensions().stream()
                        .map(each -> known(
                                each.id(),
                                each.name(),
                                new Thing.OwnLead(LeadUse.EXTENSION, Figure.rated(each.lengthM()), Figure.UNSET)));
            case ADAPTER ->
                Catalogue.adapters().stream()
                        .map(each -> known(each.id(), each.adapter().name(), new Thing.OwnAdapter(each.adapter())));
            case BOX -> Catalogue.boxes().stream().map(each -> known(each.id(), each.name(), new Thing.OwnBox(each)));
            case CRAFT -> Catalogue.crafts().stream().map(Starts::craft);
            case MOUNT, CHARGER -> Stream.empty();
        };
    }

    private static Known craft(CraftItem item) {
        return known(item.id(), item.name(), new Thing.OwnCraft(item.name(), item.craft()));
    }

    private static Known known(String id, String name, Thing thing) {
        return new Known(new Start(id, name), thing);
    }
}
