package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.route.Cable;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.SupplyBesideSonar;
import app.brightkeel.core.route.Ties;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Leads on their final way: slack set with everything in its place, tied, and moved through all that moves. */
final class CableSteps implements StepsOf {

    private final SheetWriter sheet;
    private final List<LaidCable> laid;

    CableSteps(SheetWriter sheet) {
        this.sheet = sheet;
        laid = sheet.laid();
    }

    @Override
    public void tell() {
        for (Cable cable : Cable.all(sheet.rig())) {
            Optional<LaidCable> way = sheet.wayOf(cable.id());
            if (way.isPresent()) {
                route(way.get());
                tie(way.get());
                cycle(way.get());
            } else if (!unplaced(cable)) {
                loose(cable);
            }
        }
    }

    /** A lead of which neither end has a place yet is only plugged. */
    private static boolean unplaced(Cable cable) {
        return cable.start().isEmpty() && cable.end().isEmpty();
    }

    private void loose(Cable cable) {
        sheet.add(sheet.step(StepKind.ROUTE, cable.id(), "lead the {}", cable.name())
                .fact("from", "{}", sheet.nameOfStation(cable.start()))
                .fact("to", "{}", sheet.nameOfStation(cable.end()))
                .say(
                        cable.inOnePlace()
                                ? "Both its ends sit in the same place: a soft loop there, tied once."
                                : "Its way is not planned yet: keep it clear of all that moves, and say it in the plan.")
                .at(cable.start(), cable.end())
                .of(cable.id())
                .piece(cable.sort() == Cable.Kind.POWER ? Piece.Of.HARNESS : Piece.Of.CRAFT, List.of(cable.id())));
    }

