package app.brightkeel.server.files;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Check;
import app.brightkeel.core.build.Progress;
import app.brightkeel.core.build.Schedule;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.lists.RigList;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.TemplateScene;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Caution;
import app.brightkeel.core.review.Cautions;
import app.brightkeel.core.review.Link;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** A rig on paper for the garage, in black and white: steps with boxes to tick, lists, harness, templates. */
public final class SheetPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("EEEE HH:mm", Locale.ENGLISH);
    private static final double INDENT = 26;
    private static final double HARNESS_TALL = 330;

    /** Lists that hands want beside the steps. */
    private static final List<String> LISTS = List.of("parts", "wires", "connectors", "holes", "fasteners");

    /** What may be on paper. */
    public enum Part {
        SHEET,
        LISTS,
        HARNESS,
        TEMPLATES
    }

    private final Line line;
    private final BuildPlan plan;
    private final Progress progress;
    private final Habit habit;
    private final PdfFlow flow;
    private final Map<String, Step> steps = new HashMap<>();
    private final Set<String> minded = new HashSet<>();

    private SheetPdf(Line line, BuildPlan plan, Progress progress, Habit habit, PdfFlow flow) {
        this.line = line;
        this.plan = plan;
        this.progress = progress;
        this.habit = habit;
        this.flow = flow;
        plan.steps().forEach(step -> steps.put(step.id(), step));
    }

    /**
     * @param revision of the rig that it is made from
     * @param parts    at least one; templates stand at the end, in full size
     */
    public static byte[] of(Line line, long revision, BuildPlan plan, Progress progress, Habit habit, Set<Part> parts) {
        String rig = line.rig().name();
        try (PDDocument document = PdfFile.begun(rig + ", build sheet")) {
            PDFont font = PdfFile.letters(document);
            boolean flows = !parts.equals(Set.of(Part.TEMPLATES));
            if (flows) {
                try (PdfFlow flow = new PdfFlow(document, font, habit)) {
                    new SheetPdf(line, plan, progress, habit, flow).write(parts);
                    flow.end(rig + ", revision " + revision);
                }
            }
            List<Scene> templates = parts.contains(Part.TEMPLATES) ? TemplateScene.all(line, habit) : List.of();
            TemplatePdf.append(document, font, rig, templates, habit);
            return PdfFile.bytes(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(Set<Part> parts) throws IOException {
        flow.words(0, 18, true, false, line.rig().name());
        if (parts.contains(Part.SHEET)) {
            sheet();
        }
        if (parts.contains(Part.LISTS)) {
            lists();
        }
        if (parts.contains(Part.HARNESS)) {
            harness();
        }
    }

    private void sheet() throws IOException {
        flow.words(
                0,
                10,
                false,
                true,
                plan.steps().size() + " steps, " + progress.done()
                        + " of them done. Work stops at every box until it is seen.");
        Set<String> used =
                plan.steps().stream().flatMap(step -> step.cautions().stream()).collect(Collectors.toSet());
        for (Caution caution : Cautions.of(line.rig())) {
            if (used.contains(caution.id())) {
                flow.words(0, 9, false, false, "! " + caution.text());
            }
        }
        if (plan.byHand()) {
            flow.space(10);
            flow.words(0, 12, true, false, "In your own order");
            for (int s = 0; s < plan.steps().size(); s++) {
                step(s + 1, plan.steps().get(s));
            }
            return;
        }
        int number = 1;
        for (Schedule.Sitting sitting : plan.schedule().sittings()) {
            head(sitting);
            for (String id : sitting.steps()) {
                Step step = steps.get(id);
                if (step != null) {
                    step(number++, step);
                }
            }
            rests(sitting);
        }
    }

    private void head(Schedule.Sitting sitting) throws IOException {
        minded.clear();
        flow.space(12);
        flow.room(90);
        String day = DAY.format(LocalDate.parse(sitting.day())) + (sitting.water() ? ", at the water" : "");
        flow.words(0, 13, true, false, day);
        List<Step> mine = sitting.steps().stream()
                .flatMap(id -> Optional.ofNullable(steps.get(id)).stream())
                .toList();
        flow.words(0, 9, false, true, "about " + Math.round(sitting.minutes()) + " minutes: " + sitting.what());
        all(
                "Tools",
                mine.stream()
                        .flatMap(step -> step.tools().stream())
                        .collect(Collectors.toCollection(LinkedHashSet::new)));
        all(
                "Used up",
                mine.stream()
                        .flatMap(step -> step.materials().stream())
                        .collect(Collectors.toCollection(LinkedHashSet::new)));
    }

    private void all(String title, Set<String> words) throws IOException {
        if (!words.isEmpty()) {
            flow.words(0, 9, false, false, title + ": " + String.join(", ", words) + ".");
        }
    }

    private void step(int number, Step step) throws IOException {
        flow.rule();
        flow.number(11, number);
        Progress.Done done = progress.steps().stream()
                .filter(each -> each.step().equals(step.id()))
                .findFirst()
                .orElse(new Progress.Done(step.id(), List.of(), false, List.of()));
        String title = step.title().in(habit);
        if (step.checks().isEmpty()) {
            flow.tick(INDENT, 11, true, title, done.whole());
        } else {
            flow.words(INDENT, 11, true, false, "Stop here. " + title);
        }
        for (Text say : step.says()) {
            flow.words(INDENT, 9.5, false, false, say.in(habit));
        }
        for (Check check : step.checks()) {
            String words = check.see().in(habit) + " – " + check.why().in(habit);
            flow.tick(INDENT, 9.5, false, words, done.ticked().contains(check.id()));
        }
        // of many steps alike the first tells what to mind
        List<String> minds = step.minds().stream().filter(minded::add).toList();
        if (!minds.isEmpty()) {
            flow.words(INDENT, 8.5, false, true, String.join(" ", minds));
        }
    }

    private void rests(Schedule.Sitting sitting) throws IOException {
        for (Schedule.Resting rest : sitting.rests()) {
            Step step = steps.get(rest.step());
            if (step != null) {
                flow.words(
                        0,
                        10,
                        true,
                        false,
                        step.title().in(habit) + ", until " + MOMENT.format(OffsetDateTime.parse(rest.until())) + ".");
            }
        }
    }

    private void lists() throws IOException {
        for (String id : LISTS) {
            RigList list = RigLists.of(id).orElseThrow();
            var made = list.there().test(line) ? list.made().apply(line) : Optional.<Listing>empty();
            if (made.isPresent() && !made.get().rows().isEmpty()) {
                flow.space(16);
                flow.room(60);
                flow.words(0, 13, true, false, list.title());
                for (List<Listing.Cell> row : made.get().rows()) {
                    row(made.get().columns(), row);
                }
            }
        }
    }

    /** Each with its name, since no page is as wide as the widest list. */
    private void row(List<Listing.Column> columns, List<Listing.Cell> row) throws IOException {
        StringBuilder words = new StringBuilder();
        for (int c = 0; c < columns.size(); c++) {
            String cell = cell(row.get(c));
            if (!cell.isBlank()) {
                words.append(words.isEmpty() ? "" : " · ")
                        .append(columns.get(c).name())
                        .append(": ")
                        .append(cell);
            }
        }
        flow.tick(0, 9.5, false, words.toString(), false);
    }

    private String cell(Listing.Cell cell) {
        if (cell instanceof Listing.Cell.Words words) {
            return words.text().in(habit);
        }
        return cell instanceof Listing.Cell.Number number
                ? number.amount().map(amount -> amount.in(habit)).orElse("")
                : "";
    }

    private void harness() throws IOException {
        Outcome<Scene> scene = Pictures.of(line, Link.WIRE);
        if (scene.isKnown()) {
            flow.space(16);
            flow.picture(scene.value(), HARNESS_TALL);
        }
    }
}
