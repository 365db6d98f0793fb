package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.HolderKind;
import app.brightkeel.core.rig.Junction;
import java.util.ArrayList;
import java.util.List;

/** What holds displays, and everything else that is set in its place: the holder before the screen. */
final class HolderSteps implements StepsOf {

    private final SheetWriter sheet;

    HolderSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        for (Holder holder : sheet.rig().holders()) {
            if (holder.drills()) {
                mark(holder);
            }
            fasten(holder);
        }
        sheet.rig().devices().forEach(this::set);
        sheet.rig().harness().junctions().forEach(this::junction);
    }

    private static List<String> pieces(Holder holder) {
        List<String> all = new ArrayList<>();
        all.add(holder.id());
        if (holder.ballM().isSet()) {
            all.add(holder.id() + "/base");
        }
        if (holder.armBallM().isSet()) {
            all.add(holder.id() + "/arm");
        }
        return all;
    }

    private StepDraft about(StepKind kind, Holder holder, String title, Object... parts) {
        String station = sheet.rig().stationOf(holder.holds());
        return sheet.step(kind, holder.id(), title, parts)
                .at(station)
                .of(pieces(holder))
                .fact("place", "{}", sheet.nameOfStation(station))
                .fact("kind", "{}", holder.kind().words())
                .piece(Piece.Of.CRAFT, List.of(holder.holds()));
    }

    private void mark(Holder holder) {
        sheet.add(about(StepKind.MARK, holder, "mark the screw holes of the {} through its foot", holder.name())
                .sayIf(!holder.footBolts().isEmpty(), "Pattern {}.", holder.footBolts())
                .fact("pattern", "{}", holder.footBolts())
                .material("masking tape"));
        sheet.add(about(StepKind.LOOK_BEHIND, holder, "look behind the screws of the {}", holder.name())
                .check(
                        "behind",
                        "nothing lies within the length of the screws: no float, no lead, no battery",
                        "a screw too long holes what is under it")
                .check(
                        "hand",
                        "a hand gets behind for washers and nuts, where there are any",
                        "a nut that nobody reaches is never tight"));
        sheet.add(about(StepKind.DRILL, holder, "drill for the screws of the {}", holder.name())
                .say("Pilot holes first, by the core of the screw; sealant goes under the base and round each screw.")
                .fact("pattern", "{}", holder.footBolts())
                .caution("drilling"));
        sheet.add(about(StepKind.DEBURR, holder, "deburr and clean the holes of the {}", holder.name())
                .say("A burr lifts the foot, and water creeps under it."));
    }

    private void fasten(Holder holder) {
        StepDraft draft = about(
                        StepKind.FASTEN,
                        holder,
                        "fasten the {} at {}",
                        holder.name(),
                        sheet.nameOfStation(sheet.rig().stationOf(holder.holds())))
                .fact("grips", "{}", holder.grip().words())
                .say("It grips {}.", holder.grip().words())
                .sayIf(
                        holder.kind() == HolderKind.JAW_CLAMP || holder.kind() == HolderKind.HANDLE_CLAMP,
                        "Clamps grip structure, not cloth or foam: snug, and no more.");
        if (holder.ballM().isSet()) {
            draft.say("Ball of {}.", new Amount(holder.ballM().value(), Unit.MILLIMETRE))
                    .fact("ball", "{}", new Amount(holder.ballM().value(), Unit.MILLIMETRE));
        }
        if (holder.armM().isSet()) {
            draft.say(
                            "The middle of the screen comes {} above its foot.",
                            new Amount(holder.armM().value(), Unit.MILLIMETRE))
                    .fact("arm", "{}", new Amount(holder.armM().value(), Unit.MILLIMETRE));
        }
        FastenerWords.tell(draft, sheet.rig(), holder.id());
        if (holder.drills()) {
            draft.say("Washers behind, none straight on soft plastic; nothing longer than what it goes through.")
                    .material("marine sealant");
        }
        sheet.add(draft);
    }

    private void set(Device device) {
        String station = sheet.rig().stationOf(device.id());
        StepDraft draft = sheet.step(
                        StepKind.SET,
                        device.id(),
                        station.isEmpty() ? "set the {}: where it sits is not said yet" : "set the {} at {}",
                        station.isEmpty()
                                ? new Object[] {device.name()}
                                : new Object[] {device.name(), sheet.nameOfStation(station)})
                .fact("place", "{}", sheet.nameOfStation(station))
                .at(station)
                .of(device.id())
                .sayIf(device.kind().display(), "10 to 20° back, towards the eyes; its knobs reach without a tool.")
                .sayIf(
                        device.later(),
                        "It comes another year: its room and its plug are kept, nothing is mounted now.");
        sheet.rig()
                .holderOf(device.id())
                .ifPresent(holder ->
                        draft.of(holder.id()).say("In the {}.", holder.name()).fact("holder", "{}", holder.name()));
        draft.sayIf(
                device.kind().display()
                        && !device.later()
                        && sheet.rig().holderOf(device.id()).isEmpty(),
                "Nothing holds it yet: choose what does, on the line under Mount, before you go on.");
        FastenerWords.tell(draft, sheet.rig(), device.id());
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(device.id())));
    }

    private void junction(Junction junction) {
        String station = sheet.rig().stationOf(junction.id());
        StepDraft draft = sheet.step(
                        StepKind.FASTEN,
                        junction.id(),
                        station.isEmpty() ? "fix the {}: where is not said yet" : "fix the {} at {}",
                        station.isEmpty()
                                ? new Object[] {junction.name()}
                                : new Object[] {junction.name(), sheet.nameOfStation(station)})
                .fact("place", "{}", sheet.nameOfStation(station))
                .fact("sort", "{}", junction.sort().words())
                .at(station)
                .of(junction.id())
                .say("Terminals up or to the side, never where water stands.");
        FastenerWords.tell(draft, sheet.rig(), junction.id());
        sheet.add(draft.piece(Piece.Of.HARNESS, List.of(junction.id())));
    }

    @Override
    public void order() {
        String sign = StepKind.SIGN_OFF.of(LayOutSteps.LAYOUT);
        for (Holder holder : sheet.rig().holders()) {
            String id = holder.id();
            sheet.first(StepKind.MARK.of(id), StepKind.LOOK_BEHIND.of(id), "what is not marked is not looked behind");
            sheet.first(StepKind.LOOK_BEHIND.of(id), StepKind.DRILL.of(id), "look before the drill goes through");
            sheet.first(StepKind.DRILL.of(id), StepKind.DEBURR.of(id), "there is no edge yet");
            sheet.first(StepKind.DEBURR.of(id), StepKind.FASTEN.of(id), "a burr lifts the foot");
            sheet.first(StepKind.FASTEN.of(id), StepKind.SET.of(holder.holds()), "the holder before the screen");
        }
        sheet.then(sign, sheet.of(StepKind.SET), "nothing is fixed before the layout is seen");
        for (Junction junction : sheet.rig().harness().junctions()) {
            for (var segment : sheet.rig().harness().segments()) {
                if (segment.from().equals(junction.id()) || segment.to().equals(junction.id())) {
                    sheet.first(
                            StepKind.FASTEN.of(junction.id()),
                            StepKind.ROUTE.of(segment.id()),
                            "the lead ends where that is fixed");
                }
            }
        }
    }
}
