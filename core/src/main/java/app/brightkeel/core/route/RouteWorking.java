package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Lead;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Travel;

/** Tells how long each cable has to be, and what it has to pass. */
final class RouteWorking {

    private RouteWorking() {}

    private static void travel(Working.Builder told, Travel travel, String at) {
        if (travel.freed()) {
            told.remark(
                    "The {} moves with the cable unplugged: no slack for it.",
                    travel.what().words());
            return;
        }
        told.figure("", travel.what().words(), travel.strokeM(), Unit.METRE, at + "strokeM");
        if (travel.what().turns()) {
            told.figure("", "turns through", travel.angleDeg(), Unit.DEGREE, at + "angleDeg")
                    .step("", "chord 2 r sin(θ/2)", travel.extraM(), Unit.METRE);
        }
    }

    static Working of(Line line) {
        Outcome<Routes> outcome = line.get(RouteStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Spare length", outcome.missing());
        }
        LaidCable worst = outcome.value().tightest();
        Working.Builder told = Working.of(
                "Spare length",
                "spare = supplied − way − slack, of the tightest cable; a wire is cut to length",
                Source.derived("a sum over passages"));
        for (int r = 0; r < outcome.value().all().size(); r++) {
            LaidCable laid = outcome.value().all().get(r);
            told.opened("", laid.name(), laid.spareM(), Unit.METRE, laid(line.rig(), r, laid));
        }
        return told.result("", "the " + worst.name(), worst.spareM(), Unit.METRE)
                .done();
    }

    private static Working laid(Rig rig, int r, LaidCable laid) {
        Run run = rig.runs().get(r);
        String at = "/runs/" + r + "/";
        Working.Builder told = Working.of(
                Text.of("The way of the {}", laid.name()),
                "spare = supplied − Σ stretches − loops",
                Source.practice("slack as practitioners leave it"));
        for (Passage leg : laid.legs()) {
            String pointer = Pointer.passage(rig.craft().passages().indexOf(leg), "");
            told.figure("", leg.name() + ", " + leg.way().words(), leg.lengthM(), Unit.METRE, pointer + "lengthM");
            if (leg.way().opening()) {
                told.figure("", "its clear opening", leg.openingM(), Unit.MILLIMETRE, pointer + "openingM");
            }
        }
        told.step("", "the way", laid.pathM(), Unit.METRE)
                .figure("", "service loop, so that it can be unplugged", run.loopM(), Unit.METRE, at + "loopM")
                .figure("", "drip loop", run.dripM(), Unit.METRE, at + "dripM")
                .figure("", "slack for what moves", run.movingM(), Unit.METRE, at + "movingM")
                .figure("", "left free at the transducer", run.freeM(), Unit.METRE, at + "freeM");
        for (int t = 0; t < run.travels().size(); t++) {
            travel(told, run.travels().get(t), at + "travels/" + t + "/");
        }
        if (laid.travelM() > 0) {
            told.step("", "to spare with everything at the near end of its travel", laid.nearM(), Unit.METRE)
                    .step("", "at the far end", laid.spareM(), Unit.METRE);
        }
        told.figure("", "width of the cable, which shares its openings", run.cableM(), Unit.MILLIMETRE, at + "cableM");
        supplied(told, rig, laid);
        laid.tightest()
                .filter(passage -> laid.plugM().isPresent())
                .ifPresent(passage -> told.remark(
                        "Tightest opening: {}, {} for a plug of {}.",
                        passage.name(),
                        new Amount(passage.openingM().value(), Unit.MILLIMETRE),
                        new Amount(laid.plugM().get(), Unit.MILLIMETRE)));
        laid.drilled().forEach(passage -> told.remark("A hole to drill: {}.", passage.name()));
        if (laid.sonar()) {
            told.figure("", "first tie behind the transducer", run.reliefM(), Unit.MILLIMETRE, at + "reliefM");
        }
        return told.result("", laid.spareM() < 0 ? "short by" : "to spare", Math.abs(laid.spareM()), Unit.METRE)
                .done();
    }

    private static void supplied(Working.Builder told, Rig rig, LaidCable laid) {
        Cable cable = Cable.of(rig, laid.carries()).orElseThrow();
        Lead lead = rig.transducer(laid.carries()).map(Transducer::lead).orElse(Lead.UNKNOWN);
        if (!cable.sonar()) {
            told.figure("", "length of the cable", cable.suppliedM(), Unit.METRE, cable.lengthAt());
        } else {
            told.figure("", "lead as supplied", lead.lengthM(), Unit.METRE, cable.lengthAt());
        }
        if (lead.extensionM().isSet()) {
            told.figure(
                    "",
                    "extension",
                    lead.extensionM(),
                    Unit.METRE,
                    cable.lengthAt().replace("lengthM", "extensionM"));
        }
        if (laid.plugM().isPresent()) {
            told.figure("", "width of its plug", cable.plugM(), Unit.MILLIMETRE, cable.plugAt());
        }
    }
}
