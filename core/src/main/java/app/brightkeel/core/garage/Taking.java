package app.brightkeel.core.garage;

import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.Origins;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A piece of gear in a rig: in the place of a part of its sort, or as one more. The rig holds a copy and says whose it is,
 * so that its file stays whole.
 *
 * <p>As changes they are called {@code LINK.garage.ITEM.PART}, a piece of a part behind one more dot, and
 * {@code LINK.garage.ITEM} for one more.
 */
public final class Taking {

    /** The second word of their ids. */
    public static final String WORD = "garage";

    private static final int ONE_MORE = 3;

    private Taking() {}

    /** Everything of a garage that could stand in the place of something on a link; what is in the rig already is not. */
    public static Stream<Change> offers(Line line, List<Item> items, Link link) {
        Rig rig = line.entered();
        List<RigThings.There> there = RigThings.of(rig);
        return items.stream()
                .filter(item -> item.kind().link() == link && told(item) && free(rig, item))
                .flatMap(item -> Stream.concat(
                        places(there, rig, item).stream()
                                .flatMap(part -> change(rig, item, Optional.of(part)).stream()),
                        joins(there, item) ? change(rig, item, Optional.empty()).stream() : Stream.empty()));
    }

    /** Made again of its id; empty where the garage or the rig has no such thing. */
    public static Optional<Change> find(Line line, List<Item> items, String id) {
        String[] words = id.split("\\.", -1);
        Rig rig = line.entered();
        if (words.length < ONE_MORE || !words[1].equals(WORD)) {
            return Optional.empty();
        }
        String part = String.join("/", List.of(words).subList(ONE_MORE, words.length));
        return items.stream()
                .filter(item -> told(item)
                        && item.id().equals(words[2])
                        && Table.written(item.kind().link()).equals(words[0]))
                .findFirst()
                .flatMap(item -> part.isEmpty()
                        ? change(rig, item, Optional.empty())
                        : RigThings.find(rig, part)
                                .filter(there -> alike(there.thing(), item.thing()))
                                .flatMap(there -> change(rig, item, Optional.of(there))));
    }

    /** A mount of no sort and a lead of no length would be nothing in a rig. */
    private static boolean told(Item item) {
        return !(item.thing() instanceof Thing.OwnMount own && own.mount().kind() == MountKind.UNDECIDED)
                && !(item.thing() instanceof Thing.OwnLead lead
                        && !lead.lengthM().isSet());
    }

    private static boolean free(Rig rig, Item item) {
        return Uses.of(rig).stream().noneMatch(use -> use.item().equals(item.id()));
    }

    /** Parts in whose place it could stand: of a bank none, which is alike or nothing. */
    private static List<RigThings.There> places(List<RigThings.There> all, Rig rig, Item item) {
        return all.stream()
                .filter(there -> alike(there.thing(), item.thing()))
                .filter(there -> !(there.thing() instanceof Thing.OwnPack)
                        || Banks.inUse(rig).stream()
                                .anyMatch(bank ->
                                        bank.size() == 1 && bank.get(0).id().equals(there.part())))
                .toList();
    }

    private static boolean alike(Thing one, Thing other) {
        return one.kind() == other.kind()
                && (!(one instanceof Thing.OwnLead lead)
                        || other instanceof Thing.OwnLead same && lead.use() == same.use());
    }

    /** Whether it is worth offering as one more: of the first of its sort, and of what goes between. */
    private static boolean joins(List<RigThings.There> all, Item item) {
        return switch (item.kind()) {
            case ADAPTER -> true;
            case LEAD ->
                item.thing() instanceof Thing.OwnLead lead
                        && lead.use() == LeadUse.EXTENSION
                        && all.stream().noneMatch(there -> there.piece().equals(RigThings.EXTENSION));
            default -> all.stream().noneMatch(there -> there.thing().kind() == item.kind());
        };
    }

    private static Optional<Change> change(Rig rig, Item item, Optional<RigThings.There> part) {
        String id = Table.written(item.kind().link()) + "." + WORD + "." + item.id()
                + part.map(there -> "." + there.id().replace('/', '.')).orElse("");
        Text label = part.filter(there -> there.thing().kind() != ItemKind.CRAFT)
                .map(there -> Text.of("{}, yours, in place of {}", item.name(), there.name()))
                .orElseGet(() -> Text.of("{}, yours", item.name()));
        return Change.unlessFull(() -> part.map(there -> Optional.of(inPlace(rig, item, there)))
                        .orElseGet(() -> OneMore.of(rig, item)))
                .flatMap(after -> after)
                .map(after -> new Change(id, told(item, rig, after, label), Effort.MOVE, after));
    }

    /** A battery of another sort wants another charger; a charger that is taken is the one that is there. */
    private static Text told(Item item, Rig before, Rig after, Text label) {
        return item.kind() == ItemKind.PACK ? ChargerChanges.told(before, after, label) : label;
    }

    /** The copy that a rig holds, made anew from the garage. */
    public static Optional<Rig> again(Rig rig, Item item) {
        return Uses.copy(rig, item)
                .filter(there -> alike(there.thing(), item.thing()))
                .map(there -> inPlace(rig, item, there));
    }

    /** A rig in which a part is said to be a piece of the garage. */
    public static Rig marked(Rig rig, RigThings.There there, Item item) {
        if (there.thing() instanceof Thing.OwnCraft) {
            return rig.withCraft(rig.craft().withOrigin(item.id()));
        }
        Optional<Pack> compared = rig.onHand().stream()
                .filter(pack -> pack.id().equals(there.part()))
                .findFirst();
        if (compared.isPresent()) {
            return rig.withOnHand(rig.onHand().stream()
                    .map(pack -> pack.id().equals(there.part()) ? pack.withId(item.id()) : pack)
                    .toList());
        }
        String origin = Origins.of(rig).getOrDefault(there.part(), "");
        Figure price = item.worth().isSet() ? item.worth() : item.paid();
        Purchase own = new Purchase(there.part(), there.piece(), origin, Having.OWNED, price, "", item.id());
        // one thing is at one place
        List<Purchase> others = rig.purse().purchases().stream()
                .map(each -> each.item().equals(item.id()) ? each.withItem("").withHaving(Having.UNDECIDED) : each)
                .toList();
        return rig.withPurse(rig.purse().withPurchases(others).with(own));
    }

    private static Rig inPlace(Rig rig, Item item, RigThings.There there) {
        Rig after = InPlace.of(rig, item, there);
        return RigThings.find(after, there.id())
                .map(now -> marked(after, now, item))
                .orElse(after);
    }
}
