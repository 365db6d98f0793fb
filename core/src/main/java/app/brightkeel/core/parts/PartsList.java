package app.brightkeel.core.parts;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The pieces of a rig in the order battery, wire with what sits in it, junctions, devices, transducers, what carries them. */
public final class PartsList {

    /**
     * One piece.
     *
     * @param id    in the rig; of what has none there that of the piece it belongs to, a slash and what it is
     * @param of    id of the piece it belongs to, "" where it stands alone
     * @param what  kind of thing
     * @param sort  what to look for in the shop, in words; "" where nothing is decided yet
     * @param sizes the same in figures, one of a unit at most
     * @param note  why it was chosen, "" where nobody said
     */
    public record Part(String id, String of, String what, String name, String sort, List<Amount> sizes, String note) {
        public Part {
            sizes = List.copyOf(sizes);
        }

        /** Its size in a unit. */
        public Optional<Amount> in(Unit unit) {
            return sizes.stream().filter(size -> size.unit() == unit).findFirst();
        }
    }

    private final Map<String, String> notes;
    private final List<Part> parts = new ArrayList<>();

    private PartsList(Rig rig) {
        notes = rig.notes().stream().collect(Collectors.toMap(Note::part, Note::text));
    }

    public static List<Part> of(Rig rig) {
        PartsList list = new PartsList(rig);
        rig.harness().packs().forEach(list::pack);
        rig.chargers().forEach(list::charger);
        rig.harness().segments().forEach(list::segment);
        rig.harness()
                .junctions()
                .forEach(
                        j -> list.add(j.id(), "", "junction", j.name(), j.sort().words(), List.of()));
        rig.devices()
                .forEach(d ->
                        list.add(d.id(), "", "device", d.name(), d.kind().words(), size(d.massKg(), Unit.KILOGRAM)));
        rig.network()
                .leads()
                .forEach(lead ->
                        list.add(lead.id(), "", "data lead", lead.name(), "", size(lead.lengthM(), Unit.METRE)));
        rig.holders().forEach(list::holder);
        rig.transducers().forEach(list::transducer);
        rig.fitOut()
                .boxes()
                .forEach(box -> list.add(
                        box.id(), "", "box", box.name(), box.kind().words(), size(box.massKg(), Unit.KILOGRAM)));
        rig.fitOut()
                .ballast()
                .forEach(weight ->
                        list.add(weight.id(), "", "weight", weight.name(), "", size(weight.massKg(), Unit.KILOGRAM)));
        rig.fitOut()
                .boards()
                .parts()
                .forEach(part ->
                        list.add(part.id(), "", "board part", part.name(), "", size(part.lengthM(), Unit.METRE)));
        rig.fitOut()
                .extras()
                .forEach(extra -> list.add(extra.id(), extra.of(), extra.kind().words(), extra.name(), "", List.of()));
        rig.fitOut()
                .closures()
                .forEach(each -> list.add(
                        each.id(), "", "closure", each.name(), each.kind().words(), List.of()));
        rig.fitOut().fasteners().forEach(list::fastener);
        rig.harness().spares().forEach(list::spare);
        return List.copyOf(list.parts);
    }

    private void add(String id, String of, String what, String name, String sort, List<Amount> sizes) {
        parts.add(new Part(id, of, what, name, sort, sizes, notes.getOrDefault(id, "")));
    }

    private void pack(Pack pack) {
        String sort = joined(
                pack.chemistry().words(),
                pack.blocks() == 1 ? "" : pack.blocks() + " in series",
                pack.role() == PackRole.IN_USE ? "" : pack.role().words());
        add(
                pack.id(),
                "",
                "battery",
                pack.name(),
                sort,
                sizes(size(pack.capacityAh(), Unit.AMPERE_HOUR), size(pack.massKg(), Unit.KILOGRAM)));
    }

    /** With what it is put together from: a base with its ball, an arm. */
    private void holder(Holder holder) {
        add(holder.id(), holder.holds(), "holder", holder.name(), holder.kind().words(), List.of());
        if (holder.ballM().isSet()) {
            add(
                    holder.id() + "/base",
                    holder.id(),
                    "base with a ball",
                    "base of the " + holder.name(),
                    "",
                    size(holder.ballM(), Unit.MILLIMETRE));
        }
        if (holder.armBallM().isSet()) {
            add(
                    holder.id() + "/arm",
                    holder.id(),
                    "arm for a ball",
                    "arm of the " + holder.name(),
                    "",
                    size(holder.armBallM(), Unit.MILLIMETRE));
        }
    }

