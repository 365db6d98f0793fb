package app.brightkeel.core.build;

import app.brightkeel.core.layout.Loosened;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.layout.TakenTogether;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.route.Cable;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Writes the sheet of one occasion. */
final class ApartWriter {

    /** One plug, knob or strap [min]; common practice, no source. */
    private static final double HALF_MIN = 0.5;

    static final String RIG = "rig";

    private final Rig rig;
    private final Apart occasion;
    private final Predicate<String> wanted;
    private final TakenTogether together;
    private final Gathered gathered = new Gathered();
    private final ApartCovers covers;
    private int plugs;
    private int knobs;
    private int straps;

    ApartWriter(Rig rig, Apart occasion) {
        this(rig, occasion, item -> true);
    }

    /** @param wanted of what comes off, what this is about */
    ApartWriter(Rig rig, Apart occasion, Predicate<String> wanted) {
        this.rig = rig;
        this.occasion = occasion;
        this.wanted = wanted;
        together = new TakenTogether(rig);
        covers = new ApartCovers(rig, gathered);
    }

    ApartSheet write() {
        if (occasion == Apart.CHARGE) {
            rig.harness().packs().forEach(this::charge);
            // over a battery that was taken out for it nothing is shut before it is back
            if (gathered.steps().stream().noneMatch(each -> each.kind() == StepKind.LIFT)) {
                covers.shut(gathered.steps().stream()
                        .filter(each -> each.kind() == StepKind.CHARGE)
                        .map(Step::id)
                        .toList());
            }
        } else {
            List<TakeOff.Item> off = off();
            if (!off.isEmpty()) {
                tell(off);
            }
        }
        covers.nest();
        straps += covers.straps();
        BuildSheet sheet = gathered.sheet();
        List<String> order = WorkOrder.of(new BuildGraph(sheet));
        double minutes = sheet.steps().stream().mapToDouble(Step::minutes).sum();
        return new ApartSheet(occasion, occasion.words(), occasion.what(), sheet, order, plugs, knobs, straps, minutes);
    }

    private void tell(List<TakeOff.Item> off) {
        if (occasion == Apart.CAR_PARK) {
            off.forEach(this::putOn);
            covers.shut(List.of(powerOn()));
            return;
        }
        powerOff();
        off.forEach(this::lift);
        covers.shut(off.stream().map(item -> StepKind.LIFT.of(item.id())).toList());
        if (occasion == Apart.SWAP) {
            there(off);
        }
    }

    /** To another craft go screens and the batteries that feed them. */
    private List<TakeOff.Item> off() {
        List<TakeOff.Item> off = TakeOff.of(rig).off().stream()
                .filter(item -> wanted.test(item.id()))
                .toList();
        if (occasion != Apart.SWAP) {
            return off;
        }
        boolean several =
                rig.sharing().crafts().isSet() && rig.sharing().crafts().value() > 1;
        return several
                ? off.stream()
                        .filter(item -> rig.transducer(item.id()).isEmpty())
                        .toList()
                : List.of();
    }

    private String add(StepDraft draft) {
        return gathered.add(draft);
    }

    private void first(String before, String after, String why) {
        gathered.need(before, after, Need.Sort.ORDER, why, 0);
    }

    private StepDraft step(StepKind kind, String subject, String title, Object... parts) {
        return new StepDraft(kind, subject, Text.of(title, parts));
    }

    private boolean switched() {
        return rig.harness().segments().stream()
                .flatMap(segment -> segment.fittings().stream())
                .anyMatch(Fitting.Switch.class::isInstance);
    }

    private void powerOff() {
        add(step(StepKind.OFF, RIG, "switch everything off")
                .say(switched() ? "Each screen by its own key, then the switch." : "Each screen by its own key.")
                .say("From now on every plug by the plug, never by the lead.")
                .check(
                        "dark",
                        "every screen is dark",
                        "a plug pulled under load burns its pins, and the track of the day is lost"));
    }

    /** Cables between what comes off and what does not come off with it. */
    private List<Cable> across(String item) {
        String mine = together.of(item);
        List<String> members = members(mine, item);
        return Cable.all(rig).stream()
                .filter(cable -> {
                    List<String> ends = CableEnds.of(rig, cable);
                    boolean touches = ends.stream().anyMatch(members::contains);
                    return touches
                            && ends.stream().anyMatch(end -> !together.of(end).equals(mine));
                })
                .toList();
    }

    private List<String> members(String group, String item) {
        List<String> all = new ArrayList<>(List.of(item));
        rig.places().forEach(place -> {
            if (!group.isEmpty() && together.of(place.item()).equals(group)) {
                all.add(place.item());
            }
        });
        rig.transducers().forEach(each -> {
            if (!group.isEmpty() && together.of(each.id()).equals(group)) {
                all.add(each.id());
            }
        });
        return all;
    }

