package app.brightkeel.core.garage;

import app.brightkeel.core.harness.Banks;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A rig with a copy of a piece of gear as one more of its sort, or the first. */
final class OneMore {

    private OneMore() {}

    /** As one more; empty where there is nothing that it would belong to. */
    static Optional<Rig> of(Rig rig, Item item) {
        Thing thing = item.thing();
        if (thing instanceof Thing.OwnDevice own) {
            Device copy =
                    own.device().with(it -> it.id(FreshId.of(rig, "device")).name(item.name()));
            return kept(rig.withDevices(and(rig.devices(), copy)), copy.id(), "", item);
        }
        if (thing instanceof Thing.OwnTransducer own) {
            Transducer copy = own.transducer()
                    .with(it -> it.id(FreshId.of(rig, "transducer"))
                            .name(item.name())
                            .feeds("")
                            .mount(Mount.UNDECIDED));
            return kept(rig.withTransducers(and(rig.transducers(), copy)), copy.id(), "", item);
        }
        if (thing instanceof Thing.OwnPack own) {
            return Optional.of(beside(rig, item, own.pack()));
        }
        if (thing instanceof Thing.OwnHolder own) {
            return rig.devices().stream()
                    .filter(each ->
                            each.kind().display() && rig.holderOf(each.id()).isEmpty())
                    .findFirst()
                    .flatMap(display -> {
                        Holder copy = own.holder()
                                .with(it -> it.id(FreshId.of(rig, "holder"))
                                        .name(item.name())
                                        .holds(display.id()));
                        return kept(rig.with(copy), copy.id(), "", item);
                    });
        }
        if (thing instanceof Thing.OwnCharger own) {
            return rig.harness().packs().stream()
                    .filter(pack -> rig.chargersOf(pack.id()).isEmpty())
                    .findFirst()
                    .flatMap(pack -> {
                        Charger copy = own.charger()
                                .with(it -> it.id(FreshId.of(rig, "charger"))
                                        .name(item.name())
                                        .charges(pack.id())
                                        .via(""));
                        return kept(rig.withChargers(and(rig.chargers(), copy)), copy.id(), "", item);
                    });
        }
        if (thing instanceof Thing.OwnBox own) {
            return rig.harness().packs().stream()
                    .map(pack -> rig.stationOf(pack.id()))
                    .filter(station ->
                            !station.isEmpty() && rig.fitOut().boxAt(station).isEmpty())
                    .findFirst()
                    .flatMap(station -> {
                        Enclosure copy = own.box()
                                .with(it -> it.id(FreshId.of(rig, "box"))
                                        .name(item.name())
                                        .station(station));
                        return kept(
                                rig.withFitOut(
                                        rig.fitOut().withBoxes(and(rig.fitOut().boxes(), copy))),
                                copy.id(),
                                "",
                                item);
                    });
        }
        return between(rig, item);
    }

    /** What goes between the first transducer and its display, or under it. */
    private static Optional<Rig> between(Rig rig, Item item) {
        Optional<Transducer> first = rig.transducers().stream().findFirst();
        if (item.thing() instanceof Thing.OwnAdapter own) {
            return first.flatMap(each -> kept(
                    rig.with(each.withPlug(each.plug()
                            .withAdapters(
                                    and(each.plug().adapters(), own.adapter().withName(item.name()))))),
                    each.id(),
                    RigThings.ADAPTER + (each.plug().adapters().size() + 1),
                    item));
        }
        if (item.thing() instanceof Thing.OwnMount own) {
            return first.flatMap(each ->
                    kept(rig.with(each.withMount(own.mount().withStation(""))), each.id(), RigThings.MOUNT, item));
        }
        if (item.thing() instanceof Thing.OwnLead own && own.use() == LeadUse.EXTENSION) {
            return first.flatMap(each -> kept(
                    rig.with(each.withLead(each.lead().withExtensionM(own.lengthM()))),
                    each.id(),
                    RigThings.EXTENSION,
                    item));
        }
        return Optional.empty();
    }

    /** Into the rig where it has no battery in use; else beside it, for Compare to try. */
    private static Rig beside(Rig rig, Item item, Pack own) {
        if (Banks.inUse(rig).isEmpty()) {
            Pack copy = own.with(
                    it -> it.id(FreshId.of(rig, "pack")).name(item.name()).onTopOf(""));
            Rig after =
                    rig.withHarness(rig.harness().withPacks(and(rig.harness().packs(), copy)));
            return kept(after, copy.id(), "", item).orElseThrow();
        }
        Pack copy = own.with(it -> it.id(item.id()).name(item.name()).onTopOf(""));
        return rig.withOnHand(and(rig.onHand(), copy));
    }

    private static Optional<Rig> kept(Rig after, String part, String piece, Item item) {
        return RigThings.of(after).stream()
                .filter(there -> there.part().equals(part) && there.piece().equals(piece))
                .findFirst()
                .map(there -> Taking.marked(after, there, item));
    }

    private static <T> List<T> and(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }
}
