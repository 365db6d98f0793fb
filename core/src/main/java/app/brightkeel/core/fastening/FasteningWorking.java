package app.brightkeel.core.fastening;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind.Holds;
import java.util.ArrayList;
import java.util.List;

/** Tells of each fastener what it passes, what it holds in, and where it ends. */
public final class FasteningWorking {

    private FasteningWorking() {}

    /** One for each whose layers are known. */
    public static List<Working> of(Line line) {
        List<Working> all = new ArrayList<>();
        List<Fastener> fasteners = line.rig().fitOut().fasteners();
        for (int f = 0; f < fasteners.size(); f++) {
            Fastener fastener = fasteners.get(f);
            String at = "/fitOut/fasteners/" + f;
            Fastened.of(fastener).ifPresent(ends -> all.add(told(fastener, at, ends)));
        }
        return List.copyOf(all);
    }

    private static Working told(Fastener fastener, String at, Fastened ends) {
        boolean behind = fastener.kind().holds() == Holds.FROM_BEHIND;
        Working.Builder told = Working.of(
                        Worded.capital(fastener.name()) + ": where it ends",
                        behind ? "out = length − layers − wall" : "bite = length − layers, at most what it holds in",
                        Source.practice("a bite of so many widths is common practice, no source"))
                .figure("d", "thickness", fastener.widthM(), Unit.FINE_MILLIMETRE, at + "/widthM")
                .figure("L", "length", fastener.lengthM(), Unit.FINE_MILLIMETRE, at + "/lengthM")
                .figure("", "layers it passes", fastener.passesM(), Unit.FINE_MILLIMETRE, at + "/passesM")
                .figure(
                        "",
                        behind ? "wall it clamps" : "what it holds in",
                        fastener.bitesM(),
                        Unit.FINE_MILLIMETRE,
                        at + "/bitesM")
                .step("", "has to bite at least", ends.wantsM(), Unit.FINE_MILLIMETRE)
                .step("", "comes out behind", ends.outM(), Unit.FINE_MILLIMETRE);
        if (fastener.behindM().isSet()) {
            told.figure("", "free behind", fastener.behindM(), Unit.MILLIMETRE, at + "/behindM");
        }
        return told.result("", behind ? "stands out for its nut" : "bites", ends.bitesM(), Unit.FINE_MILLIMETRE)
                .done();
    }
}
