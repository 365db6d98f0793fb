package app.brightkeel.core.advice;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.Taking;
import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.review.change.wire.Distribution;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Stands;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The answers there are to each question about one whole rig: what it has, what the catalogue has, what lies ready. They are
 * of its first display, its first transducer and its battery; all else stays. What a rig of this form cannot be asked stays as
 * it is.
 */
final class Options {

    private final Line base;
    private final Rig rig;
    private final List<Item> own;
    private final Map<RigAxis, List<Option>> all = new EnumMap<>(RigAxis.class);

    private Options(Line base, List<Item> own) {
        this.base = base;
        this.own = own;
        rig = base.entered();
    }

    /**
     * @param base a rig of which nothing is missing
     * @param own  gear of the garage, which comes before what is to be bought
     */
    static Map<RigAxis, List<Option>> of(Line base, List<Item> own) {
        Options options = new Options(base, own);
        for (RigAxis axis : RigAxis.values()) {
            List<Option> those = new ArrayList<>();
            those.add(options.asItIs(axis));
            options.owned(axis).forEach(those::add);
            options.others(axis).forEach(those::add);
            options.all.put(axis, List.copyOf(those));
        }
        return options.all;
    }

    private Option asItIs(RigAxis axis) {
        return new Option(axis, Option.AS_IT_IS, now(axis), line -> Optional.of(line.entered()));
    }

    private Stream<Option> others(RigAxis axis) {
        return switch (axis) {
            case DISPLAY -> displays();
            case TRANSDUCER -> transducers();
            case PLACE -> places();
            case MOUNT -> mounts();
            case CABLES -> ways();
            case HOLDER -> holders();
            case BANK -> banks();
            case STOWAGE -> stowages();
            case SCHOOL -> schools();
            case BOX -> boxes();
        };
    }

    /** What of the garage could stand in the place of what it has. */
    private Stream<Option> owned(RigAxis axis) {
        return switch (axis) {
            case DISPLAY -> owned(axis, ItemKind.DISPLAY, display(rig).map(Device::id));
            case TRANSDUCER ->
                owned(axis, ItemKind.TRANSDUCER, first(rig.transducers()).map(Transducer::id));
            case HOLDER ->
                owned(
                        axis,
                        ItemKind.HOLDER,
                        display(rig).flatMap(each -> rig.holderOf(each.id())).map(Holder::id));
            case BANK -> owned(axis, ItemKind.PACK, pack(rig).map(Pack::id));
            case BOX -> owned(axis, ItemKind.BOX, box(rig).map(Enclosure::id));
            case PLACE, MOUNT, CABLES, STOWAGE, SCHOOL -> Stream.empty();
        };
    }

    private Stream<Option> owned(RigAxis axis, ItemKind kind, Optional<String> part) {
        return part.stream()
                .flatMap(old -> own.stream()
                        .filter(item -> item.kind() == kind)
                        .filter(item -> Uses.of(rig).stream()
                                .noneMatch(use -> use.item().equals(item.id())))
                        .map(item -> new Option(
                                axis,
                                item.id(),
                                Text.of("{}, yours", item.name()),
                                line -> taken(line, kind, item.id() + "." + old))));
    }

    private Optional<Rig> taken(Line line, ItemKind kind, String what) {
        Optional<Rig> after = Taking.find(line, own, Table.written(kind.link()) + "." + Taking.WORD + "." + what)
                .map(Change::after);
        return kind == ItemKind.TRANSDUCER ? after.map(Options::pluggedIn) : after;
    }

    /** With what goes between its plug and the display, where that is wanted. */
    private static Rig pluggedIn(Rig rig) {
        Transducer placed = rig.transducers().get(0);
        return PlugChanges.adaptersFor(rig, placed)
                .map(chain -> rig.with(placed.withPlug(placed.plug().withAdapters(chain.adapters()))))
                .orElse(rig);
    }

