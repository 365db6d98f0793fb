package app.brightkeel.core.review.change.screen;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.RanTogether;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Use;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Changes of what is drawn. */
public final class ScreenChanges {

    private static final Pattern PERCENT = Pattern.compile("[1-9]\\d|100");

    private ScreenChanges() {}

    /** Each device of which nobody said what it draws planned with the most that such things draw: on the safe side. */
    public static Stream<Change> guessed(Line line) {
        return line.rig().devices().stream()
                .filter(d -> d.draw().guessed())
                .map(d -> planWith(line, d, d.kind().typical().watts().high()));
    }

    /** What all devices were seen to draw by the hours they ran, each keeping its part of the whole. */
    public static Stream<Change> asItRan(Line line) {
        return RanTogether.of(line)
                .flatMap(ran -> ran.taken(line)
                        .map(after -> new Change(
                                "screen.as-it-ran",
                                Text.of(
                                        "Plan with what it drew: {} with every screen at full",
                                        new Amount(ran.baseW() + ran.backW(), Unit.WATT)),
                                Effort.SETTING,
                                after)))
                .stream();
    }

    /** Plans one device with so many watts in place of what was entered. */
    public static Change planWith(Line line, Device device, double watts) {
        double share = device.kind().typical().backlightShare();
        Device entered = line.entered().device(device.id());
        Rig after = line.entered()
                .with(entered.withDraw(
                        new Draw.Split(Figure.chosen(watts * (1 - share)), Figure.chosen(watts * share))));
        return new Change(
                "screen.plan-with." + device.id() + "." + Math.round(watts),
                Text.of("Plan the {} with {}", device.name(), new Amount(watts, Unit.WATT)),
                Effort.SETTING,
                after);
    }

    /** Parts of another family than the display's replaced by what the catalogue has of their kind. */
    public static Stream<Change> sameFamily(Line line) {
        Rig rig = line.entered();
        return rig.devices().stream()
                .filter(part -> !part.kind().display()
                        && !part.sockets().family().isEmpty()
                        && rig.devices().stream()
                                .noneMatch(d -> d.kind().display()
                                        && d.sockets()
                                                .family()
                                                .equals(part.sockets().family())))
                .flatMap(part -> Catalogue.devices().stream()
                        .filter(item -> item.kind() == part.kind())
                        .map(item -> new Change(
                                "screen.take." + part.id() + "." + item.id(),
                                Text.of(
                                        "{}, family {}",
                                        item.name(),
                                        item.sockets().family()),
                                Effort.BUY,
                                rig.with(item.withId(part.id()).withOrigin(item.id())))));
    }

    /** What comes later as if it were there: what the day is like then. */
    public static Stream<Change> withLater(Line line) {
        return line.entered().devices().stream()
                .filter(Device::later)
                .map(device -> new Change(
                        "screen.now." + device.id(),
                        Text.of("With the {}, which comes later", device.name()),
                        Effort.BUY,
                        line.entered().with(device.withLater(false))));
    }

    /** A new one in place of one that somebody else used. */
    public static Stream<Change> boughtNew(Line line) {
        return line.entered().devices().stream()
                .filter(Device::secondHand)
                .map(device -> new Change(
                        "screen.bought-new." + device.id(),
                        Text.of("A new one in place of the {}", device.name()),
                        Effort.BUY,
                        line.entered().with(device.withSecondHand(false))));
    }

    /** Without one of several displays: one is enough for many, and its watts and its place are saved. */
    public static Stream<Change> fewer(Line line) {
        Rig rig = line.entered();
        List<Device> displays =
                rig.devices().stream().filter(device -> device.kind().display()).toList();
        return displays.size() < 2
                ? Stream.empty()
                : displays.stream()
                        .map(display -> new Change(
                                "screen.fewer." + display.id(),
                                Text.of("Without the {}: one display less", display.name()),
                                Effort.SETTING,
                                rig.without(PartKind.DEVICE, display.id())));
    }

    /** Without a remote where every screen is within the hand's reach: it brings little there. */
    public static Stream<Change> withoutRemote(Line line) {
        Outcome<Seated> seated = line.get(SeatStage.STAGE);
        boolean near = seated.isKnown()
                && seated.value().things().stream()
                        .filter(each -> each.thing().screen())
                        .allMatch(each -> each.awayM() <= seated.value().stretchedM());
        return line.entered().devices().stream()
                .filter(device -> near && device.kind() == DeviceKind.KEYPAD)
                .map(keypad -> new Change(
                        "screen.no-remote." + keypad.id(),
                        Text.of("Without the {}: every screen is within reach", keypad.name()),
                        Effort.SETTING,
                        line.entered().without(PartKind.DEVICE, keypad.id())));
    }

    /** The same by hundredths, as ids write it. */
    public static Optional<Change> dim(Line line, String percent) {
        return PERCENT.matcher(percent).matches()
                ? Optional.of(dim(line, Integer.parseInt(percent) / 100.0))
                : Optional.empty();
    }

    /** Dims every screen to a brightness through the whole day. */
    public static Change dim(Line line, double brightness) {
        Rig entered = line.entered();
        List<Phase> phases = entered.outing().phases().stream()
                .map(phase -> dimmed(line, phase, brightness))
                .toList();
        return new Change(
                "screen.dim." + Math.round(brightness * 100),
                Text.of("Brightness at {}", new Amount(brightness, Unit.PERCENT)),
                Effort.SETTING,
                entered.withOuting(entered.outing().withPhases(phases)));
    }

    private static Phase dimmed(Line line, Phase entered, double brightness) {
        Phase phase = entered;
        for (Device device : line.rig().devices()) {
            if (device.kind().dimmable()) {
                Use use = phase.uses().stream()
                        .filter(u -> u.device().equals(device.id()))
                        .findFirst()
                        .orElse(new Use(device.id(), Figure.UNSET, Figure.UNSET));
                phase = phase.with(use.withBrightness(Figure.chosen(brightness)));
            }
        }
        return phase;
    }
}
