package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.reading.Reading;
import app.brightkeel.core.reading.ReadingKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The harness with what the meter said beside its pieces, and what is suspected marked. */
public final class BenchScene {

    private BenchScene() {}

    /** @param suspected ids of parts, those of the likeliest suspect */
    public static Outcome<Scene> of(
            Line line, List<Expected> expected, List<Reading> readings, List<String> suspected) {
        return HarnessScene.of(line, Moment.JUDGED)
                .map(scene -> with(scene, beside(expected, readings), rows(expected, readings), suspected));
    }

    /** Of each part the reading that says most of it as it runs: everything on before alone on before at rest. */
    private static Map<String, Text> beside(List<Expected> expected, List<Reading> readings) {
        Map<String, Text> beside = new HashMap<>();
        for (ReadingKind kind : List.of(
                ReadingKind.REST,
                ReadingKind.POLARITY,
                ReadingKind.ON_VOLTS,
                ReadingKind.PACK_VOLTS,
                ReadingKind.ALL_VOLTS,
                ReadingKind.DROP)) {
            expected.stream()
                    .filter(each -> each.kind() == kind)
                    .forEach(each -> find(readings, each)
                            .ifPresent(reading -> beside.put(
                                    each.subject(), Text.of("{}", new Amount(reading.value(), each.unit())))));
        }
        return beside;
    }

    private static Optional<Reading> find(List<Reading> readings, Expected expected) {
        return readings.stream()
                .filter(reading -> reading.id().equals(expected.id()))
                .findFirst();
    }

    private static List<List<Text>> rows(List<Expected> expected, List<Reading> readings) {
        List<List<Text>> rows = new ArrayList<>();
        for (Expected each : expected) {
            Optional<Reading> read = find(readings, each);
            rows.add(List.of(
                    each.title(),
                    Text.of("{} to {}", new Amount(each.low(), each.unit()), new Amount(each.high(), each.unit())),
                    read.map(reading -> Text.of(reading.value(), each.unit())).orElse(Text.of("not read"))));
        }
        return rows;
    }

    private static Scene with(Scene harness, Map<String, Text> beside, List<List<Text>> rows, List<String> suspected) {
        Still still = Still.of(harness);
        List<Mark> marks = new ArrayList<>(still.marks());
        still.areas().forEach((part, area) -> {
            if (suspected.contains(part)) {
                marks.add(0, Still.marked(area));
            }
            Text read = beside.get(part);
            if (read != null) {
                double x = area.stream().mapToDouble(Point::x).average().orElse(0);
                double y = area.stream().mapToDouble(Point::y).min().orElse(0);
                marks.add(new Mark.Note(
                        suspected.contains(part) ? Role.MISSING : Role.LABEL,
                        at(x, y),
                        Text.of("read {}", read),
                        Side.MIDDLE,
                        1));
            }
        });
        return new Scene(
                Text.of("What the meter said"),
                Text.of("beside each piece the reading with everything on; what is suspected is marked"),
                harness.frame(),
                marks,
                new Twin(List.of("where", "expected", "read"), rows));
    }
}
