package app.brightkeel.server.http;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.TemplateScene;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.server.files.TemplatePdf;
import app.brightkeel.server.files.TemplateSvg;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Files for the bench: full-size templates. */
@RestController
@RequestMapping("/api/rigs/{id}")
class FitOutController {

    private final RigStore store;
    private final Turns turns;
    private final Lines lines;
    private final RevisionAnswers answers;

    FitOutController(RigStore store, Turns turns, Lines lines, RevisionAnswers answers) {
        this.store = store;
        this.turns = turns;
        this.lines = lines;
        this.answers = answers;
    }

    /** Titles of the full-size sheets, in order; none where nothing is drilled and nothing filled with foam. */
    @GetMapping(path = "/templates/sheets", produces = MediaType.APPLICATION_JSON_VALUE)
    Kept<TemplateSheets> templateSheets(
            @PathVariable String id, @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(
                id,
                revision,
                "template sheets",
                line -> new TemplateSheets(TemplateScene.all(line, Habit.METRIC).stream()
                        .map(Scene::title)
                        .toList()));
    }

    /** All full-size sheets as one PDF. */
    @GetMapping(path = "/templates", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> templatesPdf(@PathVariable String id, @RequestParam(defaultValue = "metric") Habit habit) {
        StoredRig stored = store.get(id);
        List<Scene> scenes = scenes(stored, habit);
        return FileController.named(stored.rig().name() + ", templates.pdf")
                .contentType(MediaType.APPLICATION_PDF)
                .body(turns.take(() -> TemplatePdf.of(stored.rig().name(), scenes, habit)));
    }

    /** One of them as SVG. */
    @GetMapping(path = "/templates/{sheet}/svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> templateSvg(
            @PathVariable String id, @PathVariable int sheet, @RequestParam(defaultValue = "metric") Habit habit) {
        StoredRig stored = store.get(id);
        List<Scene> scenes = scenes(stored, habit);
        if (sheet < 0 || sheet >= scenes.size()) {
            throw new FileController.NoPicture();
        }
        return FileController.named(stored.rig().name() + ", template " + (sheet + 1) + ".svg")
                .contentType(new MediaType("image", "svg+xml", StandardCharsets.UTF_8))
                .body(TemplateSvg.of(stored.rig().name(), scenes.get(sheet), habit)
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** Where there is nothing to drill and no foam, that is no such thing. */
    private List<Scene> scenes(StoredRig stored, Habit habit) {
        List<Scene> scenes = TemplateScene.all(lines.of(stored), habit);
        if (scenes.isEmpty()) {
            throw new FileController.NoPicture();
        }
        return scenes;
    }
}
