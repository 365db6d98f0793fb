package app.brightkeel.core.review.change.part;

import static java.util.Map.entry;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Rerouting;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Parts added and taken out by hand, whatever link they stand at: {@code LINK.new.KIND}, {@code LINK.new.KIND.OWNER} of a
 * blank one, {@code LINK.without.KIND.ID}, and copies of the catalogue's ({@code screen.one-more.ITEM},
 * {@code transducer.one-more.ITEM}, {@code battery.own.ITEM}, {@code mount.craft.ITEM}), and the way of a cable leg by leg
 * ({@code cable.leg.CARRIED.PASSAGE}). What a full list has no room for is
 * refused, as it is where it is typed.
 */
public final class PartChanges {

    private static final int NAMED = 3;
    private static final int OWNED = 4;

    private static final ChangeKind NEW = PartChanges::made;

    /** By link and kind; every link knows {@code new} and {@code without}. */
    private static final Map<String, ChangeKind> OF_LINK = Map.ofEntries(
            copied("screen.one-more", Catalogue.devices(), Device::id, Device::name, PartChanges::device),
            copied(
                    "transducer.one-more",
                    Catalogue.transducers(),
                    Transducer::id,
                    Transducer::name,
                    PartChanges::transducer),
            copied("battery.own", Catalogue.packs(), Pack::id, Pack::name, PartChanges::own),
            copied(
                    "mount.craft",
                    Catalogue.crafts(),
                    CraftItem::id,
                    CraftItem::name,
                    (rig, item) -> rig.withCraft(item.craft())),
            entry(
                    "transducer.sort",
                    ChangeKind.of(2, (line, said) -> SortOfTransducer.of(line.entered(), said[0], said[1]))),
            entry("cable.leg", ChangeKind.of(2, (line, said) -> leg(line.entered(), said[0], said[1]))));

    private PartChanges() {}

    /** The kind by which an id's change is made, if it is one of these. */
    public static Optional<ChangeKind> kind(String link, String kind) {
        return switch (kind) {
            case "new" -> Optional.of(NEW);
            case "without" ->
                Optional.of(ChangeKind.of(2, (line, said) -> without(line.entered(), link, said[0], said[1])));
            default -> Optional.ofNullable(OF_LINK.get(link + "." + kind));
        };
    }

    private static Optional<Change> made(Line line, String id) {
        String[] words = id.split("\\.", -1);
        NewParts.New asked = words.length < NAMED ? null : NewParts.ALL.get(words[0] + "." + words[2]);
        if (asked == null || words.length != (asked.owner().isEmpty() ? NAMED : OWNED)) {
            return Optional.empty();
        }
        return asked.made()
                .apply(line.entered(), words[words.length - 1])
                .map(after ->
                        new Change(id, Text.of("One {} more", words[2].replace('-', ' ')), Effort.SETTING, after));
    }

    private static Optional<Change> without(Rig rig, String link, String kind, String id) {
        return Stream.of(PartKind.values())
                // beams of several transducers have the same ids
                .filter(each -> each != PartKind.BEAM && Table.written(each).equals(kind))
                .findFirst()
                .filter(each -> rig.has(each, id))
                .map(each -> new Change(
                        link + ".without." + kind + "." + id,
                        Text.of("Without that {}", each.words()),
                        Effort.SETTING,
                        rig.without(each, id)));
    }

    /** One leg more of the way of a cable; the first begins it. */
    private static Optional<Change> leg(Rig rig, String carries, String passage) {
        boolean cable = Stream.of(PartKind.TRANSDUCER, PartKind.SEGMENT, PartKind.DATA_LEAD)
                .anyMatch(kind -> rig.has(kind, carries));
        return !cable
                ? Optional.empty()
                : rig.craft().passage(passage).map(way -> {
                    Run run = Rerouting.run(rig, carries);
                    return new Change(
                            "cable.leg." + carries + "." + passage,
                            Text.of("{}, too", Worded.capital(way.name())),
                            Effort.SETTING,
                            rig.with(run.withLegs(NewParts.and(run.legs(), passage))));
                });
    }

    private static <T> Map.Entry<String, ChangeKind> copied(
            String kind,
            List<T> all,
            Function<T, String> itemId,
            Function<T, String> name,
            BiFunction<Rig, T, Rig> copy) {
        return entry(
                kind,
                ChangeKind.of(
                        1,
                        (line, said) -> all.stream()
                                .filter(item -> itemId.apply(item).equals(said[0]))
                                .findFirst()
                                .map(item -> new Change(
                                        kind + "." + said[0],
                                        Text.of("{}", Worded.capital(name.apply(item))),
                                        Effort.BUY,
                                        copy.apply(line.entered(), item)))));
    }

    private static Rig device(Rig rig, Device item) {
        String name = BlankParts.named(item.name(), rig.devices(), Device::name);
        Device copy = item.withId(FreshId.of(rig, item.id())).withName(name);
        return rig.withDevices(NewParts.and(rig.devices(), copy));
    }

    private static Rig transducer(Rig rig, Transducer item) {
        String name = BlankParts.named(item.name(), rig.transducers(), Transducer::name);
        Transducer copy =
                item.with(like -> like.id(FreshId.of(rig, item.id())).name(name).origin(item.id()));
        return rig.withTransducers(NewParts.and(rig.transducers(), copy));
    }

    /** Into the rig where it has none in use; else beside it, for Compare to try. */
    private static Rig own(Rig rig, Pack item) {
        if (Banks.inUse(rig).isEmpty()) {
            Pack first = item.with(like -> like.id(FreshId.of(rig, "pack")).origin(item.id()));
            Purchase owned = new Purchase(first.id(), "", first.origin(), Having.OWNED, Figure.UNSET, "");
            return rig.withHarness(
                            rig.harness().withPacks(NewParts.and(rig.harness().packs(), first)))
                    .withPurse(
                            rig.purse().withPurchases(NewParts.and(rig.purse().purchases(), owned)));
        }
        String name = BlankParts.named(item.name(), rig.onHand(), Pack::name);
        Pack copy = item.with(
                like -> like.id(FreshId.of(rig, "own-" + item.id())).name(name).origin(item.id()));
        return rig.withOnHand(NewParts.and(rig.onHand(), copy));
    }
}