    /** Whether a plug is left behind: a transducer that comes off takes its lead with it. */
    private boolean left(Cable cable) {
        if (cable.sonar() && !together.of(cable.id()).isEmpty()) {
            return false;
        }
        return CableEnds.of(rig, cable).stream()
                .anyMatch(end -> together.of(end).isEmpty());
    }

    private void unplug(Cable cable) {
        String id = StepKind.UNPLUG.of(cable.id());
        if (gathered.has(id)) {
            return;
        }
        plugs++;
        add(step(StepKind.UNPLUG, cable.id(), "unplug the {}", cable.name())
                .fact("cable", "{}", cable.name())
                .of(cable.id())
                .at(cable.start(), cable.end()));
        first(StepKind.OFF.of(RIG), id, "power off before a plug is pulled");
        if (left(cable)) {
            add(step(StepKind.CAP, cable.id(), "cap the plug of the {} that stays, and tie it up", cable.name())
                    .minutes(HALF_MIN)
                    .fact("cable", "{}", cable.name())
                    .of(cable.id()));
            first(id, StepKind.CAP.of(cable.id()), "it is still plugged in");
        }
    }

    private void lift(TakeOff.Item item) {
        StepDraft draft = step(
                        StepKind.LIFT,
                        item.id(),
                        item.station().isEmpty() ? "take off the {}" : "take off the {}: {}",
                        named(item))
                .fact("loosened", "{}", item.by())
                .of(item.id());
        String lift = add(byHand(draft, item.loosened(), "Loosen: {}."));
        first(StepKind.OFF.of(RIG), lift, "power off first");
        for (Cable cable : across(item.id())) {
            unplug(cable);
            first(StepKind.UNPLUG.of(cable.id()), lift, "unplugged before it is lifted");
            free(cable, lift);
            covers.open(item.id(), StepKind.UNPLUG.of(cable.id()));
        }
        covers.open(item.id(), lift);
        pad(item, lift);
    }

    private static Object[] named(TakeOff.Item item) {
        return item.station().isEmpty() ? new Object[] {item.name()} : new Object[] {item.name(), item.station()};
    }

    /** Plugs are steps of their own. */
    private StepDraft byHand(StepDraft draft, Loosened by, String told) {
        int turned = by.count(Loosened.Sort.KNOB);
        int opened = by.count(Loosened.Sort.STRAP);
        knobs += turned;
        straps += opened;
        return draft.sayIf(!by.withoutPlugs().isEmpty(), told, by.withoutPlugs())
                .minutes(HALF_MIN * Math.max(1, turned + opened));
    }

    private void free(Cable cable, String lift) {
        List<String> moved = rig.runOf(cable.id()).map(Run::travels).orElse(List.of()).stream()
                .filter(Travel::freed)
                .map(travel -> travel.what().words())
                .toList();
        if (moved.isEmpty()) {
            return;
        }
        String id = StepKind.FREE.of(cable.id());
        if (!gathered.has(id)) {
            add(step(
                            StepKind.FREE,
                            cable.id(),
                            "free the {} from the {}",
                            cable.name(),
                            String.join(" and the ", moved))
                    .fact("moves", "{}", String.join(", ", moved))
                    .of(cable.id()));
            first(StepKind.UNPLUG.of(cable.id()), id, "it is unplugged before it is drawn out");
        }
        first(id, lift, "a trapped lead is freed before anything folds or lifts");
    }

    private void pad(TakeOff.Item item, String lift) {
        if (occasion == Apart.STRIP) {
            return;
        }
        boolean transducer = rig.transducer(item.id()).isPresent();
        boolean display = rig.devices().stream()
                .anyMatch(
                        device -> device.id().equals(item.id()) && device.kind().display());
        List<Enclosure> bags = rig.fitOut().boxes().stream()
                .filter(box -> together.of(item.id()).equals(box.id()))
                .toList();
        StepDraft draft = step(
                        StepKind.PAD,
                        item.id(),
                        transducer ? "pad the {} and coil its lead" : display ? "cover the {}" : "stow the {}",
                        item.name())
                .of(item.id());
        if (transducer) {
            draft.say(
                    "Face in cloth or foam, nothing hard against it; the lead in wide turns, its plug capped and dry.");
        } else if (display) {
            draft.say(
                    rig.fitOut().has(ExtraKind.COVER, item.id())
                            ? "Wiped dry, its own cover on, face to the soft side."
                            : "Wiped dry, a cloth over it, face to the soft side.");
        } else {
            boolean pack =
                    rig.harness().packs().stream().anyMatch(each -> each.id().equals(item.id()));
            draft.say(pack ? "Dry, terminals covered, so that it cannot fall." : "Dry, so that it cannot fall.");
        }
        for (Enclosure box : bags) {
            draft.say(
                    box.kind() == EnclosureKind.BAG
                            ? "The {} is zipped gradually, the other hand inside before the teeth."
                            : "The {} is shut last.",
                    box.name());
        }
        first(lift, add(draft), "it is off first");
    }