    private void fastener(Fastener fastener) {
        add(
                fastener.id(),
                fastener.of(),
                "fastener",
                fastener.name(),
                fastener.kind().words(),
                sizes(
                        size(fastener.widthM(), Unit.FINE_MILLIMETRE),
                        sizes(
                                size(fastener.lengthM(), Unit.MILLIMETRE),
                                List.of(new Amount(fastener.count(), Unit.COUNT)))));
    }

    private void charger(Charger charger) {
        String sort = joined(charger.chemistry().words(), charger.blocks() == 1 ? "" : charger.blocks() + " in series");
        add(charger.id(), charger.charges(), "charger", charger.name(), sort, size(charger.amps(), Unit.AMPERE));
    }

    private void transducer(Transducer transducer) {
        add(
                transducer.id(),
                "",
                "transducer",
                transducer.name(),
                transducer.type().words(),
                sizes(size(transducer.lead().lengthM(), Unit.METRE), size(transducer.massKg(), Unit.KILOGRAM)));
        for (int k = 0; k < transducer.plug().adapters().size(); k++) {
            Adapter adapter = transducer.plug().adapters().get(k);
            add(
                    transducer.id() + "/adapter-" + (k + 1),
                    transducer.id(),
                    "adapter",
                    adapter.name(),
                    "",
                    size(adapter.toPins(), Unit.COUNT));
        }
        if (!transducer.plug().tag().isEmpty()) {
            add(
                    transducer.id() + "/tag",
                    transducer.id(),
                    "ring of tape",
                    transducer.plug().tag() + " ring on plug and socket of " + transducer.name(),
                    "",
                    List.of());
        }
        if (transducer.lead().extensionM().isSet()) {
            add(
                    transducer.id() + "/extension",
                    transducer.id(),
                    "extension lead",
                    "extension of " + transducer.name(),
                    "",
                    size(transducer.lead().extensionM(), Unit.METRE));
        }
        if (transducer.mount().plateM().isSet()) {
            add(
                    transducer.id() + "/plate",
                    transducer.id(),
                    "adapter plate",
                    "plate under the " + transducer.name(),
                    "",
                    size(transducer.mount().plateM(), Unit.MILLIMETRE));
        }
        if (transducer.mount().kind() != MountKind.UNDECIDED) {
            add(
                    transducer.id() + "/mount",
                    transducer.id(),
                    "mount",
                    transducer.mount().kind().words(),
                    "",
                    List.of());
        }
    }

    private void segment(Segment segment) {
        add(
                segment.id(),
                "",
                "pair of wires",
                segment.name(),
                segment.wire().tinned() ? "tinned" : "plain copper",
                sizes(Known.size(segment).stream().toList(), size(segment.wire().lengthM(), Unit.METRE)));
        segment.fittings().forEach(fitting -> fitting(segment, fitting));
    }

    private void spare(Segment spare) {
        add(spare.id(), "", "spare lead", spare.name(), "", size(spare.wire().lengthM(), Unit.METRE));
        spare.fittings()
                .forEach(fitting -> add(fitting.id(), spare.id(), "in the spare lead", fitting.name(), "", List.of()));
    }

    private void fitting(Segment segment, Fitting fitting) {
        if (fitting instanceof Fitting.Fuse fuse) {
            add(fuse.id(), segment.id(), "fuse", fuse.name(), fuse.form().words(), size(fuse.ratingA(), Unit.RATING));
        } else {
            String what = fitting instanceof Fitting.Switch ? "switch" : "joint";
            add(fitting.id(), segment.id(), what, fitting.name(), "", List.of());
        }
    }

    private static List<Amount> size(Figure figure, Unit unit) {
        return Known.of(figure, unit).stream().toList();
    }

    private static List<Amount> sizes(List<Amount> one, List<Amount> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    private static String joined(String... words) {
        return Stream.of(words).filter(word -> !word.isEmpty()).collect(Collectors.joining(", "));
    }
}