    /** What the rig has on an axis, by its name. */
    private Text now(RigAxis axis) {
        String name = switch (axis) {
            case DISPLAY -> display(rig).map(Device::name).orElse("");
            case TRANSDUCER -> first(rig.transducers()).map(Transducer::name).orElse("");
            case PLACE -> display(rig).map(each -> station(each.id())).orElse("");
            case MOUNT ->
                first(rig.transducers())
                        .map(each -> each.mount().kind().words() + ", "
                                + rig.craft()
                                        .station(each.mount().station())
                                        .map(Station::name)
                                        .orElse("nowhere yet"))
                        .orElse("");
            case CABLES -> "the way it is laid now";
            case HOLDER ->
                display(rig)
                        .flatMap(each -> rig.holderOf(each.id()))
                        .map(Holder::name)
                        .orElse("nothing");
            case BANK -> pack(rig).map(Pack::name).orElse("");
            case STOWAGE -> pack(rig).map(each -> station(each.id())).orElse("");
            case SCHOOL -> "the wiring as it is";
            case BOX -> box(rig).map(Enclosure::name).orElse("none");
        };
        return Text.of("{}", name.isEmpty() ? "none" : name);
    }

    private String station(String item) {
        return rig.craft().station(rig.stationOf(item)).map(Station::name).orElse("nowhere yet");
    }

    static Optional<Device> display(Rig rig) {
        return rig.devices().stream().filter(each -> each.kind().display()).findFirst();
    }

    private static <T> Optional<T> first(List<T> all) {
        return all.stream().findFirst();
    }

    /** The one battery in use, where it is one. */
    static Optional<Pack> pack(Rig rig) {
        List<List<Pack>> banks = Banks.inUse(rig);
        return banks.size() == 1 && banks.get(0).size() == 1
                ? Optional.of(banks.get(0).get(0))
                : Optional.empty();
    }

    static Optional<Enclosure> box(Rig rig) {
        return pack(rig).flatMap(each -> rig.fitOut().boxAt(rig.stationOf(each.id())));
    }

    private Stream<Option> displays() {
        return display(rig).stream()
                .flatMap(old -> Catalogue.devices().stream()
                        .filter(item -> item.kind().display() && !item.id().equals(old.origin()))
                        .map(item -> new Option(
                                RigAxis.DISPLAY,
                                item.id(),
                                Text.of("{}", item.name()),
                                line -> Optional.of(line.entered()
                                        .with(item.with(placed -> placed.id(old.id())
                                                .origin(item.id())
                                                .later(old.later())))))));
    }

    private Stream<Option> transducers() {
        return first(rig.transducers()).stream()
                .flatMap(old -> Catalogue.transducers().stream()
                        .filter(item -> !item.id().equals(old.origin()))
                        .map(item -> new Option(
                                RigAxis.TRANSDUCER,
                                item.id(),
                                Text.of("{}", item.name()),
                                line -> TransducerChanges.take(line, item.id()).map(Change::after))));
    }

    private Stream<Option> places() {
        return display(rig).stream()
                .flatMap(old -> rig.craft().stations().stream()
                        .filter(station -> station.spot().takesDisplay()
                                && !station.id().equals(rig.stationOf(old.id()))
                                && !Stands.taken(rig, station.id(), old.id()))
                        .map(station -> new Option(
                                RigAxis.PLACE,
                                station.id(),
                                Text.of("{}", station.name()),
                                line -> Optional.of(Rerouting.placed(line.entered(), old.id(), station.id())))));
    }

    private Stream<Option> mounts() {
        return first(rig.transducers()).stream()
                .flatMap(old -> rig.craft().stations().stream()
                        .flatMap(station -> MountKind.decided()
                                .filter(kind -> kind.sitsAt(station.spot()) && !now(old, kind, station))
                                .map(kind -> new Option(
                                        RigAxis.MOUNT,
                                        Table.written(kind) + "." + station.id(),
                                        Text.of("{}, {}", kind.words(), station.name()),
                                        line -> mounted(line, old.id(), kind, station.id())))));
    }

    private static boolean now(Transducer old, MountKind kind, Station station) {
        return old.mount().kind() == kind && old.mount().station().equals(station.id());
    }

