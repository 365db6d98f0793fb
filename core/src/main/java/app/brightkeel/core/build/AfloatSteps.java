package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import java.util.List;

/** What is tried with everything shut: leaks, the first float, launch and landing, the first bottom. */
final class AfloatSteps implements StepsOf {

    /** The rig as a whole. */
    static final String RIG = "rig";

    private final SheetWriter sheet;

    AfloatSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    private boolean ice() {
        return sheet.rig().craft().kind().onIce();
    }

    @Override
    public void tell() {
        seals();
        if (sheet.rig().transducers().isEmpty()) {
            return;
        }
        if (!ice()) {
            afloat();
        }
        launch();
        sheet.rig().transducers().forEach(this::first);
        if (!ice()) {
            land();
        }
    }

    private void seals() {
        List<Hole> closed = sheet.line().get(HoleStage.STAGE).orElse(List.of()).stream()
                .filter(hole -> sheet.has(StepKind.SEAL.of(hole.id())))
                .toList();
        if (closed.isEmpty()) {
            return;
        }
        StepDraft draft = sheet.step(StepKind.SEAL_CHECK, RIG, "try every closed hole for leaks");
        for (Hole hole : closed) {
            draft.check(
                            hole.id(),
                            Text.of("{}: water over it for a minute, a dry tissue behind stays dry", hole.name()),
                            "a leak is small on the first day only")
                    .fact(hole.name(), "{}", hole.closedBy().words());
        }
        sheet.add(draft);
    }

    private void afloat() {
        sheet.add(sheet.step(StepKind.FLOAT, RIG, "float it where you can stand")
                .check("bilge", "after ten minutes it is dry inside", "what leaks standing leaks more under way")
                .check("level", "it floats level with you in it", "its face looks where the hull leans")
                .check(
                        "free",
                        "tip it, or pull each cord: nothing holds you",
                        "a lead across the way out holds as well as a rope")
                .caution("cold-water")
                .caution("cold-shock"));
    }

    private void launch() {
        StepDraft draft = sheet.step(StepKind.LAUNCH, RIG, ice() ? "set it up at the hole" : "launch");
        draft.say("Battery charged, rest volts written down, spare fuses aboard.");
        if (ice()) {
            draft.caution("ice")
                    .caution("ice-hole")
                    .say("Lead and line do not cross; what lies on the snow freezes to it.");
        }
        for (Transducer each : sheet.rig().transducers()) {
            draft.say("{}: {}", each.name(), atLaunch(each.mount().kind()))
                    .of(each.id())
                    .fact(each.name(), "{}", each.mount().kind().words());
        }
        sheet.add(draft);
    }

    private static String atLaunch(MountKind kind) {
        return switch (kind) {
            case SWING_ARM, QUICK_POST, CLAMP_BAR, LIVE_POLE, TRANSOM_BOARD ->
                "up until there is water to your knee; up again in weed and where you would wade.";
            case STERN_BRACKET -> "folded until there is water to your knee.";
            case HULL_POCKET -> "guard up to slide, down when you float.";
            case SCUPPER -> "carry the craft over stones, do not drag it: it stands proud of the hull.";
            case SUCTION_CUP -> "pressed on afloat, on wet clean hull, its tether tied.";
            case KEEL_BOLT -> "carry the craft: it stands proud of the hull.";
            case ICE_FLOAT, ICE_SLEEVE, ICE_WRAP -> "slush out of the hole, face a hand under the ice's lower edge.";
            case ICE_ARM, ICE_POLE -> "its foot on firm ice, the head clear of the edge all round.";
            case IN_HULL, SKID_INSERTS, CONSOLE_PLATE, UNDECIDED -> "nothing to lower; on the beach nothing to lift.";
        };
    }

    private void first(Transducer each) {
        StepDraft draft = sheet.step(
                        StepKind.FIRST,
                        each.id(),
                        ice() ? "first hole with the {}" : "first trip with the {}",
                        each.name())
                .of(each.id())
                .fact("type", "{}", each.type().words())
                .check(
                        "bottom",
                        "it shows a depth that you measured with a marked line",
                        "a display set to another water is wrong by a metre in twenty");
        if (each.has(BeamShape.SIDE)) {
            draft.check(
                    "sides",
                    "a straight shore is as strong to the left as to the right",
                    "a tilted head, or a hull in one of the beams");
        }
        if (each.live()) {
            draft.check(
                    "beam",
                    "the lure is where the mark on the handle points",
                    "the beam is marked once, and believed from then on");
        }
        draft.check(
                "volts", "its volts with everything on are written down", "the next time they tell what has changed");
        sheet.add(draft);
    }

    private void land() {
        StepDraft draft = sheet.step(StepKind.LAND, RIG, "land");
        for (Transducer each : sheet.rig().transducers()) {
            boolean up = each.mount().kind().retracts();
            draft.say(
                            up
                                    ? "{}: up, folded or in before the bow touches."
                                    : "{}: it stays where it is; step out before the hull touches.",
                            each.name())
                    .of(each.id())
                    .fact(each.name(), "{}", each.mount().kind().words());
        }
        sheet.add(draft.say("Screen covered, salt rinsed off, plugs capped."));
    }

    @Override
    public void order() {
        String seals = StepKind.SEAL_CHECK.of(RIG);
        String floats = StepKind.FLOAT.of(RIG);
        String launch = StepKind.LAUNCH.of(RIG);
        List<Step> ashore = sheet.all(step -> step.kind().chapter() != Chapter.AFLOAT);
        for (String each : List.of(seals, floats, launch)) {
            sheet.first(ashore, each, "everything is built and shut first");
        }
        sheet.first(seals, floats, "leaks are found with a hose, not with the craft");
        sheet.first(seals, launch, "leaks are found with a hose, not with the craft");
        sheet.first(floats, launch, "afloat where you can stand, first");
        for (Transducer each : sheet.rig().transducers()) {
            sheet.first(launch, StepKind.FIRST.of(each.id()), "there is no bottom ashore");
            sheet.first(StepKind.FIRST.of(each.id()), StepKind.LAND.of(RIG), "landing comes last");
        }
    }
}
