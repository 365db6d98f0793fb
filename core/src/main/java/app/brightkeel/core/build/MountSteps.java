package app.brightkeel.core.build;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.Faces;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Extra;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Every transducer on its mount: glued, threaded or fastened, and what goes over it afterwards. */
final class MountSteps implements StepsOf {

    /** Of a puck inside the hull: from a bead that thick air and foam are squeezed out; common practice, no source [m]. */
    private static final double BEAD_M = 0.005;

    private final SheetWriter sheet;

    MountSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        for (Transducer each : sheet.rig().transducers()) {
            if (each.mount().kind() == MountKind.IN_HULL) {
                puck(each);
            } else if (each.mount().kind().hangsByCable()) {
                thread(each);
            } else {
                fasten(each);
            }
            after(each);
            tether(each);
        }
    }

    private StepDraft about(StepKind kind, Transducer each, String title, Object... parts) {
        Mount mount = each.mount();
        StepDraft draft = sheet.step(kind, each.id(), title, parts)
                .at(mount.station())
                .of(each.id())
                .fact("mount", "{}", mount.kind().words())
                .fact("place", "{}", sheet.nameOfStation(mount.station()));
        if (mount.kind() != MountKind.UNDECIDED) {
            draft.of(each.id() + "/mount");
        }
        if (mount.plateM().isSet()) {
            draft.of(each.id() + "/plate");
        }
        return draft;
    }

    private void hangs(StepDraft draft, Transducer each) {
        Mount mount = each.mount();
        boolean ice = mount.kind().throughIce();
        if (mount.belowM().isSet()) {
            Amount below = new Amount(Math.abs(mount.belowM().value()), Unit.MILLIMETRE);
            String how = ice
                    ? "{} below the water in the hole"
                    : mount.belowM().value() < 0
                            ? "{} above the lowest line of the hull there"
                            : "{} below the hull there";
            draft.say("Its face stands " + how + ".", below);
            draft.fact("face", how, below);
        }
        face(each).filter(face -> !ice).ifPresent(face -> {
            draft.say(
                    face.underM() >= 0
                            ? "Loaded that is {} under water."
                            : "Loaded it hangs {} above the water: look at the mount again.",
                    new Amount(Math.abs(face.underM()), Unit.MILLIMETRE));
            draft.fact("under water", "{}", new Amount(face.underM(), Unit.MILLIMETRE));
        });
    }

    private Optional<Face> face(Transducer each) {
        return sheet.line().get(FaceStage.STAGE).map(Faces::faces).orElse(List.of()).stream()
                .filter(face -> face.transducer().equals(each.id()))
                .findFirst();
    }

    /** Tried first, the pad and the puck bedded one after the other, and nothing beside them while they cure. */
    private void puck(Transducer each) {
        sheet.add(about(StepKind.WATER_TRY, each, "try the {} inside the hull, in a bag of water, afloat", each.name())
                .check(
                        "bottom",
                        "it shows the bottom at a depth you know",
                        "foam, ribs or a second skin under it let nothing through: another place costs nothing now")
                .check(
                        "place",
                        "the spot is flat, one skin thick, and in the forward quarter if there is one",
                        "aft of it comes the noise of the drive")
                .piece(Piece.Of.FACE, List.of(each.id())));
        StepDraft sand = about(StepKind.SAND, each, "sand and clean the spot for the {}", each.name())
                .say("Wider than its foot by a finger; wiped with spirit until the cloth stays white, and dry.")
                .caution("glue");
        sheet.add(sand);
        String begins = StepKind.SAND.of(each.id());
        if (each.mount().plateM().isSet()) {
            String pad = each.id() + "-pad";
            String glue = sheet.add(sheet.step(StepKind.GLUE, pad, "glue the pad for the {}", each.name())
                    .at(each.mount().station())
                    .of(each.id() + "/plate")
                    .fact("pad", "{}", new Amount(each.mount().plateM().value(), Unit.MILLIMETRE))
                    .say(
                            "A pad of {}, its rim sealed all round.",
                            new Amount(each.mount().plateM().value(), Unit.MILLIMETRE))
                    .say("It cures by itself: the puck comes on it afterwards, and cures again.")
                    .material(Cure.EPOXY.words())
                    .caution("glue"));
            sheet.first(begins, glue, "nothing holds on dirt");
            sheet.cure(glue, pad, Cure.EPOXY, each.mount().station(), "pad");
        }
        String glue = sheet.add(about(StepKind.GLUE, each, "bed the {} in gel", each.name())
                .say(
                        "A bead of {}, pressed down with a turn from one side to the other.",
                        new Amount(BEAD_M, Unit.MILLIMETRE))
                .say("A weight of about a kilogram on it, and the hull left level.")
                .check(
                        "bubbles",
                        "no bubble under it, seen from the side with a torch; else lift it, wipe it, and bed it again",
                        "sound does not go through air")
                .tool("torch")
                .material(Cure.SILICONE_GEL.words())
                .caution("glue")
                .piece(Piece.Of.FACE, List.of(each.id())));
        sheet.cure(glue, each.id(), Cure.SILICONE_GEL, each.mount().station(), "puck");
    }

    /** What hangs by its own cable: float, stop and lead go together in one order only. */
    private void thread(Transducer each) {
        MountKind kind = each.mount().kind();
        StepDraft draft = about(
                StepKind.THREAD,
                each,
                switch (kind) {
                    case ICE_FLOAT -> "thread the lead of the {} through float and stop";
                    case ICE_SLEEVE -> "pull the sleeve over the lead of the {}";
                    default -> "mark the wraps on the lead of the {}";
                },
                each.name());
        switch (kind) {
            case ICE_FLOAT ->
                draft.say(
                                "From the head up: head, float, then the stop above it. The plug passes the float once, before all else.")
                        .check(
                                "order",
                                "the float is on before the lead goes anywhere else",
                                "it does not pass a plug that is already led");
            case ICE_SLEEVE -> draft.say("The sleeve ends a hand above the head; its upper end is capped.");
            default -> draft.say("One mark for every wrap; a capped notch, nowhere a sharp edge.");
        }
        draft.check("down", "hung by its lead, the face hangs straight down", "a stiff cable tilts it");
        hangs(draft, each);
        draft.say("Set the depth again where the ice is thicker or thinner.");
        sheet.add(draft.piece(Piece.Of.FACE, List.of(each.id())));
    }

    private void fasten(Transducer each) {
        MountKind kind = each.mount().kind();
        StepDraft draft = kind == MountKind.UNDECIDED
                ? about(StepKind.FASTEN, each, "mount the {}: how is not decided yet", each.name())
                : about(
                        StepKind.FASTEN,
                        each,
                        "mount the {} on its {}: {}",
                        each.name(),
                        kind.words(),
                        sheet.nameOfStation(each.mount().station()));
        if (each.mount().plateM().isSet()) {
            draft.say("On its plate of {}.", new Amount(each.mount().plateM().value(), Unit.MILLIMETRE))
                    .fact("plate", "{}", new Amount(each.mount().plateM().value(), Unit.MILLIMETRE));
        }
        hangs(draft, each);
        draft.sayIf(!kind.cable().isEmpty(), "Its lead goes {}.", kind.cable());
        FastenerWords.tell(draft, sheet.rig(), each.id());
        checks(draft, each);
        if (kind.drills() == MountKind.Drills.BELOW_WATERLINE) {
            draft.caution("drilling").material("marine sealant");
        }
        if (kind.pole()) {
            draft.caution("metal-pole");
        }
        sheet.add(draft.piece(Piece.Of.FACE, List.of(each.id())));
    }

    private static void checks(StepDraft draft, Transducer each) {
        MountKind kind = each.mount().kind();
        draft.check(
                "level",
                "its face is level with the craft as it lies loaded",
                "five degrees off, and it looks beside the craft");
        switch (kind) {
            case SWING_ARM, QUICK_POST, CLAMP_BAR, STERN_BRACKET, LIVE_POLE ->
                draft.check(
                        "supports",
                        "the hull stands on supports, so that arm and head hang free",
                        "tightened while it touches the floor, it sits wrong afloat");
            case TRANSOM_BOARD ->
                draft.check(
                        "edge",
                        "the board's lower edge stands above the hull's, so that the face just clears it",
                        "too deep it throws spray, too high it runs dry");
            case SCUPPER ->
                draft.check(
                        "drain",
                        "what is left of the scupper, and the others, drain a bucket of water",
                        "a well that does not drain makes the craft tender");
            case SUCTION_CUP ->
                draft.check(
                        "cup",
                        "the cup holds a hard pull, on a clean wet spot",
                        "slow speed only, and never without its tether");
            default -> {}
        }
        if (kind.pole()) {
            draft.check(
                    "turns",
                    "the pole turns freely all the way, and its handle is marked along the beam",
                    "nobody sees under water where it looks");
        }
        if (each.handle() != Handle.UNMARKED) {
            draft.fact("handle", "{}", each.handle().words());
        }
    }

    /** A guard or plate that goes over it, and the cord that lifts it. */
    private void after(Transducer each) {
        MountKind kind = each.mount().kind();
        String over = switch (kind) {
            case HULL_POCKET -> "guard";
            case SKID_INSERTS -> "skid plate";
            case CONSOLE_PLATE -> "plate of the console";
            default -> "";
        };
        if (over.isEmpty()) {
            return;
        }
        StepDraft draft = about(StepKind.SHUT, each, "put the {} back over the {}", over, each.name())
                .check(
                        "seated",
                        "plug and lead under it are seated, and do not touch it",
                        "it has to come off again for one loose plug")
                .check(
                        "flush",
                        Text.of("the {} lies flush before the first screw is driven", over),
                        "a screw pulls a plate on to what lies under it")
                .check(
                        "screws",
                        "as many screws go back as came off, with their gaskets",
                        "one left in the tray is missing in the hull");
        String shut = sheet.add(draft);
        sheet.closes(shut, Set.of(), Set.of(each.id()), over);
        if (kind == MountKind.HULL_POCKET) {
            sheet.add(about(StepKind.CYCLE, each, "work the cord of the guard ten times")
                    .check(
                            "cord",
                            "the guard goes up and down each time, and the lead has slack at both ends",
                            "a guard that hangs loses the transducer on the first stone")
                    .check("tie", "the cord is tied again as it was", "it was loosened for the work"));
        }
    }

    private void tether(Transducer each) {
        for (Extra extra : sheet.rig().fitOut().extras()) {
            if (extra.kind() == ExtraKind.TETHER && extra.of().equals(each.id())) {
                sheet.add(sheet.step(StepKind.TETHER, extra.id(), "tie the {}", extra.name())
                        .say("From the {} to the craft, shorter than the way into the water.", each.name())
                        .fact("of", "{}", each.name())
                        .at(each.mount().station())
                        .of(extra.id(), each.id()));
            }
        }
    }

    /** The step by which a transducer is where it belongs. */
    static StepKind by(Transducer each) {
        return each.mount().kind() == MountKind.IN_HULL
                ? StepKind.CURE
                : each.mount().kind().hangsByCable() ? StepKind.THREAD : StepKind.FASTEN;
    }

    @Override
    public void order() {
        for (Transducer each : sheet.rig().transducers()) {
            String id = each.id();
            String sign = StepKind.SIGN_OFF.of(LayOutSteps.LAYOUT);
            sheet.first(StepKind.WATER_TRY.of(id), StepKind.SAND.of(id), "tried in water before anything is glued");
            sheet.first(sign, StepKind.SAND.of(id), "nothing is glued before the layout is seen");
            sheet.first(sign, StepKind.THREAD.of(id), "nothing is fixed before the layout is seen");
            sheet.first(StepKind.SAND.of(id), StepKind.GLUE.of(id), "nothing holds on dirt");
            sheet.first(StepKind.CURE.of(id + "-pad"), StepKind.GLUE.of(id), "two separate cures: the pad holds first");
            String there = by(each).of(id);
            sheet.first(there, StepKind.TETHER.of(id), "there is nothing to tie yet");
            sheet.first(there, StepKind.ROUTE.of(id), "the lead begins where the transducer is");
            sheet.first(there, StepKind.SHUT.of(id), "it lies under it");
            sheet.first(StepKind.SHUT.of(id), StepKind.CYCLE.of(id), "with the guard on its cord");
            sheet.first(
                    StepKind.CURE.of(BoardSteps.BOARDS),
                    each.mount().kind() == MountKind.TRANSOM_BOARD ? there : "",
                    "the board is made first");
        }
    }
}
