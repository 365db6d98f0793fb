package app.brightkeel.server.http;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Progress;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.station.Ready;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.CareStore;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Whether a rig is ready for a day: its line, its parts, its build, its care, its gear. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/ready", produces = MediaType.APPLICATION_JSON_VALUE)
class ReadyController {

    private final RigStore rigs;
    private final GarageStore garage;
    private final GarageShown shown;
    private final CareStore care;
    private final Cares cares;
    private final BuildSheets sheets;
    private final BuildStore build;
    private final RigReviewer reviewer;
    private final Lines lines;
    private final Turns turns;

    ReadyController(
            RigStore rigs,
            GarageStore garage,
            GarageShown shown,
            CareStore care,
            Cares cares,
            BuildSheets sheets,
            BuildStore build,
            RigReviewer reviewer,
            Lines lines,
            Turns turns) {
        this.rigs = rigs;
        this.garage = garage;
        this.shown = shown;
        this.care = care;
        this.cares = cares;
        this.sheets = sheets;
        this.build = build;
        this.reviewer = reviewer;
        this.lines = lines;
        this.turns = turns;
    }

    /** What is looked at before it goes out on a day. */
    @GetMapping
    List<Ready> isReady(@PathVariable String id, @RequestParam String day) {
        LocalDate wanted = LocalDate.parse(Checks.day("day", day));
        StoredRig stored = rigs.get(id);
        Line line = lines.of(stored);
        BuildPlan plan = sheets.plan(stored);
        List<Ready> all = new ArrayList<>(turns.take(() -> Ready.of(
                line,
                reviewer,
                wanted,
                cares.due(stored, care.done(id)),
                Progress.of(plan.steps(), build.ticks(id)).done(),
                plan.steps().size())));
        all.add(places(stored.rig()));
        all.add(wanted(stored, day));
        return all;
    }

    /** Where its pieces are to be fetched from: told, and nothing to be mended, however many places there are. */
    private Ready places(Rig rig) {
        Map<String, List<String>> byPlace = Uses.aboard(rig).stream()
                .flatMap(use -> garage.item(use.item()).stream())
                .filter(item -> !item.place().isEmpty())
                .collect(Collectors.groupingBy(Item::place, Collectors.mapping(Item::name, Collectors.toList())));
        String told = byPlace.entrySet().stream()
                .map(each -> each.getKey() + ": " + String.join(", ", each.getValue()))
                .sorted()
                .collect(Collectors.joining("; "));
        return new Ready("places", true, Text.of("{}", told.isEmpty() ? "nobody said where anything is" : told));
    }

    private Ready wanted(StoredRig stored, String day) {
        String twice = shown.clashes().stream()
                .filter(clash -> clash.day().equals(day)
                        && clash.rigs().contains(stored.rig().name()))
                .map(clash -> clash.name() + " by " + String.join(" and ", clash.rigs()))
                .collect(Collectors.joining("; "));
        return new Ready(
                "gear",
                twice.isEmpty(),
                twice.isEmpty()
                        ? Text.of("no other rig that is planned for that day wants any of it")
                        : Text.of("wanted twice: {}", twice));
    }
}
