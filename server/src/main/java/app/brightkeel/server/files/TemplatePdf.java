package app.brightkeel.server.files;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.quantity.Habit;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Full-size sheets as a PDF: a metre of a scene is a metre of paper, a page for each scene. */
public final class TemplatePdf {

    /** Points of a metre: 72 to the inch. */
    static final double POINTS_PER_M = 72 / 0.0254;

    private static final double HEAD_M = 0.022;
    private static final double MARGIN_M = 0.008;
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    /** Papers that are tried, each upright and lying; what goes on none gets a page of its own size. */
    private static final List<PDRectangle> PAPERS =
            List.of(PDRectangle.A4, PDRectangle.A3, PDRectangle.A2, PDRectangle.A1, PDRectangle.A0);

    private TemplatePdf() {}

    /** @param scenes to scale, at least one */
    public static byte[] of(String rig, List<Scene> scenes, Habit habit) {
        try (PDDocument document = new PDDocument();
                InputStream letters = Objects.requireNonNull(PDDocument.class.getResourceAsStream(FONT))) {
            PDFont font = PDType0Font.load(document, letters);
            for (Scene scene : scenes) {
                page(document, font, rig, scene, habit);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void page(PDDocument document, PDFont font, String rig, Scene scene, Habit habit)
            throws IOException {
        Frame.ToScale frame = (Frame.ToScale) scene.frame();
        double wide = (frame.high().x() - frame.low().x() + 2 * MARGIN_M) * POINTS_PER_M;
        double tall = (frame.high().y() - frame.low().y() + 2 * MARGIN_M + HEAD_M) * POINTS_PER_M;
        PDPage page = new PDPage(paper(wide, tall));
        document.addPage(page);
        double left = (MARGIN_M - frame.low().x()) * POINTS_PER_M;
        double bottom = (MARGIN_M - frame.low().y()) * POINTS_PER_M;
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            PdfPen pen = new PdfPen(content, font, left, bottom, habit);
            double top = page.getMediaBox().getHeight() - MARGIN_M * POINTS_PER_M;
            pen.words(MARGIN_M * POINTS_PER_M, top - 14, 14, scene.title().in(habit) + ", " + rig);
            pen.words(MARGIN_M * POINTS_PER_M, top - 28, 9, scene.subtitle().in(habit));
            for (Mark mark : scene.marks()) {
                mark.draw(pen);
            }
        }
    }

    private static PDRectangle paper(double wide, double tall) {
        for (PDRectangle paper : PAPERS) {
            if (wide <= paper.getWidth() && tall <= paper.getHeight()) {
                return paper;
            }
            if (wide <= paper.getHeight() && tall <= paper.getWidth()) {
                return new PDRectangle(paper.getHeight(), paper.getWidth());
            }
        }
        return new PDRectangle((float) wide, (float) tall);
    }
}
