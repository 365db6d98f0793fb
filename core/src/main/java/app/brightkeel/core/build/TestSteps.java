package app.brightkeel.core.build;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Cable;
import java.util.ArrayList;
import java.util.List;

/** On the bench, before anything disappears into a box: polarity, fuses, plugs, power, and every view on the screen. */
final class TestSteps implements StepsOf {

    static final String FUSES = "fuses";
    static final String VIEWS = "views";

    private final SheetWriter sheet;

    TestSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        join();
        fuses();
        for (Device device : sheet.rig().devices()) {
            if (fed(device)) {
                polarity(device);
            }
            plug(device);
            if (fed(device)) {
                power(device);
            }
        }
        views();
        save();
    }

    private boolean fed(Device device) {
        return sheet.rig().harness().segments().stream()
                .anyMatch(segment -> segment.to().equals(device.id()));
    }

    private List<Pack> used() {
        return sheet.rig().harness().packs().stream()
                .filter(pack -> pack.role() == PackRole.IN_USE)
                .toList();
    }

    private void join() {
        List<Pack> packs = used();
        if (packs.size() < 2) {
            return;
        }
        boolean series = packs.stream().anyMatch(pack -> !pack.onTopOf().isEmpty());
        StepDraft draft = sheet.step(StepKind.JOIN, WireSteps.HARNESS, "join the batteries, and pull each joint")
                .fact("how", "{}", series ? "in series" : "side by side")
                .check(
                        "volts",
                        "their rest volts were read, and differ by no more than a tenth of a volt, with lithium half of that",
                        "the fuller one pushes its charge into the other at once")
                .check(
                        "red",
                        series
                                ? "minus of the upper goes to plus of the lower, and never across one battery"
                                : "red goes to red and black to black",
                        "the other way round it is a short circuit")
                .check("pulled", "each joint stands a hard pull", "under a shut tray nobody looks again")
                .caution("short-circuit");
        packs.forEach(pack -> draft.of(pack.id()).at(sheet.rig().stationOf(pack.id())));
        sheet.add(draft.piece(Piece.Of.HARNESS, packs.stream().map(Pack::id).toList()));
    }

    private List<Fitting.Fuse> all() {
        List<Fitting.Fuse> all = new ArrayList<>();
        for (Segment segment : sheet.rig().harness().segments()) {
            segment.fittings().stream()
                    .filter(Fitting.Fuse.class::isInstance)
                    .map(Fitting.Fuse.class::cast)
                    .forEach(all::add);
        }
        return all;
    }

    private void fuses() {
        List<Fitting.Fuse> all = all();
        if (all.isEmpty()) {
            return;
        }
        StepDraft draft = sheet.step(
                StepKind.FUSE_IN,
                FUSES,
                all.size() == 1 ? "put the fuse in" : "put the fuses in, the one at the battery last");
        for (Fitting.Fuse fuse : all) {
            draft.of(fuse.id());
            if (fuse.ratingA().isSet()) {
                Amount rating = new Amount(fuse.ratingA().value(), Unit.RATING);
                draft.say("{}: {}.", fuse.name(), rating).fact(fuse.name(), "{}", rating);
            } else {
                draft.say("{}: its rating is not said yet, and nothing is put in before.", fuse.name());
            }
        }
        sheet.add(draft.caution("unfused")
                .piece(Piece.Of.HARNESS, all.stream().map(Fitting.Fuse::id).toList()));
    }

    private void polarity(Device device) {
        List<String> feeds = sheet.rig().harness().segments().stream()
                .filter(segment -> segment.to().equals(device.id()))
                .map(Segment::id)
                .toList();
        sheet.add(sheet.step(StepKind.POLARITY, device.id(), "read plus and minus at the lead of the {}", device.name())
                .say("Meter on volts, red tip to red, the plug in the hand and not in the {}.", device.name())
                .fact("fed by", "{}", String.join(", ", feeds))
                .check(
                        "sign",
                        "the meter shows volts without a minus sign",
                        "the wrong way round some devices die at once")
                .check(
                        "off",
                        "with the switch off, or the fuse out, it shows nothing",
                        "what is live when off empties the battery by spring")
                .at(sheet.rig().stationOf(device.id()))
                .of(device.id())
                .of(feeds)
                .piece(Piece.Of.HARNESS, feeds));
    }

    private void plug(Device device) {
        List<Text> plugs = new ArrayList<>();
        List<String> parts = new ArrayList<>(List.of(device.id()));
        for (Transducer each : sheet.rig().transducers()) {
            if (sheet.rig()
                    .displayOf(each)
                    .filter(display -> display.id().equals(device.id()))
                    .isPresent()) {
                plugs.add(Text.of("lead of the {}", each.name()));
                parts.add(each.id());
                for (int k = 0; k < each.plug().adapters().size(); k++) {
                    parts.add(each.id() + "/adapter-" + (k + 1));
                    plugs.add(Text.of(
                            "the {} between", each.plug().adapters().get(k).name()));
                }
                if (!each.plug().tag().isEmpty()) {
                    parts.add(each.id() + "/tag");
                    plugs.add(Text.of("by its {} ring", each.plug().tag()));
                }
            }
        }
        sheet.rig().network().leads().stream()
                .filter(lead -> lead.from().equals(device.id()) || lead.to().equals(device.id()))
                .forEach(lead -> {
                    plugs.add(Text.of("{}", lead.name()));
                    parts.add(lead.id());
                });
        sheet.rig().harness().segments().stream()
                .filter(segment -> segment.to().equals(device.id()))
                .forEach(segment -> {
                    plugs.add(Text.of("{}", segment.name()));
                    parts.add(segment.id());
                });
        if (plugs.isEmpty()) {
            return;
        }
        StepDraft draft = sheet.step(StepKind.PLUG, device.id(), "plug in at the {}, power off", device.name())
                .say("{}.", Text.joined(plugs))
                .fact("plugs", "{}", Text.joined(plugs))
                .check(
                        "seated",
                        plugs.size() == 1
                                ? "it is pushed home, and its ring turned to the stop"
                                : "each is pushed home, and its ring turned to the stop",
                        "half in, it works on the bench and not in the chop")
                .check(
                        "tugged",
                        "tugged by the plug, at both ends of the lead, nothing moves",
                        "the other end is the one that was forgotten")
                .at(sheet.rig().stationOf(device.id()))
                .of(parts)
                .times(plugs.size());
        sheet.add(draft.piece(Piece.Of.HARNESS, parts));
    }

    private void power(Device device) {
        StepDraft draft = sheet.step(StepKind.POWER, device.id(), "switch the {} on", device.name())
                .at(sheet.rig().stationOf(device.id()))
                .of(device.id());
        int index = sheet.rig().indexOf(device);
        Outcome<Double> volts = sheet.line().get(Feed.STAGE).flatMap(feed -> feed.deviceVolts(index, feed.full()));
        if (volts.isKnown()) {
            Amount there = new Amount(volts.value(), Unit.VOLT);
            draft.say("Battery full, everything on at full brightness: {} at its plug.", there)
                    .fact("volts", "{}", there);
            draft.say("More than two tenths of a volt below that: the bench says where to look.");
        } else {
            draft.say("What it should read is not known yet: say wire, battery and draw.");
        }
        sheet.add(draft.piece(Piece.Of.HARNESS, List.of(device.id())));
    }

    private void views() {
        List<Device> displays = sheet.rig().devices().stream()
                .filter(device -> device.kind().display() && !device.later())
                .toList();
        if (displays.isEmpty()) {
            return;
        }
        StepDraft draft = sheet.step(StepKind.SEE, VIEWS, "see every view that is wanted, before anything is shut away")
                .say("A picture from the demo mode proves the screen, and nothing of the transducer.")
                .say("In air a glance; longer with the face in a bucket of water.");
        for (Transducer each : sheet.rig().transducers()) {
            for (Beam beam : each.beams()) {
                draft.check(
                        each.id() + "-" + beam.id(),
                        Text.of(
                                "{}: its {}, {}",
                                each.name(),
                                beam.name(),
                                beam.shape().words()),
                        "each has its own wires in the plug");
            }
            draft.check(
                    each.id() + "-setting",
                    Text.of(
                            "the display is set to this transducer: {}",
                            each.type().words()),
                    "set to another, it shows something, and wrong");
            draft.fact(each.name(), "{}, {}", each.type().words(), each.beams().size())
                    .of(each.id());
        }
        draft.check("fix", "it has its position", "the antenna under a deck or a battery sees no sky")
                .check("chart", "its chart is there and moves", "the card was in the other one");
        displays.forEach(device -> draft.of(device.id()).at(sheet.rig().stationOf(device.id())));
        sheet.add(draft);
    }

    private void save() {
        if (!sheet.has(StepKind.SEE.of(VIEWS))) {
            return;
        }
        boolean ice = sheet.rig().craft().kind().onIce();
        StepDraft draft = sheet.step(
                        StepKind.SAVE,
                        VIEWS,
                        ice
                                ? "set the pages and save them, before there is ice under you"
                                : "set the pages and save them")
                .check(
                        "pages",
                        "switched off and on again, the pages are as you left them",
                        ice ? "gloves off at minus ten is no time for menus" : "afloat nobody reads menus");
        sheet.rig().devices().stream()
                .filter(device -> device.kind().display() && !device.later())
                .forEach(device -> draft.of(device.id()).at(sheet.rig().stationOf(device.id())));
        sheet.add(draft);
    }

    @Override
    public void order() {
        String fuses = StepKind.FUSE_IN.of(FUSES);
        sheet.first(sheet.of(StepKind.SHRINK), fuses, "every crimp is pulled and covered before there is current");
        sheet.first(StepKind.JOIN.of(WireSteps.HARNESS), fuses, "batteries are joined without current");
        sheet.first(
                sheet.of(StepKind.CRIMP), StepKind.JOIN.of(WireSteps.HARNESS), "no battery is joined while you crimp");
        for (Device device : sheet.rig().devices()) {
            String id = device.id();
            sheet.first(fuses, StepKind.POLARITY.of(id), "without a fuse there is nothing to read");
            sheet.first(
                    StepKind.POLARITY.of(id), StepKind.PLUG.of(id), "plus and minus are read before it is plugged in");
            sheet.first(StepKind.SET.of(id), StepKind.PLUG.of(id), "mount before plugs: they are not what holds it");
            sheet.first(StepKind.PLUG.of(id), StepKind.POWER.of(id), "it is plugged in first");
            sheet.first(StepKind.POWER.of(id), StepKind.SEE.of(VIEWS), "it has to run first");
            sheet.first(StepKind.PLUG.of(id), StepKind.SEE.of(VIEWS), "it is plugged in first");
        }
        sheet.first(sheet.of(StepKind.CHARGE), fuses, "an empty battery tells nothing");
        sheet.first(StepKind.SEE.of(VIEWS), StepKind.SAVE.of(VIEWS), "views first, then pages of them");
        for (Cable cable : Cable.all(sheet.rig())) {
            CableEnds.of(sheet.rig(), cable)
                    .forEach(end -> sheet.first(
                            StepKind.ROUTE.of(cable.id()), StepKind.PLUG.of(end), "the lead arrives there first"));
        }
    }
}
