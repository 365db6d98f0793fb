package app.brightkeel.core.build;

import app.brightkeel.core.parts.ConnectorList;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.route.LaidCable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The harness: wires cut, sleeves slid on, ends crimped with the fuses out, pulled, shrunk, labelled, and fused again. */
final class WireSteps implements StepsOf {

    static final String HARNESS = "harness";

    private final SheetWriter sheet;
    private final List<ConnectorList.End> ends;

    WireSteps(SheetWriter sheet) {
        this.sheet = sheet;
        ends = ConnectorList.of(sheet.line());
    }

    private List<Segment> segments() {
        return sheet.rig().harness().segments();
    }

    @Override
    public void tell() {
        if (segments().isEmpty()) {
            return;
        }
        fusesOut();
        for (Segment segment : segments()) {
            cut(segment);
            crimp(segment, "start", segment.start(), segment.from());
            segment.fittings().forEach(each -> fitting(segment, each));
            crimp(segment, "end", segment.end(), segment.to());
            pull(segment);
            shrink(segment);
            if (segment.wire().unused() > 0) {
                insulate(segment);
            }
        }
        sheet.rig().harness().junctions().forEach(this::label);
    }

    private void fusesOut() {
        StepDraft draft = sheet.step(StepKind.FUSE_OUT, HARNESS, "fuses out and batteries apart while you crimp")
                .check(
                        "out",
                        "every fuse lies on the bench, and no battery is joined to a wire",
                        "pliers across a live pair burn the hand that holds them")
                .check("rings", "rings and watch are off", "gold across two terminals glows")
                .caution("short-circuit");
        segments().forEach(each -> draft.of(each.id()));
        sheet.add(draft);
    }

    /** Where it begins and ends, as far as that is said. */
    private StepDraft about(StepKind kind, String subject, Segment segment, String title, Object... parts) {
        return sheet.step(kind, subject, title, parts).of(segment.id()).piece(Piece.Of.HARNESS, List.of(segment.id()));
    }

    private void cut(Segment segment) {
        StepDraft draft = about(StepKind.CUT_WIRE, segment.id(), segment, "cut the pair for the {}", segment.name());
        if (segment.wire().lengthM().isSet()) {
            Amount length = new Amount(segment.wire().lengthM().value(), Unit.METRE);
            draft.say("{} one way, both ends' slack in it; red and black side by side.", length)
                    .fact("length", "{}", length);
        } else {
            draft.say("Its length is not said yet: measure the way, with a hand's breadth at each end.");
        }
        if (segment.wire().gauge().decided()) {
            Amount area = new Amount(segment.wire().gauge().size().areaMm2(), Unit.WIRE);
            draft.say(segment.wire().tinned() ? "{}, tinned." : "{}.", area).fact("wire", "{}", area);
        }
        draft.sayIf(segment.wire().twisted(), "Twisted about each other, a turn every two hands.");
        draft.fact(
                "colours",
                "{}",
                segment.wire().colours().isEmpty()
                        ? "red and black"
                        : segment.wire().colours());
        sheet.add(draft.material("wire"));
    }

    private Optional<ConnectorList.End> end(String part, String which) {
        return ends.stream()
                .filter(each -> each.partId().equals(part) && each.end().equals(which))
                .findFirst();
    }