    /** Carried to the other craft: set, plugged, set in its menu, switched on. */
    private void there(List<TakeOff.Item> off) {
        for (TakeOff.Item item : off) {
            String on = add(step(StepKind.PUT_ON, item.id(), "set the {} at its other place", item.name())
                    .of(item.id()));
            first(StepKind.LIFT.of(item.id()), on, "it is off here first");
            first(StepKind.PAD.of(item.id()), on, "it travels padded");
        }
        String power = add(step(StepKind.SEE, RIG, "switch on there, and look")
                .check(
                        "setting",
                        "the display is set to the transducer of that craft",
                        "set to the other one it shows something, and wrong")
                .check(
                        "home",
                        "it was done once at home, powered at both places",
                        "the first swap is no work for cold hands"));
        off.forEach(item -> first(StepKind.PUT_ON.of(item.id()), power, "everything stands where it belongs"));
    }

    private void putOn(TakeOff.Item item) {
        StepDraft draft = step(
                        StepKind.PUT_ON,
                        item.id(),
                        item.station().isEmpty() ? "put on the {}" : "put on the {}: {}",
                        named(item))
                .fact("tightened", "{}", item.by())
                .of(item.id());
        String on = add(byHand(draft, item.loosened(), "Then: {}."));
        covers.open(item.id(), on);
        for (Cable cable : across(item.id())) {
            String plug = StepKind.PLUG.of(cable.id());
            if (!gathered.has(plug)) {
                plugs++;
                add(step(StepKind.PLUG, cable.id(), "plug in the {}", cable.name())
                        .fact("cable", "{}", cable.name())
                        .minutes(HALF_MIN)
                        .check(
                                "seated",
                                "seated and tugged, its cap hung away",
                                "half in, it works until the first wave")
                        .of(cable.id()));
            }
            covers.open(item.id(), plug);
            first(on, plug, "set before it is plugged: a plug is not what holds it");
        }
    }

    private String powerOn() {
        List<String> all = gathered.steps().stream().map(Step::id).toList();
        String on = add(step(StepKind.POWER, RIG, "switch on, and look")
                .minutes(1)
                .check("volts", "rest volts were read and written down before", "they tell tomorrow what today took")
                .check(
                        "views",
                        "every screen comes on, and sees its transducer",
                        "here it is three minutes, afloat it is the day"));
        all.forEach(before -> first(before, on, "everything is plugged in first"));
        return on;
    }

    private void charge(Pack pack) {
        List<Charger> chargers = rig.chargersOf(pack.id());
        if (chargers.isEmpty()) {
            return;
        }
        if (!gathered.has(StepKind.OFF.of(RIG))) {
            powerOff();
        }
        boolean comesOff =
                rig.placeOf(pack.id()).filter(place -> place.comesOff()).isPresent();
        Set<String> wires = rig.harness().from(pack.id()).stream()
                .map(segment -> segment.id())
                .collect(Collectors.toSet());
        for (Cable cable : Cable.all(rig)) {
            if (wires.contains(cable.id())) {
                unplug(cable);
                covers.open(pack.id(), StepKind.UNPLUG.of(cable.id()));
            }
        }
        if (comesOff) {
            TakeOff.of(rig).off().stream()
                    .filter(item -> item.id().equals(pack.id()))
                    .forEach(this::lift);
        }
        for (Charger charger : chargers) {
            String id = add(step(StepKind.CHARGE, charger.id(), "join the {} to the {}", charger.name(), pack.name())
                    .of(charger.id(), pack.id())
                    .fact("via", "{}", charger.via())
                    .say(
                            charger.via().isEmpty()
                                    ? "At its terminals or its own plug, red to red."
                                    : "At the plug that is there: nothing is unwired.")
                    .sayIf(
                            pack.chemistry().lithium(),
                            "Above 0 °C and below 45 °C, the battery itself and not the room.")
                    .sayIf(pack.chemistry().lead(), "Lid open, no flame, never frozen.")
                    .check(
                            "watched",
                            "it stands on something that does not burn, and somebody is at home",
                            "what goes wrong with a battery goes wrong on charge")
                    .check("after", "an hour after the end its rest volts are written down", "they tell how it ages"));
            plugs++;
            wires.forEach(wire -> first(StepKind.UNPLUG.of(wire), id, "nothing draws while it charges"));
            covers.open(pack.id(), id);
            first(StepKind.LIFT.of(pack.id()), id, "it is where it is charged first");
            first(StepKind.OFF.of(RIG), id, "power off first");
        }
    }
}