    /** With as much of an extension as its lead wants there, and no more. */
    private static Optional<Rig> mounted(Line line, String transducer, MountKind kind, String station) {
        return MountChanges.taken(line, transducer, Table.written(kind), station)
                .map(change -> Leads.longEnough(line.with(change.after()), transducer));
    }

    private Stream<Option> ways() {
        return first(rig.transducers()).stream().flatMap(each -> Leads.ways(each.id()));
    }

    private Stream<Option> holders() {
        return display(rig).stream()
                .flatMap(display -> Catalogue.holders().stream()
                        .filter(item -> rig.holderOf(display.id())
                                .filter(now -> now.origin().equals(item.id()))
                                .isEmpty())
                        .map(item -> new Option(
                                RigAxis.HOLDER,
                                item.id(),
                                Text.of("{}", Worded.capital(item.name())),
                                line -> Optional.of(held(line.entered(), display.id(), item)))));
    }

    private static Rig held(Rig rig, String display, Holder item) {
        String id = rig.holderOf(display).map(Holder::id).orElse("holder-" + display);
        return rig.with(item.with(placed -> placed.id(id).origin(item.id()).holds(display)));
    }

    private Stream<Option> banks() {
        Optional<Pack> old = pack(rig);
        Stream<Option> owned = BatteryChanges.owned(base)
                .map(change -> new Option(
                        RigAxis.BANK,
                        change.id(),
                        change.label(),
                        line -> BatteryChanges.owned(line)
                                .filter(each -> each.id().equals(change.id()))
                                .findFirst()
                                .map(Change::after)));
        Stream<Option> bought = old.stream()
                .flatMap(pack -> Dominated.without(Catalogue.packs()).stream()
                        .filter(item -> !item.id().equals(pack.origin()))
                        .map(item -> new Option(
                                RigAxis.BANK,
                                item.id(),
                                Text.of("{}", item.name()),
                                line -> BatteryChanges.take(line, pack.id(), item.id())
                                        .map(Change::after))));
        return old.isEmpty() ? Stream.empty() : Stream.concat(owned, bought);
    }

    private Stream<Option> stowages() {
        return pack(rig).stream()
                .flatMap(pack -> rig.craft().stations().stream()
                        .filter(station ->
                                station.spot().takesPack() && !station.id().equals(rig.stationOf(pack.id())))
                        .map(station -> new Option(
                                RigAxis.STOWAGE,
                                station.id(),
                                Text.of("{}", station.name()),
                                line -> CarryChanges.moved(line, "carry.place." + pack.id() + "." + station.id())
                                        .map(Change::after))));
    }

    private Stream<Option> schools() {
        // one that comes with a lamp is one device more, which nobody asked for
        return pack(rig).isEmpty()
                ? Stream.empty()
                : Distribution.all(base).stream()
                        .filter(change -> change.after().devices().equals(rig.devices()))
                        .map(change -> {
                            String school = change.id().substring(change.id().lastIndexOf('.') + 1);
                            return new Option(
                                    RigAxis.SCHOOL,
                                    school,
                                    change.label(),
                                    line -> Distribution.of(line, school).map(Change::after));
                        });
    }

    private Stream<Option> boxes() {
        return box(rig).stream()
                .flatMap(old -> Catalogue.boxes().stream()
                        .filter(item ->
                                item.kind() == old.kind() && !item.outside().equals(old.outside()))
                        .map(item -> new Option(
                                RigAxis.BOX,
                                item.id(),
                                Text.of("{}", Worded.capital(item.name())),
                                line -> Optional.of(boxed(line.entered(), old, item)))));
    }

    /** In the place of the other, with what goes into that and out of it. */
    private static Rig boxed(Rig rig, Enclosure old, Enclosure item) {
        Enclosure placed = old.with(box -> box.name(item.name())
                .outside(item.outside())
                .massKg(item.massKg())
                .wallM(item.wallM())
                .ribs(List.of()));
        // what was said of the other is not said of this one
        return rig.withFitOut(rig.fitOut().with(placed)).withPurse(rig.purse().without(old.id(), ""));
    }
}
