package app.brightkeel.core.review.mount;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.mount.BarBracket;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.mount.Score;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.mount.Pairings;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The Mount link: how deep the face is under the surface; every mount the craft takes beside, best score first. */
public final class MountReview implements LinkReview {

    /** What a hull offers for just this loses to nothing by points alone: they are 0 to 1. */
    private static final double MADE_FOR_IT = 1;

    @Override
    public Link link() {
        return Link.MOUNT;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(FaceStage.STAGE).map(faces -> {
            double under = faces.faces().get(0).underM();
            return Text.of(under < 0 ? "{} dry" : "{} under", new Amount(Math.abs(under), Unit.MILLIMETRE));
        });
    }

    @Override
    public List<Working> workings(Line line) {
        List<Working> all = new ArrayList<>();
        all.add(FaceStage.STAGE.working(line));
        all.add(MountStage.STAGE.working(line));
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.mount().kind() != MountKind.UNDECIDED) {
                all.add(Score.working(line.rig(), transducer));
            }
        }
        if (beside(line)) {
            all.add(SeatStage.STAGE.working(line));
        }
        all.addAll(BarBracket.workings(line));
        return all;
    }

    /** Whether something stands beside the hull, where arms and paddles go. */
    private static boolean beside(Line line) {
        return line.get(SeatStage.STAGE).map(Seated::things).orElse(List.of()).stream()
                .anyMatch(each -> !each.thing().screen());
    }

    @Override
    public Text planned(Line line) {
        return Text.of(String.join(
                " and ",
                line.rig().transducers().stream().map(t -> words(line.rig(), t)).toList()));
    }

    private static String words(Rig rig, Transducer transducer) {
        String place = rig.craft()
                .station(transducer.mount().station())
                .map(station -> ", " + station.name())
                .orElse("");
        return transducer.mount().kind().words() + place;
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return MountKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        return MountChanges.all(line).toList();
    }

    /** Every type of transducer in every mount. */
    @Override
    public List<Change> wider(Line line) {
        return Pairings.all(line).toList();
    }

    /** Of the transducer whose mount is new, else of the first. */
    @Override
    public Merit merit(Line planned, Line changed) {
        Rig rig = changed.rig();
        if (rig.transducers().isEmpty()) {
            return Merit.NONE;
        }
        Transducer shown = LinkReview.firstNew(planned.rig().transducers(), rig.transducers())
                .orElse(rig.transducers().get(0));
        double score = rig.transducers().stream()
                .mapToDouble(transducer -> Score.of(rig, transducer).weighted(rig.weights())
                        + (transducer.mount().kind().madeForIt() ? MADE_FOR_IT : 0))
                .sum();
        List<Text> notes = new ArrayList<>();
        if (shown.mount().kind().madeForIt()) {
            notes.add(Text.of("made for it: there already, and sheltered"));
        }
        notes.add(Text.of("score {}", new Amount(Score.of(rig, shown).weighted(rig.weights()), Unit.PERCENT)));
        List<Trait> was = planned.rig()
                .transducer(shown.id())
                .map(before -> MountTraits.of(planned.rig(), before))
                .orElse(List.of());
        return new Merit(score, notes, was, MountTraits.of(rig, shown));
    }
}
