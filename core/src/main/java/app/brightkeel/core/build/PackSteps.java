package app.brightkeel.core.build;

import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Fits;
import app.brightkeel.core.enclosure.Foam;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Pack;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Batteries: charged, foam cut round them last, put in, strapped; and the weights that balance them. */
final class PackSteps implements StepsOf {

    /** Foam thicker than that gives way; common practice, no source [m]. */
    private static final double THICK_M = 0.08;

    private final SheetWriter sheet;

    PackSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        sheet.rig().harness().packs().forEach(this::charge);
        sheet.line().get(FitStage.STAGE).orElse(new Fits(List.of())).all().forEach(this::foam);
        sheet.rig().harness().packs().forEach(this::load);
        sheet.rig().fitOut().ballast().forEach(this::weight);
    }

    private static boolean cells(Pack pack) {
        return pack.chemistry() == Chemistry.ALKALINE || pack.chemistry() == Chemistry.NIMH;
    }

    private void charge(Pack pack) {
        boolean fresh = pack.chemistry() == Chemistry.ALKALINE;
        StepDraft draft = sheet.step(
                        StepKind.CHARGE,
                        pack.id(),
                        fresh ? "fresh cells for the {}" : "charge the {}, before it goes in",
                        pack.name())
                .fact("chemistry", "{}", pack.chemistry().words())
                .of(pack.id())
                .say("After an hour's rest read its volts, and write them down.");
        sheet.rig()
                .chargersOf(pack.id())
                .forEach(charger -> draft.of(charger.id())
                        .say("With the {}.", charger.name())
                        .fact("charger", "{}", charger.name()));
        if (cells(pack)) {
            draft.check(
                    "red",
                    "holder read first: red to red, every cell by the mark in its bay",
                    "one cell turned round takes two others with it");
        } else {
            draft.check(
                    "full",
                    "its charger says full, and its rest volts are written down",
                    "what goes in empty comes out again");
        }
        if (pack.chemistry().lithium()) {
            draft.caution("lithium-charge").caution("lithium-harm");
        }
        if (pack.chemistry().lead()) {
            draft.caution("lead-acid");
        }
        sheet.add(draft.piece(Piece.Of.HARNESS, List.of(pack.id())));
    }

    private void foam(Fit fit) {
        List<Foam> all = Foam.round(fit);
        if (all.isEmpty()) {
            return;
        }
        String subject =
                sheet.rig().fitOut().boxAt(fit.station()).map(box -> box.id()).orElse(fit.station());
        StepDraft draft = sheet.step(
                        StepKind.FOAM,
                        subject,
                        all.stream().allMatch(each -> each.thickM() > THICK_M)
                                ? "keep it from sliding: {}"
                                : "cut the foam: {}",
                        fit.place())
                .at(fit.station())
                .check(
                        "tried",
                        "everything lies in it with its plugs on, before the first cut",
                        "foam is cut last, and once");
        for (Foam each : all) {
            Text size = Text.of(
                    "{} × {} × {}, {} thick",
                    each.pieces(),
                    new Amount(each.longM(), Unit.MILLIMETRE),
                    new Amount(each.wideM(), Unit.MILLIMETRE),
                    new Amount(each.thickM(), Unit.MILLIMETRE));
            if (each.thickM() > THICK_M) {
                draft.say(
                        "{} there is {} of room: a wedge, a block or a strap holds it better than foam.",
                        each.where(),
                        new Amount(each.thickM() / Foam.PRESSED * each.pieces(), Unit.MILLIMETRE));
                draft.fact(each.where(), "{}", size);
                continue;
            }
            draft.say("{}: {}.", each.where(), size).fact(each.where(), "{}", size);
        }
        sheet.rig().fitOut().boxAt(fit.station()).ifPresent(box -> draft.of(box.id()));
        fit.pieces().forEach(piece -> draft.of(piece.item()));
        sheet.add(draft.material("closed-cell foam"));
    }

    private void load(Pack pack) {
        String station = sheet.rig().stationOf(pack.id());
        Held held = sheet.rig().placeOf(pack.id()).map(place -> place.held()).orElse(Held.UNKNOWN);
        StepDraft draft = sheet.step(
                        StepKind.LOAD,
                        pack.id(),
                        station.isEmpty() ? "put the {} in: where is not said yet" : "put the {} in: {}",
                        station.isEmpty()
                                ? new Object[] {pack.name()}
                                : new Object[] {pack.name(), sheet.nameOfStation(station)})
                .fact("place", "{}", sheet.nameOfStation(station))
                .fact("held", "{}", held.how().words())
                .at(station)
                .of(pack.id())
                .sayIf(
                        held.how() != Holding.UNDECIDED,
                        "It sits {}.",
                        held.how().words())
                .sayIf(held.onSide(), "On its side.")
                .sayIf(!held.covered(), "A cap over plus until it is plugged.")
                .say("No lead under it; the plug where two fingers reach it.")
                .check(
                        "plugged",
                        "plugged in again and tugged, the screen comes on",
                        "it was unplugged to be carried there");
        if (pack.massKg().isSet()) {
            draft.say("{}.", new Amount(pack.massKg().value(), Unit.KILOGRAM))
                    .fact("mass", "{}", new Amount(pack.massKg().value(), Unit.KILOGRAM));
        }
        FastenerWords.tell(draft, sheet.rig(), pack.id());
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(pack.id())));
        if (held.straps() > 0) {
            strap(pack, station, held);
        }
    }

    private void strap(Pack pack, String station, Held held) {
        String id = sheet.add(sheet.step(
                        StepKind.STRAP,
                        pack.id(),
                        held.straps() == 1 ? "strap the {} down" : "strap the {} down with {} straps",
                        held.straps() == 1 ? new Object[] {pack.name()} : new Object[] {pack.name(), held.straps()})
                .fact("straps", "{}", held.straps())
                .at(station)
                .of(pack.id())
                .material(held.straps() + " × strap")
                .times(held.straps())
                .check("still", "shaken, it does not slide, turn or lift", "a loose battery is a hammer"));
        sheet.closes(id, Set.of(), Set.of(pack.id()), "strap");
    }

    private void weight(Ballast weight) {
        StepDraft draft = sheet.step(
                        StepKind.BALLAST,
                        weight.id(),
                        "put the {} in: {}",
                        weight.name(),
                        sheet.nameOfStation(weight.station()))
                .fact("place", "{}", sheet.nameOfStation(weight.station()))
                .at(weight.station())
                .of(weight.id())
                .say("Tied, so that it stays where it was reckoned.");
        if (weight.massKg().isSet()) {
            draft.say("{}.", new Amount(weight.massKg().value(), Unit.KILOGRAM))
                    .fact("mass", "{}", new Amount(weight.massKg().value(), Unit.KILOGRAM));
        }
        sheet.add(draft.piece(Piece.Of.CRAFT, List.of(weight.id())));
    }

    @Override
    public void order() {
        List<Step> dry = new ArrayList<>(sheet.of(StepKind.POWER));
        dry.addAll(sheet.of(StepKind.SEE));
        dry.addAll(sheet.of(StepKind.SAVE));
        for (Pack pack : sheet.rig().harness().packs()) {
            String load = StepKind.LOAD.of(pack.id());
            sheet.first(StepKind.CHARGE.of(pack.id()), load, "a battery is charged before it goes in");
            sheet.first(dry, load, "tested dry before it is stowed");
            sheet.first(StepKind.JOIN.of(WireSteps.HARNESS), load, "joined and pulled before the tray is shut");
            sheet.first(load, StepKind.STRAP.of(pack.id()), "there is nothing to strap yet");
            String station = sheet.rig().stationOf(pack.id());
            for (Step foam : sheet.of(StepKind.FOAM)) {
                if (foam.places().contains(station)) {
                    sheet.first(foam.id(), load, "foam before the battery, and the battery tried in it");
                }
            }
            if (!pack.onTopOf().isEmpty()) {
                sheet.first(StepKind.LOAD.of(pack.onTopOf()), load, "the lower one first");
            }
        }
        sheet.of(StepKind.FOAM).forEach(foam -> {
            sheet.first(dry, foam.id(), "foam is cut last, when everything has run");
            sheet.first(sheet.of(StepKind.CYCLE), foam.id(), "leads lie as they stay before foam is cut round them");
        });
    }
}
