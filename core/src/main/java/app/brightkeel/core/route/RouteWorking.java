package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;

/** Tells how long each cable has to be, and what it has to pass. */
final class RouteWorking {

    private RouteWorking() {}

    static Working of(Line line) {
        Outcome<Routes> outcome = line.get(RouteStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Spare length", outcome.missing());
        }
        Laid worst = outcome.value().tightest();
        Working.Builder told = Working.of(
                "Spare length",
                "spare = supplied − way − slack, of the tightest cable; a wire is cut to length",
                Source.derived("a sum over passages"));
        for (int r = 0; r < outcome.value().all().size(); r++) {
            Laid laid = outcome.value().all().get(r);
            told.opened("", laid.name(), laid.spareM(), Unit.METRE, laid(line.rig(), r, laid));
        }
        return told.result("", "the " + worst.name(), worst.spareM(), Unit.METRE)
                .done();
    }

    private static Working laid(Rig rig, int r, Laid laid) {
        Run run = rig.runs().get(r);
        String at = "/runs/" + r + "/";
        Working.Builder told = Working.of(
                Text.of("The way of the {}", laid.name()),
                "spare = supplied − Σ legs − loops",
                Source.practice("slack as practitioners leave it"));
        for (Passage leg : laid.legs()) {
            String pointer = "/craft/passages/" + rig.craft().passages().indexOf(leg) + "/";
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
        if (laid.sonar() && laid.spareM() > 0) {
            told.remark(
                    "A transducer's lead is never cut: coil {} in a dry place, away from the power lead.",
                    new Amount(laid.spareM(), Unit.METRE));
        }
        return told.result("", laid.spareM() < 0 ? "short by" : "to spare", Math.abs(laid.spareM()), Unit.METRE)
                .done();
    }

    private static void supplied(Working.Builder told, Rig rig, Laid laid) {
        for (int t = 0; t < rig.transducers().size(); t++) {
            Transducer transducer = rig.transducers().get(t);
            if (transducer.id().equals(laid.carries())) {
                told.figure(
                        "",
                        "lead as supplied",
                        transducer.lead().lengthM(),
                        Unit.METRE,
                        Pointer.transducer(t, "lead/lengthM"));
                if (transducer.lead().extensionM().isSet()) {
                    told.figure(
                            "",
                            "extension",
                            transducer.lead().extensionM(),
                            Unit.METRE,
                            Pointer.transducer(t, "lead/extensionM"));
                }
                if (laid.plugM().isPresent()) {
                    told.figure(
                            "",
                            "width of its plug",
                            transducer.lead().plugM(),
                            Unit.MILLIMETRE,
                            Pointer.transducer(t, "lead/plugM"));
                }
            }
        }
        for (int s = 0; s < rig.harness().segments().size(); s++) {
            Segment segment = rig.harness().segments().get(s);
            if (segment.id().equals(laid.carries())) {
                told.figure(
                        "",
                        "length of the wire",
                        segment.wire().lengthM(),
                        Unit.METRE,
                        Pointer.segment(s, "wire/lengthM"));
            }
        }
    }
}