    private void crimp(Segment segment, String which, Ending ending, String joined) {
        ConnectorList.End end = end(segment.id(), which).orElseThrow();
        StepDraft draft = about(
                        StepKind.CRIMP,
                        segment.id() + "/" + which,
                        segment,
                        "crimp the end of the {} that goes to the {}",
                        segment.name(),
                        sheet.rig().nameOfPoint(joined))
                .fact("end", "{}", ending.words())
                .fact("goes to", "{}", sheet.rig().nameOfPoint(joined))
                .at(sheet.rig().stationOf(joined))
                .say(
                        ending.terminal() == Ending.Terminal.UNDECIDED
                                ? "What it ends in is not said yet: look at what it goes on, and say it first."
                                : "It ends in: {}.",
                        ending.terminal() == Ending.Terminal.UNDECIDED ? new Object[0] : new Object[] {ending.words()})
                .sayIf(!end.crimp().isEmpty(), "{} terminal.", end.crimp())
                .sayIf(
                        end.sleeve().isPresent(),
                        "Sleeve of {} slid on first, far back.",
                        end.sleeve().map(Object.class::cast).orElse(""))
                .sayIf(
                        ending.terminal().plug(),
                        "Red to plus in the plug, read on both halves; the live side is the shrouded one.")
                .material("terminals", "adhesive sleeve");
        tooWide(segment, ending)
                .ifPresent(opening -> draft.say(
                        "Only now, behind the {}: it is {} wide and does not pass.",
                        opening.name(),
                        new Amount(ending.acrossM().value(), Unit.MILLIMETRE)));
        sheet.add(draft.times(2));
    }

    /** The opening on its way that an end does not pass. */
    private Optional<Passage> tooWide(Segment segment, Ending ending) {
        return sheet.wayOf(segment.id()).stream()
                .flatMap(each -> each.legs().stream())
                .filter(leg -> leg.way().opening()
                        && leg.openingM().isSet()
                        && ending.acrossM().isSet())
                .filter(leg -> leg.openingM().value() < ending.acrossM().value())
                .findFirst();
    }

    private void fitting(Segment segment, Fitting fitting) {
        StepDraft draft = about(
                        StepKind.CRIMP, fitting.id(), segment, "set the {} into the {}", fitting.name(), segment.name())
                .of(fitting.id())
                .fact("in", "{}", segment.name());
        if (fitting instanceof Fitting.Fuse fuse) {
            draft.say(
                            "Its holder in the red wire, a {}; the fuse itself stays out.",
                            fuse.form().words())
                    .fact("form", "{}", fuse.form().words());
            if (fuse.atM().isSet()) {
                Amount at = new Amount(fuse.atM().value(), Unit.METRE);
                draft.say("{} from the {}.", at, sheet.rig().nameOfPoint(segment.from()))
                        .fact("at", "{}", at);
            }
        } else if (fitting instanceof Fitting.Switch) {
            draft.say("In the red wire, where a thumb finds it and a knee does not.");
        } else {
            draft.say("Both halves: the shrouded one towards the battery; four sleeves slid on first.");
        }
        sheet.add(draft.material("terminals", "adhesive sleeve").piece(Piece.Of.HARNESS, List.of(fitting.id())));
    }

    private void pull(Segment segment) {
        StepDraft draft = about(StepKind.PULL, segment.id(), segment, "pull every crimp of the {}", segment.name());
        Optional<Amount> pull = end(segment.id(), "start").flatMap(ConnectorList.End::pull);
        if (pull.isPresent()) {
            draft.check(
                            "pull",
                            Text.of("each stands {} for a minute", pull.get()),
                            "a crimp that slips heats, or lets go when you lean on the lead")
                    .fact("pull", "{}", pull.get());
        } else {
            draft.check(
                    "pull",
                    "each stands a hard tug by hand",
                    "a crimp that slips heats, or lets go when you lean on the lead");
        }
        draft.check("sleeves", "no sleeve is shrunk yet", "under a sleeve nobody sees a bad crimp");
        sheet.add(draft.times(1 + segment.fittings().size()));
    }

    private void shrink(Segment segment) {
        sheet.add(about(StepKind.SHRINK, segment.id(), segment, "shrink the sleeves of the {}", segment.name())
                .say("Until glue shows at both ends.")
                .fact("fittings", "{}", segment.fittings().size())
                .times(1 + segment.fittings().size()));
    }

    private void insulate(Segment segment) {
        sheet.add(about(
                        StepKind.INSULATE,
                        segment.id(),
                        segment,
                        "insulate the unused conductors of the {}",
                        segment.name())
                .say(
                        "{} of them, each by itself, cut to unlike lengths, at both ends.",
                        segment.wire().unused())
                .fact("unused", "{}", segment.wire().unused())
                .material("sleeve"));
    }

