package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.load.RanWorking;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import app.brightkeel.core.rig.Device;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The Screen link: mean watts; brightness as what could be had instead. */
public final class ScreenReview implements LinkReview {

    @Override
    public Link link() {
        return Link.SCREEN;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(Load.STAGE).map(load -> Text.of(load.meanW(), Unit.WATT));
    }

    @Override
    public List<Working> workings(Line line) {
        Stream<Working> holders =
                IntStream.range(0, line.rig().holders().size()).mapToObj(index -> HolderWorking.of(line.rig(), index));
        return Stream.of(
                        Stream.of(Load.STAGE.working(line)),
                        RanWorking.of(line).stream(),
                        Stream.of(SeatStage.STAGE.working(line)),
                        holders)
                .flatMap(workings -> workings)
                .toList();
    }

    @Override
    public Text planned(Line line) {
        return Text.of(String.join(
                ", ", line.rig().devices().stream().map(Device::name).toList()));
    }

    /** Of a holder that is new; of anything else what it draws, and how far and how large its figures stand. */
    @Override
    public Merit merit(Line planned, Line changed) {
        return LinkReview.firstNew(planned.rig().holders(), changed.rig().holders())
                .map(holder -> HolderMerit.of(planned.rig(), changed.rig(), holder))
                .orElseGet(() -> {
                    Optional<String> shown = ScreenTraits.shown(planned.rig(), changed.rig());
                    return new Merit(
                            0,
                            ScreenTraits.enough(planned.rig(), changed.rig()),
                            ScreenTraits.of(planned, shown),
                            ScreenTraits.of(changed, shown));
                });
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return ScreenKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        boolean dims = line.rig().devices().stream().anyMatch(d -> d.kind().dimmable());
        Stream<Change> dimmed =
                DoubleStream.of(1, 0.8, 0.6, 0.4, 0.2).filter(b -> dims).mapToObj(b -> ScreenChanges.dim(line, b));
        return Stream.of(
                        dimmed,
                        ScreenChanges.withLater(line),
                        ScreenChanges.fewer(line),
                        ScreenChanges.withoutRemote(line),
                        HolderChanges.all(line),
                        HolderChanges.places(line))
                .flatMap(changes -> changes)
                .toList();
    }
}
