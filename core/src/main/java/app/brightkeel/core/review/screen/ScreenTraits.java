package app.brightkeel.core.review.screen;

import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.reach.Seated.FromSeat;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.sonar.Fed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** By what brightness and places of displays differ: watts, hours, and how a display stands to hand and eye. */
final class ScreenTraits {

    /** Differences that are worth a word; common practice, no source. */
    private static final double WORTH_W = 0.2;

    private static final double WORTH_H = 0.25;

    private static final double WORTH_M = 0.05;

    private ScreenTraits() {}

    /** The display whose place is new, else the first that stands somewhere; none where none does. */
    static Optional<String> shown(Rig planned, Rig changed) {
        List<Placement> screens = changed.places().stream()
                .filter(place -> changed.devices().stream()
                        .anyMatch(device -> device.id().equals(place.item())
                                && device.kind().display()))
                .toList();
        return screens.stream()
                .filter(place -> !planned.places().contains(place))
                .findFirst()
                .or(() -> screens.stream().findFirst())
                .map(Placement::item);
    }

    /** @param shown id of the display whose place is told */
    static List<Trait> of(Line line, Optional<String> shown) {
        List<Trait> all = new ArrayList<>();
        Outcome<DayLoad> load = line.get(Load.STAGE);
        if (load.isKnown()) {
            all.add(new Trait.Counted(
                    "draw",
                    new Amount(load.value().meanW(), Unit.WATT),
                    false,
                    WORTH_W,
                    "draws {} more",
                    "draws {} less"));
        }
        Outcome<Endurance> hours = line.get(RuntimeBand.STAGE);
        if (hours.isKnown()) {
            all.add(new Trait.Counted(
                    "hours on nine days of ten",
                    new Amount(hours.value().lowH(), Unit.HOUR),
                    true,
                    WORTH_H,
                    "lasts {} longer",
                    "lasts {} less"));
        }
        shown.flatMap(id -> line.get(SeatStage.STAGE).map(Seated::things).orElse(List.of()).stream()
                        .filter(each ->
                                each.thing().screen() && each.thing().id().equals(id))
                        .findFirst())
                .ifPresent(each -> place(each, all));
        return all;
    }

    /** Where fewer displays show all that more of them did. */
    static List<Text> enough(Rig planned, Rig changed) {
        List<Device> left = changed.devices().stream()
                .filter(device -> device.kind().display())
                .toList();
        long before = planned.devices().stream()
                .filter(device -> device.kind().display())
                .count();
        boolean all = Stream.of(WantedView.values()).allMatch(view -> !seen(planned, view) || seen(changed, view));
        return left.size() < before && all && !left.isEmpty()
                ? List.of(Text.of(
                        before == 2 ? "one {} shows it all: two are comfort" : "the {} shows it all: more are comfort",
                        left.get(0).name()))
                : List.of();
    }

    private static boolean seen(Rig rig, WantedView view) {
        return rig.transducers().stream().anyMatch(transducer -> Fed.of(rig, transducer, view) == Fed.Way.SHOWN);
    }

    private static void place(FromSeat screen, List<Trait> all) {
        all.add(new Trait.Counted(
                "reach",
                new Amount(screen.awayM(), Unit.METRE),
                false,
                WORTH_M,
                "{} farther from the hand",
                "{} nearer to the hand"));
        all.add(new Trait.Counted(
                "sight",
                new Amount(screen.eyeM(), Unit.METRE),
                false,
                WORTH_M,
                "{} farther from the eye",
                "{} nearer to the eye"));
        all.add(new Trait.Counted(
                "areas it stands in",
                new Amount(screen.standsIn().size(), Unit.COUNT),
                false,
                1,
                "areas of paddle, legs and fish that it stands in: {} more",
                "areas of paddle, legs and fish that it stands in: {} fewer"));
    }
}