    private void label(Junction junction) {
        if (junction.sort() != Junction.Meeting.BLOCK && junction.sort() != Junction.Meeting.SWITCHED) {
            return;
        }
        List<String> feeds = sheet.rig().harness().from(junction.id()).stream()
                .map(segment -> sheet.rig().nameOfPoint(segment.to()))
                .toList();
        sheet.add(sheet.step(StepKind.LABEL, junction.id(), "label the ways of the {}", junction.name())
                .say("Each says what it feeds: {}.", feeds.isEmpty() ? "nothing yet" : String.join(", ", feeds))
                .fact("feeds", "{}", String.join(", ", feeds))
                .at(sheet.rig().stationOf(junction.id()))
                .of(junction.id())
                .piece(Piece.Of.HARNESS, List.of(junction.id())));
    }

    @Override
    public void order() {
        String out = StepKind.FUSE_OUT.of(HARNESS);
        sheet.then(out, sheet.of(StepKind.CRIMP), "fuses are out while you crimp");
        for (Segment segment : segments()) {
            String id = segment.id();
            List<String> crimps = new ArrayList<>();
            crimps.add(StepKind.CRIMP.of(id + "/start"));
            segment.fittings().forEach(each -> crimps.add(StepKind.CRIMP.of(each.id())));
            crimps.add(StepKind.CRIMP.of(id + "/end"));
            for (String crimp : crimps) {
                sheet.first(StepKind.CUT_WIRE.of(id), crimp, "there is no wire to crimp yet");
                sheet.first(crimp, StepKind.PULL.of(id), "all of them are pulled");
            }
            sheet.first(StepKind.PULL.of(id), StepKind.SHRINK.of(id), "a crimp is pulled before its sleeve hides it");
            sheet.first(StepKind.CUT_WIRE.of(id), StepKind.INSULATE.of(id), "there is no wire yet");
            crimpedWhere(segment);
            for (Device device : sheet.rig().devices()) {
                if (segment.to().equals(device.id())) {
                    sheet.first(
                            StepKind.SHRINK.of(id),
                            StepKind.POLARITY.of(device.id()),
                            "what is measured is the finished lead");
                    sheet.first(
                            StepKind.INSULATE.of(id),
                            StepKind.POLARITY.of(device.id()),
                            "a loose conductor is live somewhere");
                }
            }
        }
        for (Junction junction : sheet.rig().harness().junctions()) {
            sheet.first(
                    StepKind.LABEL.of(junction.id()),
                    StepKind.FUSE_IN.of(TestSteps.FUSES),
                    "a fuse goes into a way that says what it feeds");
            sheet.first(
                    StepKind.FASTEN.of(junction.id()),
                    StepKind.LABEL.of(junction.id()),
                    "it is labelled where it is read");
        }
    }

    /** An end that passes every opening is crimped on the bench; one that does not, behind the hole. */
    private void crimpedWhere(Segment segment) {
        Optional<LaidCable> way = sheet.wayOf(segment.id());
        String end = StepKind.CRIMP.of(segment.id() + "/end");
        String start = StepKind.CRIMP.of(segment.id() + "/start");
        for (Passage leg : way.map(LaidCable::legs).orElse(List.of())) {
            String pass = StepKind.PASS.of(leg.id());
            if (!leg.way().opening() || leg.way().underLid()) {
                continue;
            }
            // one end has to go through; where its width is not known it is crimped afterwards
            sheet.first(pass, end, "its end is crimped behind the hole");
            sheet.first(start, pass, "the end that stays is crimped on the bench");
        }
        sheet.first(end, StepKind.ROUTE.of(segment.id()), "a crimp is made where there is room for the pliers");
        sheet.first(start, StepKind.ROUTE.of(segment.id()), "a crimp is made where there is room for the pliers");
        sheet.first(
                StepKind.SHRINK.of(segment.id()),
                StepKind.TIE.of(segment.id()),
                "a tied lead is not turned over for the hot air");
    }
}
