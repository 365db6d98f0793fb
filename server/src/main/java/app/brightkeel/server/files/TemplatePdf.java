package app.brightkeel.server.files;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.quantity.Habit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Full-size sheets as a PDF: a metre of a scene is a metre of paper, on A4 or Letter, in {@link Tiles} where one is too small. */
public final class TemplatePdf {

    /** Points of a metre: 72 to the inch. */
    static final double POINTS_PER_M = 72 / 0.0254;

    private final PDDocument document;
    private final PDFont font;
    private final String rig;
    private final Habit habit;

    private TemplatePdf(PDDocument document, PDFont font, String rig, Habit habit) {
        this.document = document;
        this.font = font;
        this.rig = rig;
        this.habit = habit;
    }

    /** @param scenes to scale, at least one */
    public static byte[] of(String rig, List<Scene> scenes, Habit habit) {
        try (PDDocument document = PdfFile.begun(rig + ", templates")) {
            append(document, PdfFile.letters(document), rig, scenes, habit);
            return PdfFile.bytes(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Puts the sheets behind what a document has already. */
    static void append(PDDocument document, PDFont font, String rig, List<Scene> scenes, Habit habit)
            throws IOException {
        TemplatePdf pdf = new TemplatePdf(document, font, rig, habit);
        for (Scene scene : scenes) {
            pdf.sheet(scene);
        }
    }

    private void sheet(Scene scene) throws IOException {
        Tiles tiles = Tiles.of((Frame.ToScale) scene.frame(), habit);
        List<Mark> marks = new ArrayList<>(scene.marks());
        marks.addAll(tiles.crosses());
        for (int row = tiles.rows() - 1; row >= 0; row--) {
            for (int column = 0; column < tiles.columns(); column++) {
                page(scene, marks, tiles, column, row);
            }
        }
    }

    private void page(Scene scene, List<Mark> marks, Tiles tiles, int column, int row) throws IOException {
        PDPage page = new PDPage(tiles.paper());
        document.addPage(page);
        Point corner = tiles.corner(column, row);
        double left = (Tiles.MARGIN_M - corner.x()) * POINTS_PER_M;
        double bottom = (Tiles.MARGIN_M - corner.y()) * POINTS_PER_M;
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            PdfPen pen = new PdfPen(content, font, left, bottom, habit);
            double top = page.getMediaBox().getHeight() - Tiles.MARGIN_M * POINTS_PER_M;
            pen.words(Tiles.MARGIN_M * POINTS_PER_M, top - 14, 14, scene.title().in(habit) + ", " + rig);
            pen.words(
                    Tiles.MARGIN_M * POINTS_PER_M, top - 28, 9, scene.subtitle().in(habit) + where(tiles, column, row));
            content.addRect(
                    (float) (Tiles.MARGIN_M * POINTS_PER_M),
                    (float) (Tiles.MARGIN_M * POINTS_PER_M),
                    (float) (tiles.roomM().x() * POINTS_PER_M),
                    (float) (tiles.roomM().y() * POINTS_PER_M));
            content.clip();
            for (Mark mark : marks) {
                mark.draw(pen);
            }
        }
    }

    private static String where(Tiles tiles, int column, int row) {
        return tiles.count() == 1
                ? ""
                : " · column %d of %d from the left, row %d of %d from the top · lay cross on cross"
                        .formatted(column + 1, tiles.columns(), tiles.rows() - row, tiles.rows());
    }
}
