package app.brightkeel.core.garage;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A rig with a copy of a piece of gear in the place of a part of its sort. */
final class InPlace {

    private InPlace() {}

    /** What a part of its sort is joined to stays as it is. */
    static Rig of(Rig rig, Item item, RigThings.There there) {
        Thing thing = item.thing();
        String id = there.part();
        if (thing instanceof Thing.OwnDevice own) {
            boolean later = rig.device(id).later();
            return rig.with(own.device().with(it -> it.id(id).name(item.name()).later(later)));
        }
        if (thing instanceof Thing.OwnTransducer own) {
            Transducer old = rig.transducer(id).orElseThrow();
            String origin = own.transducer().origin();
            return rig.with(Catalogue.inPlaceOf(old, own.transducer().withName(item.name()))
                    .withOrigin(origin));
        }
        if (thing instanceof Thing.OwnMount own) {
            Transducer old = rig.transducer(id).orElseThrow();
            Mount mount = old.mount()
                    .with(it -> it.kind(own.mount().kind()).plateM(own.mount().plateM()));
            return rig.with(old.withMount(mount));
        }
        if (thing instanceof Thing.OwnHolder own) {
            return rig.withHolders(rig.holders().stream()
                    .map(old -> old.id().equals(id)
                            ? own.holder()
                                    .with(it -> it.id(id).name(item.name()).holds(old.holds()))
                            : old)
                    .toList());
        }
        if (thing instanceof Thing.OwnPack own) {
            return pack(rig, item, own.pack(), id);
        }
        if (thing instanceof Thing.OwnCharger own) {
            return rig.withChargers(rig.chargers().stream()
                    .map(old -> old.id().equals(id)
                            ? old.with(it -> it.name(item.name())
                                    .chemistry(own.charger().chemistry())
                                    .blocks(own.charger().blocks())
                                    .amps(own.charger().amps())
                                    .ending(own.charger().ending()))
                            : old)
                    .toList());
        }
        if (thing instanceof Thing.OwnBox own) {
            Enclosure box = own.box();
            return rig.withFitOut(rig.fitOut()
                    .withBoxes(rig.fitOut().boxes().stream()
                            .map(old -> old.id().equals(id)
                                    ? box.with(it -> it.id(id).name(item.name()).station(old.station()))
                                    : old)
                            .toList()));
        }
        if (thing instanceof Thing.OwnAdapter own) {
            Transducer old = rig.transducer(id).orElseThrow();
            int at = Integer.parseInt(there.piece().substring(RigThings.ADAPTER.length())) - 1;
            List<Adapter> adapters = new ArrayList<>(old.plug().adapters());
            adapters.set(at, own.adapter().withName(item.name()));
            return rig.with(old.withPlug(old.plug().withAdapters(adapters)));
        }
        if (thing instanceof Thing.OwnCraft own) {
            return rig.withCraft(own.craft().withOrigin(item.id()));
        }
        return lead(rig, (Thing.OwnLead) thing, there);
    }

    private static Rig pack(Rig rig, Item item, Pack own, String id) {
        String origin = own.origin();
        Optional<Pack> compared =
                rig.onHand().stream().filter(each -> each.id().equals(id)).findFirst();
        if (compared.isPresent()) {
            return rig.withOnHand(rig.onHand().stream()
                    .map(each -> each.id().equals(id) ? own.with(it -> it.id(id).name(item.name())) : each)
                    .toList());
        }
        Pack old = rig.harness().pack(id);
        Pack placed = Catalogue.inPlaceOf(old, own.withName(item.name())).withOrigin(origin);
        return ChargerChanges.with(rig, placed);
    }

    private static Rig lead(Rig rig, Thing.OwnLead own, RigThings.There there) {
        String id = there.part();
        return switch (own.use()) {
            case EXTENSION -> {
                Transducer old = rig.transducer(id).orElseThrow();
                yield rig.with(old.withLead(old.lead().withExtensionM(own.lengthM())));
            }
            case DATA ->
                rig.withNetwork(rig.network()
                        .withLeads(rig.network().leads().stream()
                                .map(old -> old.id().equals(id) ? old.withLengthM(own.lengthM()) : old)
                                .toList()));
            case SUPPLY ->
                rig.withHarness(rig.harness()
                        .withSegments(rig.harness().segments().stream()
                                .map(old -> old.id().equals(id)
                                        ? old.withWire(old.wire().withLengthM(own.lengthM()))
                                        : old)
                                .toList())
                        .withSpares(rig.harness().spares().stream()
                                .map(old -> old.id().equals(id)
                                        ? old.withWire(old.wire().withLengthM(own.lengthM()))
                                        : old)
                                .toList()));
        };
    }
}
