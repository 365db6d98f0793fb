package app.brightkeel.server.http;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Progress;
import app.brightkeel.core.lists.StepListing;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.server.files.BuildCalendar;
import app.brightkeel.server.files.ListCsv;
import app.brightkeel.server.files.PdfPages;
import app.brightkeel.server.files.SheetPdf;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The build on paper and in a calendar. */
@RestController
@RequestMapping("/api/rigs/{id}/build")
class PrintController {

    private final RigStore rigs;
    private final BuildStore store;
    private final BuildSheets sheets;
    private final Lines lines;
    private final Turns turns;

    PrintController(RigStore rigs, BuildStore store, BuildSheets sheets, Lines lines, Turns turns) {
        this.rigs = rigs;
        this.store = store;
        this.sheets = sheets;
        this.lines = lines;
        this.turns = turns;
    }

    /** What of it is wanted on paper. */
    private record Wanted(boolean sheet, boolean lists, boolean harness, boolean templates) {

        /** @throws Refusal where that is nothing */
        Set<SheetPdf.Part> parts() {
            Set<SheetPdf.Part> parts = EnumSet.noneOf(SheetPdf.Part.class);
            add(parts, sheet, SheetPdf.Part.SHEET);
            add(parts, lists, SheetPdf.Part.LISTS);
            add(parts, harness, SheetPdf.Part.HARNESS);
            add(parts, templates, SheetPdf.Part.TEMPLATES);
            if (parts.isEmpty()) {
                throw new Refusal(RefusalCode.ABSENT, "sheet", "", "one of sheet, lists, harness, templates is wanted");
            }
            return parts;
        }

        private static void add(Set<SheetPdf.Part> parts, boolean wanted, SheetPdf.Part part) {
            if (wanted) {
                parts.add(part);
            }
        }
    }

    /** As a PDF in black and white; templates stand at its end, in full size. */
    @GetMapping(path = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> buildPdf(
            @PathVariable String id,
            @RequestParam(defaultValue = "metric") Habit habit,
            @RequestParam(defaultValue = "true") boolean sheet,
            @RequestParam(defaultValue = "true") boolean lists,
            @RequestParam(defaultValue = "true") boolean harness,
            @RequestParam(defaultValue = "true") boolean templates) {
        StoredRig stored = rigs.get(id);
        byte[] pdf = pdf(stored, habit, new Wanted(sheet, lists, harness, templates));
        return FileController.named(stored.rig().name() + ", build sheet.pdf")
                .contentType(MediaType.APPLICATION_PDF)
                .body(pdf);
    }

    private byte[] pdf(StoredRig stored, Habit habit, Wanted wanted) {
        BuildPlan plan = sheets.plan(stored);
        Progress progress = Progress.of(plan.steps(), store.ticks(stored.id()));
        Set<SheetPdf.Part> parts = wanted.parts();
        return turns.take(() -> SheetPdf.of(lines.of(stored), stored.revision(), plan, progress, habit, parts));
    }

    /** @param pages that it would have on paper */
    record Printed(int pages) {}

    /** How many pages that would be. */
    @GetMapping(path = "/print", produces = MediaType.APPLICATION_JSON_VALUE)
    Printed getPrinted(
            @PathVariable String id,
            @RequestParam(defaultValue = "metric") Habit habit,
            @RequestParam(defaultValue = "true") boolean sheet,
            @RequestParam(defaultValue = "true") boolean lists,
            @RequestParam(defaultValue = "true") boolean harness,
            @RequestParam(defaultValue = "true") boolean templates) {
        return new Printed(PdfPages.count(pdf(rigs.get(id), habit, new Wanted(sheet, lists, harness, templates))));
    }

    /** One page as it would come out of the printer, counted from 1. */
    @GetMapping(path = "/print/{page}", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] printedPage(
            @PathVariable String id,
            @PathVariable int page,
            @RequestParam(defaultValue = "metric") Habit habit,
            @RequestParam(defaultValue = "true") boolean sheet,
            @RequestParam(defaultValue = "true") boolean lists,
            @RequestParam(defaultValue = "true") boolean harness,
            @RequestParam(defaultValue = "true") boolean templates) {
        byte[] pdf = pdf(rigs.get(id), habit, new Wanted(sheet, lists, harness, templates));
        return turns.takeLong(() -> PdfPages.picture(pdf, page)).orElseThrow(() -> new NoSuchStep("page"));
    }

    /** Its steps in order, with what is done, as CSV. */
    @GetMapping(path = "/steps", produces = "text/csv")
    ResponseEntity<byte[]> buildSteps(@PathVariable String id, @RequestParam(defaultValue = "metric") Habit habit) {
        StoredRig stored = rigs.get(id);
        BuildPlan plan = sheets.plan(stored);
        Progress progress = Progress.of(plan.steps(), store.ticks(id));
        return ListController.csv(
                stored.rig().name(), "steps", ListCsv.of(StepListing.of(stored.rig(), plan, progress), habit));
    }

    /** Its days, for a calendar. */
    @GetMapping(path = "/calendar", produces = "text/calendar")
    ResponseEntity<byte[]> buildCalendar(@PathVariable String id, @RequestParam(defaultValue = "metric") Habit habit) {
        StoredRig stored = rigs.get(id);
        String name = stored.rig().name();
        String written = BuildCalendar.of(id, name, rigs.head(id).savedAt(), sheets.plan(stored), habit);
        return FileController.named(name + ", build.ics")
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(written.getBytes(StandardCharsets.UTF_8));
    }
}
