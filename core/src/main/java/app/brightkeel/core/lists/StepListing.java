package app.brightkeel.core.lists;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Check;
import app.brightkeel.core.build.Progress;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Steps of a build in the order in which they are done. */
public final class StepListing {

    private record Row(int number, Step step) {}

    private StepListing() {}

    public static Listing of(Rig rig, BuildPlan plan, Progress progress) {
        Set<String> done = progress.steps().stream()
                .filter(Progress.Done::whole)
                .map(Progress.Done::step)
                .collect(Collectors.toSet());
        List<Step> steps = plan.steps();
        return new Columns<Row>()
                .words("id", row -> row.step().id())
                .words("number", row -> String.valueOf(row.number()))
                .text("step", row -> row.step().title())
                .words("what the hands do", row -> row.step().kind().words())
                .words("where", row -> where(rig, row.step()))
                .text("how", row -> joined(row.step().says()))
                .text(
                        "to see before going on",
                        row -> joined(
                                row.step().checks().stream().map(Check::see).toList()))
                .words("tools", row -> String.join(", ", row.step().tools()))
                .words("used up", row -> String.join(", ", row.step().materials()))
                .words("mind", row -> String.join(" ", row.step().minds()))
                .number(
                        "work",
                        Unit.MINUTE,
                        row -> Optional.of(new Amount(row.step().minutes(), Unit.MINUTE)))
                .words("done", row -> done.contains(row.step().id()) ? "yes" : "no")
                .of(IntStream.range(0, steps.size())
                        .mapToObj(i -> new Row(i + 1, steps.get(i)))
                        .toList());
    }

    private static String where(Rig rig, Step step) {
        return step.places().stream()
                .flatMap(id -> rig.craft().station(id).stream())
                .map(Station::name)
                .collect(Collectors.joining(", "));
    }

    private static Text joined(List<Text> sentences) {
        Text all = Text.of("");
        for (int i = 0; i < sentences.size(); i++) {
            all = all.then(Text.of(i == 0 ? "{}" : " {}", sentences.get(i)));
        }
        return all;
    }
}
