package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.SonarVersion;
import java.util.stream.Stream;

/** An element made for sweeps gets sweeps: the older version of a display sends single tones. */
final class OlderVersion implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.older-version", Link.TRANSDUCER, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Sockets.Plugged.all(line.rig()).forEach(plugged -> {
            SonarVersion element = plugged.transducer().plug().version();
            SonarVersion sent = plugged.device().sockets().version();
            if (element == SonarVersion.SWEEP && sent != SonarVersion.UNDECIDED) {
                worst.add(
                        sent == SonarVersion.SWEEP ? 1 : -1,
                        "The {} is made for {}; the {} sends {}.",
                        plugged.transducer().name(),
                        element.words(),
                        plugged.device().name(),
                        sent.words());
            }
        });
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PlugChanges.all(line);
    }
}
