package app.brightkeel.core.parts;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
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
import java.util.stream.Collectors;

/** The pieces of a rig in the order battery, wire with what sits in it, junctions, devices, transducers. */
public final class PartsList {

    /**
     * One piece.
     *
     * @param id   in the rig; "" where the piece belongs to the one before
     * @param what kind of thing
     * @param size what to look for in the shop; empty words where nothing is decided yet
     * @param note why it was chosen, "" where nobody said
     */
    public record Part(String id, String what, String name, Text size, String note) {}

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
        rig.harness().junctions().forEach(j -> list.add(j.id(), "junction", j.name(), Text.of("")));
        rig.devices()
                .forEach(d ->
                        list.add(d.id(), "device", d.name(), Text.of(d.kind().words())));
        rig.transducers().forEach(list::transducer);
        return List.copyOf(list.parts);
    }

    private void add(String id, String what, String name, Text size) {
        parts.add(new Part(id, what, name, size, id.isEmpty() ? "" : notes.getOrDefault(id, "")));
    }

    private void pack(Pack pack) {
        Text size = joined(
                amount(pack.capacityAh(), Unit.AMPERE_HOUR),
                List.of(pack.chemistry().words()),
                pack.blocks() == 1 ? List.of() : List.of(pack.blocks() + " in series"),
                amount(pack.massKg(), Unit.KILOGRAM),
                pack.role() == PackRole.IN_USE ? List.of() : List.of(pack.role().words()));
        add(pack.id(), "battery", pack.name(), size);
    }

    private void charger(Charger charger) {
        Text size = joined(
                List.of(charger.chemistry().words()),
                charger.blocks() == 1 ? List.of() : List.of(charger.blocks() + " in series"),
                amount(charger.amps(), Unit.AMPERE));
        add(charger.id(), "charger", charger.name(), size);
    }

    private void transducer(Transducer transducer) {
        Text size = joined(
                List.of(transducer.type().words()),
                amount(transducer.lead().lengthM(), Unit.METRE),
                amount(transducer.massKg(), Unit.KILOGRAM));
        add(transducer.id(), "transducer", transducer.name(), size);
        if (transducer.lead().extensionM().isSet()) {
            String name = "extension of " + transducer.name();
            add("", "extension lead", name, joined(amount(transducer.lead().extensionM(), Unit.METRE)));
        }
        if (transducer.mount().kind() != MountKind.UNDECIDED) {
            add("", "mount", transducer.mount().kind().words(), Text.of(""));
        }
    }

    private void segment(Segment segment) {
        List<Object> gauge = segment.wire().gauge().decided()
                ? List.of(new Amount(segment.wire().gauge().size().areaMm2(), Unit.WIRE))
                : List.of();
        Text size = joined(
                gauge,
                segment.wire().tinned() ? List.of("tinned") : List.of(),
                amount(segment.wire().lengthM(), Unit.METRE));
        add(segment.id(), "pair of wires", segment.name(), size);
        segment.fittings().forEach(this::fitting);
    }

    private void fitting(Fitting fitting) {
        if (fitting instanceof Fitting.Fuse fuse) {
            Text size = joined(
                    amount(fuse.ratingA(), Unit.RATING), List.of(fuse.form().words()));
            add(fuse.id(), "fuse", fuse.name(), size);
        } else {
            add(fitting.id(), fitting instanceof Fitting.Switch ? "switch" : "joint", fitting.name(), Text.of(""));
        }
    }

    private static List<Object> amount(Figure figure, Unit unit) {
        return figure.isSet() ? List.of(new Amount(figure.value(), unit)) : List.of();
    }

    @SafeVarargs
    private static Text joined(List<? extends Object>... pieces) {
        List<Object> all = new ArrayList<>();
        for (List<?> piece : pieces) {
            all.addAll(piece);
        }
        return Text.of(all.stream().map(p -> "{}").collect(Collectors.joining(", ")), all.toArray());
    }
}
