package app.brightkeel.core.craft;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;

/** Tells how the craft floats. */
final class FloatWorking {

    private static final Source TEXTS = Source.fromMemory("initial stability, naval architecture texts");

    private FloatWorking() {}

    static Working of(Line line) {
        Outcome<Afloat> outcome = line.get(FloatStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("How it floats", outcome.missing());
        }
        Afloat it = outcome.value();
        Rig rig = line.rig();
        Craft craft = rig.craft();
        Working.Builder told = Working.of("How it floats", "tan φ = Σ m·y / (Δ·GM),  GM = KB + BM − KG", TEXTS)
                .opened(
                        "Δ",
                        "everything aboard",
                        it.massKg(),
                        Unit.KILOGRAM,
                        masses(rig, it, line.needs(FloatStage.STAGE).value().aboard()))
                .figure("L", "length", craft.lengthM(), Unit.METRE, "/craft/lengthM")
                .figure("B", "greatest width", craft.beamM(), Unit.METRE, "/craft/beamM")
                .figure("D", "depth of the hull", craft.depthM(), Unit.MILLIMETRE, "/craft/depthM")
                .figure(
                        "S",
                        "salinity, which decides how heavy the water is",
                        rig.outing().water().salinity(),
                        Unit.GRAM_PER_KILOGRAM,
                        "/outing/water/salinity")
                .step("T", "water over the lowest line, amidships", it.waterM(), Unit.MILLIMETRE)
                .step("", "deck over the water, amidships", it.freeM(), Unit.MILLIMETRE)
                .step("KB", "centre of buoyancy", it.kbM(), Unit.MILLIMETRE)
                .step("BM", "second moment of the waterplane over the volume", it.bmM(), Unit.MILLIMETRE)
                .step("KG", "centre of gravity", it.kgM(), Unit.MILLIMETRE)
                .step("GM", "metacentre over the centre of gravity", it.gmM(), Unit.MILLIMETRE);
        if (!it.settled()) {
            told.remark("There is no level at which it floats: the load stands too far to one end.");
        }
        if (!it.steady()) {
            told.remark("Too tender for a figure: your own balance decides how upright it stands.");
        } else {
            told.result("φ", "heel, right is positive", Math.toDegrees(it.heelRad()), Unit.DEGREE);
        }
        return told.result("θ", "trim, bow up is positive", Math.toDegrees(it.trimRad()), Unit.DEGREE)
                .done();
    }

    private static Working masses(Rig rig, Afloat it, Aboard aboard) {
        Craft craft = rig.craft();
        Working.Builder told = Working.of("Masses and where they sit", "Δ = Σ m", Source.derived("a sum"))
                .figure("", "the craft, its middle at half its length", craft.massKg(), Unit.KILOGRAM, "/craft/massKg")
                .figure("", "the angler", rig.angler().massKg(), Unit.KILOGRAM, "/angler/massKg")
                .figure("", "seat, from the bow", craft.seatM(), Unit.METRE, "/craft/seatM")
                .figure("", "seat, over the bottom", craft.seatHeightM(), Unit.MILLIMETRE, "/craft/seatHeightM")
                .figure("", "other gear, amidships", rig.angler().gearKg(), Unit.KILOGRAM, "/angler/gearKg")
                .remark("An angler's middle is taken 0.25 m over the seat, from memory.");
        for (int k = 0; k < craft.kept().size(); k++) {
            KeptRoom room = craft.kept().get(k);
            if (room.measured() && room.loadKg().isSet()) {
                told.figure("", "in the " + room.name(), room.loadKg(), Unit.KILOGRAM, Pointer.kept(k, "loadKg"));
            }
        }
        MassRows.tell(told, rig);
        aboard.unknown().forEach(name -> told.remark("{} is not counted yet: no mass or no place.", name));
        return told.step("KG", "centre of gravity", it.kgM(), Unit.MILLIMETRE)
                .step("Σ m·y", "moment to the right, kg·m", it.sideKgM(), Unit.FACTOR)
                .result("Δ", "everything", it.massKg(), Unit.KILOGRAM)
                .done();
    }
}
