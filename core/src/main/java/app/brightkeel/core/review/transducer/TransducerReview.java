package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.sonar.Reach;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Suitability;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The Transducer link: what is seen of the bottom at the typical depth; other beams and other types beside. */
public final class TransducerReview implements LinkReview {

    @Override
    public Link link() {
        return Link.TRANSDUCER;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(SonarStage.STAGE).map(sonar -> {
            Sight sight = sonar.first();
            Amount seen = new Amount(sight.footprintM(sight.water().typicalM()), Unit.DEPTH);
            Optional<Reach> reach = sight.at(sight.water().mostM()).reach();
            return reach.isPresent()
                    ? Text.of("⌀ {} · {}", seen, new Amount(reach.get().plannedM(), Unit.REACH))
                    : Text.of("⌀ {}", seen);
        });
    }

    @Override
    public List<Working> workings(Line line) {
        return List.of(SonarStage.STAGE.working(line));
    }

    @Override
    public Text planned(Line line) {
        return Text.of(String.join(
                " and ", line.rig().transducers().stream().map(Transducer::name).toList()));
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return TransducerKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        return Stream.of(
                        TransducerChanges.beams(line).stream(),
                        TransducerChanges.take(line),
                        LiveChanges.pairs(line),
                        LiveChanges.looks(line))
                .flatMap(changes -> changes)
                .toList();
    }

    /**
     * The score of the transducer that suits best: what one lacks another may have. The reasons of the first that is new,
     * else of the first; of one that draws nothing extra also whether it is enough.
     */
    @Override
    public Merit merit(Line planned, Line changed) {
        Water water = changed.rig().outing().water();
        List<Suitability> all = changed.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                .map(sight -> Suitability.of(sight, water))
                .toList();
        if (all.isEmpty()) {
            return Merit.NONE;
        }
        List<Transducer> after = changed.rig().transducers();
        int at = LinkReview.firstNew(planned.rig().transducers(), after)
                .map(after::indexOf)
                .orElse(0);
        List<Text> reasons = new ArrayList<>();
        boolean simple = after.get(at).type().extraW() == 0 && !after.get(at).live();
        if (simple && all.get(at).meetsTheGoal()) {
            reasons.add(Text.of("enough: nothing dearer is needed for this"));
        }
        reasons.addAll(all.get(at).reasons());
        double score = all.stream().mapToDouble(Suitability::score).max().orElse(0);
        return new Merit(score, reasons);
    }
}
