package app.brightkeel.core.review.mount;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.mount.Score;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.sonar.SonarStage;
import java.util.ArrayList;
import java.util.List;

/** The Mount link: how deep the face is under the surface; every mount the craft takes beside, best score first. */
public final class MountReview implements LinkReview {

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
                all.add(Score.working(transducer.mount().kind(), line.rig().weights()));
            }
        }
        return all;
    }

    @Override
    public boolean standsOn(Line line, String pointer) {
        boolean afloat = !line.rig().craft().kind().onIce();
        if (pointer.startsWith("/outing/water/")) {
            return line.get(SonarStage.STAGE).isKnown() || afloat && pointer.endsWith("salinity");
        }
        return pointer.endsWith("/mount/belowM") || afloat && pointer.equals("/angler/gearKg");
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
    public List<Change> alternatives(Line line) {
        return MountChanges.all(line).toList();
    }

    @Override
    public Merit merit(Line planned, Line changed) {
        double score = changed.rig().transducers().stream()
                .mapToDouble(
                        t -> Score.of(t.mount().kind()).weighted(changed.rig().weights()))
                .sum();
        return new Merit(score, List.of());
    }
}
