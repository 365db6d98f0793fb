package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.sonar.Fed;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Every view that is wanted comes through to a screen. */
final class ViewNotFed implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.view-not-fed", Link.TRANSDUCER, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        List<Transducer> transducers = rig.transducers();
        WorstOf worst = new WorstOf();
        // where nothing sees yet, that is asked elsewhere
        for (WantedView view :
                transducers.isEmpty() ? List.<WantedView>of() : rig.outing().views()) {
            if (among(rig, view, Fed.Way.SHOWN).isPresent()) {
                worst.add(1, "");
            } else if (view == WantedView.TEMPERATURE) {
                worst.add(-1, "You want {}: a sensor inside the hull tells the hull's.", view.words());
            } else if (among(rig, view, Fed.Way.TURNED).isPresent()) {
                Transducer head = among(rig, view, Fed.Way.TURNED).get();
                worst.add(
                        -1,
                        "You want to see {}: the {} is turned elsewhere, {}.",
                        view.words(),
                        head.name(),
                        head.look().words());
            } else if (among(rig, view, Fed.Way.STOPPED).isPresent()) {
                worst.add(
                        -1,
                        "You want to see {}: the {} sees that, and it does not come through to a screen.",
                        view.words(),
                        among(rig, view, Fed.Way.STOPPED).get().name());
            } else {
                worst.add(-1, "You want to see {}: nothing aboard does.", view.words());
            }
        }
        return worst.judgement();
    }

    private static Optional<Transducer> among(Rig rig, WantedView view, Fed.Way way) {
        return rig.transducers().stream()
                .filter(transducer -> Fed.of(rig, transducer, view) == way)
                .findFirst();
    }

    @Override
    public Stream<Change> cures(Line line) {
        Stream<Change> elsewhere =
                line.rig().outing().views().contains(WantedView.TEMPERATURE) ? MountChanges.all(line) : Stream.empty();
        return Stream.of(
                        LiveChanges.looks(line),
                        PlugChanges.all(line),
                        LiveChanges.pairs(line),
                        LiveChanges.modules(line),
                        elsewhere)
                .flatMap(changes -> changes);
    }

    @Override
    public Text byHand() {
        return Text.of("Ask for a transducer that sees it, with a plug for your display: none in the list does.");
    }
}