    private void route(LaidCable each) {
        Optional<Run> run = sheet.rig().runOf(each.carries());
        String way = each.legs().stream().map(Passage::name).collect(Collectors.joining(", then "));
        StepDraft draft = sheet.step(StepKind.ROUTE, each.carries(), "lead the {} along its way", each.name())
                .fact("way", "{}", way)
                .say("{}.", way)
                .at(each.stations())
                .of(each.carries())
                .of(extension(each));
        run.ifPresent(it -> slack(draft, it));
        draft.say(
                each.spareM() < 0
                        ? "It is {} short: nothing here mends that."
                        : "{} left over, coiled loosely, nowhere under a strap.",
                new Amount(Math.abs(each.spareM()), Unit.METRE));
        draft.fact("left over", "{}", new Amount(each.spareM(), Unit.METRE));
        double beside = besideM(each);
        if (beside > 0.01) {
            draft.say(
                            "{} of it lies beside a supply wire: keep them a hand apart, or let them cross square.",
                            new Amount(beside, Unit.METRE))
                    .fact("beside a supply wire", "{}", new Amount(beside, Unit.METRE));
        }
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(each.carries())));
    }

    private List<String> extension(LaidCable each) {
        return sheet.rig().transducer(each.carries()).stream()
                .filter(transducer -> transducer.lead().extensionM().isSet())
                .map(transducer -> transducer.id() + "/extension")
                .toList();
    }

    private double besideM(LaidCable lead) {
        SupplyBesideSonar apart = new SupplyBesideSonar(sheet.rig().craft());
        return !lead.sonar()
                ? 0
                : laid.stream()
                        .filter(wire -> wire.cable().loud())
                        .mapToDouble(wire -> apart.besideM(lead.legs(), wire.legs()))
                        .max()
                        .orElse(0);
    }

    private static void slack(StepDraft draft, Run run) {
        List<Text> parts = new ArrayList<>();
        part(parts, "{} free at the transducer", run.freeM().value());
        part(parts, "{} as a drip loop", run.dripM().value());
        part(parts, "{} for what moves", run.movingM().value());
        part(parts, "{} as a loop at the plug", run.loopM().value());
        if (!parts.isEmpty()) {
            draft.say("{}.", Text.joined(parts)).fact("slack", "{}", Text.joined(parts));
        }
    }

    private static void part(List<Text> parts, String template, double metres) {
        if (metres > 0) {
            parts.add(Text.of(template, new Amount(metres, Unit.METRE)));
        }
    }

    private void tie(LaidCable each) {
        Ties ties = Ties.of(sheet.rig(), each);
        if (ties.count() == 0) {
            return;
        }
        Optional<Run> run = sheet.rig().runOf(each.carries());
        StepDraft draft = sheet.step(
                        StepKind.TIE,
                        each.carries(),
                        ties.count() == 1 ? "tie the {} once" : "tie the {} with {} ties",
                        ties.count() == 1 ? new Object[] {each.name()} : new Object[] {each.name(), ties.count()})
                .fact("ties", "{}", ties.count())
                .sayIf(ties.count() > 1, "One every {} in the open.", new Amount(Ties.EVERY_M, Unit.METRE))
                .sayIf(ties.loose(), "Reusable straps, never pulled tight: it has to move, come off or stay soft.")
                .at(each.stations())
                .of(each.carries())
                .material(ties.count() + (ties.loose() ? " × reusable strap" : " × cable tie"))
                .times(ties.count());
        run.filter(it -> each.sonar())
                .ifPresent(it -> draft.say(
                                "The first {} behind the transducer, no bend between.",
                                new Amount(it.reliefM().value(), Unit.MILLIMETRE))
                        .fact("first tie", "{}", new Amount(it.reliefM().value(), Unit.MILLIMETRE)));
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(each.carries())));
    }

    private void cycle(LaidCable each) {
        List<Travel> travels =
                sheet.rig().runOf(each.carries()).map(Run::travels).orElse(List.of());
        if (travels.isEmpty()) {
            return;
        }
        StepDraft draft = sheet.step(
                        StepKind.CYCLE, each.carries(), "move everything the {} passes, from end to end", each.name())
                .at(each.stations())
                .of(each.carries());
        for (Travel travel : travels) {
            String what = travel.what().words();
            draft.fact("moves", "{}", travel.words());
            if (travel.freed()) {
                draft.check(
                        Texts.id(what) + "-freed",
                        Text.of("the lead is unplugged before the {} moves", what),
                        "it is not made to follow");
                continue;
            }
            if (travel.strokeM().isSet()) {
                draft.say("{}: it takes {} more at its far end.", what, new Amount(travel.extraM(), Unit.METRE))
                        .fact(what, "{}", new Amount(travel.extraM(), Unit.METRE));
            }
            draft.check(
                            Texts.id(what) + "-near",
                            Text.of("near end of the {}: no loop hangs where it catches", what),
                            "a loop finds hooks and feet")
                    .check(
                            Texts.id(what) + "-far",
                            Text.of("far end of the {}: the lead is not tight", what),
                            "the plug pays for a lead that is too short");
        }
        draft.check(
                "ties",
                "after that every tie sits where it was",
                "a tie that slid was too loose, or the slack too small");
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(each.carries())));
    }

    @Override
    public void order() {
        for (Cable cable : Cable.all(sheet.rig())) {
            String route = StepKind.ROUTE.of(cable.id());
            String tie = StepKind.TIE.of(cable.id());
            String cycle = StepKind.CYCLE.of(cable.id());
            sheet.first(StepKind.CUT_WIRE.of(cable.id()), route, "there is no wire to lead yet");
            sheet.first(StepKind.SIGN_OFF.of(LayOutSteps.LAYOUT), route, "nothing is fixed before the layout is seen");
            sheet.first(route, tie, "it lies along its way first");
            sheet.first(route, cycle, "it lies along its way first");
            sheet.first(tie, cycle, "what is not tied moves by itself");
            ends(cable, tie, cycle);
            for (Enclosure box : sheet.rig().fitOut().boxes()) {
                if (box.station().equals(cable.start()) || box.station().equals(cable.end())) {
                    sheet.first(route, StepKind.FOAM.of(box.id()), "harness before foam");
                }
            }
        }
    }

    /** Slack is set with what holds its ends in place: a tie that was set before has to be cut. */
    private void ends(Cable cable, String tie, String cycle) {
        String why = "slack is set with both ends where they stay";
        for (String end : CableEnds.of(sheet.rig(), cable)) {
            sheet.first(StepKind.SET.of(end), tie, why);
            sheet.first(StepKind.SET.of(end), cycle, why);
        }
    }
}
