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
import app.brightkeel.core.review.Trait;
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
import java.util.stream.IntStream;
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
                    ? Text.of(
                            "sees {} across, reaches {}",
                            seen,
                            new Amount(reach.get().plannedM(), Unit.REACH))
                    : Text.of("sees {} across", seen);
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
     * The score of the transducer that suits best: what one lacks another may have. The traits of the first that is new,
     * else of the first; of one that draws nothing extra also whether it is enough.
     */
    @Override
    public Merit merit(Line planned, Line changed) {
        List<Suitability> all = suit(changed);
        if (all.isEmpty()) {
            return Merit.NONE;
        }
        List<Transducer> after = changed.rig().transducers();
        int at = LinkReview.firstNew(planned.rig().transducers(), after)
                .map(after::indexOf)
                .orElse(0);
        List<Text> notes = new ArrayList<>();
        boolean simple = after.get(at).type().extraW() == 0 && !after.get(at).live();
        if (simple && all.get(at).meetsTheGoal()) {
            notes.add(Text.of("enough: nothing dearer is needed for this"));
        }
        notes.addAll(all.get(at).reasons());
        double score = all.stream().mapToDouble(Suitability::score).max().orElse(0);
        List<Suitability> before = suit(planned);
        List<Transducer> had = planned.rig().transducers();
        List<Trait> was = IntStream.range(0, before.size())
                .filter(k -> had.get(k).id().equals(after.get(at).id()))
                .mapToObj(k -> TransducerTraits.of(had.get(k), before.get(k)))
                .findFirst()
                .or(() -> before.isEmpty()
                        ? Optional.empty()
                        : Optional.of(TransducerTraits.of(had.get(0), before.get(0))))
                .orElse(List.of());
        return new Merit(score, notes, was, TransducerTraits.of(after.get(at), all.get(at)));
    }

    /** How each transducer suits the water; empty where its water or its beams are not known. */
    private static List<Suitability> suit(Line line) {
        Water water = line.rig().outing().water();
        return line.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                .map(sight -> Suitability.of(sight, water))
                .toList();
    }
}
