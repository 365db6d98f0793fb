package app.brightkeel.server.http;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.build.Workshop;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.StepScene;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.StoredRig;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.springframework.stereotype.Component;

/** The steps of kept rigs, as the person's days and order have them. */
@Component
class BuildSheets {

    /** A tenth of a megabyte each. */
    private static final int KEPT = 60;

    private record Key(String id, long revision, Workshop workshop, List<String> order) {}

    private final BuildStore build;
    private final Lines lines;
    private final Turns turns;
    private final Clock clock;
    private final Cache<Key, BuildPlan> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    BuildSheets(BuildStore build, Lines lines, Turns turns, Clock clock) {
        this.build = build;
        this.lines = lines;
        this.turns = turns;
        this.clock = clock;
    }

    /** Where nobody said when: from today on, by the clock of this machine. */
    Workshop usual() {
        return Workshop.usual(
                LocalDate.now(clock).toString(), ZoneId.systemDefault().getId());
    }

    BuildPlan plan(StoredRig stored) {
        return plan(stored, build.workshop(stored.id()).orElseGet(this::usual));
    }

    /** @param workshop of that rig, as it is kept or as it is usual */
    BuildPlan plan(StoredRig stored, Workshop workshop) {
        Key key = new Key(stored.id(), stored.revision(), workshop, build.order(stored.id()));
        BuildPlan plan = known.getIfPresent(key);
        if (plan == null) {
            plan = turns.take(() -> made(key, lines.of(stored)));
            known.put(key, plan);
        }
        return plan;
    }

    private static BuildPlan made(Key key, Line line) {
        return key.order().isEmpty()
                ? BuildPlan.of(line, key.workshop())
                : BuildPlan.of(line, key.workshop(), key.order());
    }

    /** @throws NoSuchStep where the rig has none of this id */
    Step step(StoredRig stored, String step) {
        return plan(stored).steps().stream()
                .filter(each -> each.id().equals(step))
                .findFirst()
                .orElseThrow(() -> new NoSuchStep("step"));
    }

    /** What a step bears of the drawing; empty where there is nothing to draw. */
    Picture picture(StoredRig stored, String step) {
        Step asked = step(stored, step);
        return turns.take(() -> StepScene.of(lines.of(stored), asked)
                .map(scene -> new Picture(List.of(scene), Picture.NONE.why()))
                .orElse(Picture.NONE));
    }
}
