package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Fastener;
import java.util.List;

/** What is built of boards: sawn, put together dry, tried on the real craft, glued, left to cure. */
final class BoardSteps implements StepsOf {

    static final String BOARDS = "boards";

    private final SheetWriter sheet;
    private final Boards boards;

    BoardSteps(SheetWriter sheet) {
        this.sheet = sheet;
        boards = sheet.rig().fitOut().boards();
    }

    private List<String> ids() {
        return boards.parts().stream().map(BoardPart::id).toList();
    }

    private List<Enclosure> pods() {
        return sheet.rig().fitOut().boxes().stream()
                .filter(box -> box.kind() == EnclosureKind.POD)
                .toList();
    }

    @Override
    public void tell() {
        if (boards.parts().isEmpty()) {
            return;
        }
        boards.parts().forEach(this::saw);
        dry();
        tryOn();
        glue();
    }

    private void saw(BoardPart part) {
        StepDraft draft = sheet.step(
                        StepKind.SAW,
                        part.id(),
                        part.count() == 1 ? "saw the {}" : "saw {} × {}",
                        part.count() == 1 ? new Object[] {part.name()} : new Object[] {part.count(), part.name()})
                .fact("count", "{}", part.count())
                .of(part.id())
                .times(part.count())
                .caution("saw")
                .material("board")
                .piece(Piece.Of.BOARDS, List.of(part.id()));
        if (part.lengthM().isSet() && part.wideM().isSet()) {
            draft.say(
                            "{} along the grain × {}, one kerf outside the line.",
                            new Amount(part.lengthM().value(), Unit.MILLIMETRE),
                            new Amount(part.wideM().value(), Unit.MILLIMETRE))
                    .fact(
                            "size",
                            "{} × {}",
                            new Amount(part.lengthM().value(), Unit.MILLIMETRE),
                            new Amount(part.wideM().value(), Unit.MILLIMETRE));
        } else {
            draft.say("Its measures are not all said yet: take them from the craft, and say them first.");
        }
        sheet.add(draft);
    }

    private void dry() {
        StepDraft draft = sheet.step(StepKind.DRY_ASSEMBLE, BOARDS, "put the boards together dry, screws half in")
                .of(ids())
                .fact(
                        "parts",
                        "{}",
                        boards.parts().stream().mapToInt(BoardPart::count).sum())
                .say("What is marked in place stays over length, and is trimmed now.")
                .piece(Piece.Of.BOARDS, ids());
        fasteners().forEach(each -> FastenerWords.tell(draft, each));
        sheet.add(draft);
    }

    private List<Fastener> fasteners() {
        return sheet.rig().fitOut().fasteners().stream()
                .filter(each -> ids().contains(each.of()))
                .toList();
    }

    private void tryOn() {
        StepDraft draft = sheet.step(StepKind.TRY_ON, BOARDS, "try it on the craft it is made for")
                .of(ids())
                .check(
                        "sits",
                        "it sits on the real transom or floor without rocking",
                        "glued to a wrong measure it is firewood")
                .check("inside", "what goes into it goes in, with its plugs", "inside measures shrink by the screws")
                .check("cap", "its cap is not on yet, and everything under it is reached", "a cap is glued once")
                .piece(Piece.Of.BOARDS, ids());
        if (boards.hangsOverM().isSet()) {
            draft.say(
                            "It hangs over {} of transom or wall.",
                            new Amount(boards.hangsOverM().value(), Unit.FINE_MILLIMETRE))
                    .fact("hangs over", "{}", new Amount(boards.hangsOverM().value(), Unit.FINE_MILLIMETRE));
        }
        if (boards.insideM().isSet()) {
            draft.fact("inside height", "{}", new Amount(boards.insideM().value(), Unit.MILLIMETRE));
        }
        pods().forEach(pod -> draft.at(pod.station()).of(pod.id()));
        sheet.add(draft);
    }

    private void glue() {
        StepDraft draft = sheet.step(StepKind.GLUE, BOARDS, "take it apart, glue it, and drive the screws home")
                .of(ids())
                .fact(
                        "parts",
                        "{}",
                        boards.parts().stream().mapToInt(BoardPart::count).sum())
                .say("Glue on both faces, clamps snug, corners checked with a square, what comes out wiped off.")
                .material(Cure.WOOD_GLUE.words(), "varnish for bare edges")
                .caution("glue")
                .piece(Piece.Of.BOARDS, ids());
        fasteners().forEach(each -> FastenerWords.tell(draft, each));
        String id = sheet.add(draft);
        sheet.cure(id, BOARDS, Cure.WOOD_GLUE, "", "glued boards");
    }

    @Override
    public void order() {
        String dry = StepKind.DRY_ASSEMBLE.of(BOARDS);
        String tried = StepKind.TRY_ON.of(BOARDS);
        String glue = StepKind.GLUE.of(BOARDS);
        sheet.first(sheet.of(StepKind.SAW), dry, "there is nothing to put together yet");
        sheet.first(dry, tried, "it is tried as a whole");
        sheet.first(tried, glue, "tried on the real craft before glue");
        for (Enclosure pod : pods()) {
            sheet.first(StepKind.CURE.of(BOARDS), StepKind.SHUT.of(pod.id()), "its cap goes on last");
            sheet.first(StepKind.CURE.of(BOARDS), StepKind.FOAM.of(pod.id()), "foam is cut to what is there");
            pod.exits()
                    .forEach(exit ->
                            sheet.first(StepKind.DEBURR.of(exit.id()), glue, "a board is drilled flat on the bench"));
            for (Step step : sheet.of(StepKind.LOAD)) {
                if (step.places().contains(pod.station())) {
                    sheet.first(StepKind.CURE.of(BOARDS), step.id(), "no weight on glue that is not hard");
                }
            }
        }
    }
}
