package app.brightkeel.server.files;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.quantity.Habit;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/** Words, boxes to tick and pictures from top to bottom over as many pages as it takes, in black on white. */
final class PdfFlow implements AutoCloseable {

    static final double MARGIN = 48;
    private static final double FOOT = 30;
    private static final double LINE = 1.32;
    private static final float GREY = 0.35f;

    /** How much a stroke thickens letters that stand bold: the font has one weight. */
    private static final float BOLD = 0.35f;

    private final PDDocument document;
    private final PDFont font;
    private final Habit habit;
    private final PDRectangle paper;
    private final int firstPage;
    private final Map<String, Double> widths = new HashMap<>();
    private PDPageContentStream content;
    private double y;

    PdfFlow(PDDocument document, PDFont font, Habit habit) throws IOException {
        this.document = document;
        this.font = font;
        this.habit = habit;
        paper = habit == Habit.METRIC ? PDRectangle.A4 : PDRectangle.LETTER;
        firstPage = document.getNumberOfPages();
        content = page();
    }

    private PDPageContentStream page() throws IOException {
        PDPage page = new PDPage(paper);
        document.addPage(page);
        y = paper.getHeight() - MARGIN;
        return new PDPageContentStream(document, page);
    }

    /** Begins another page where so much does not go on this one any more [points]. */
    void room(double height) throws IOException {
        if (y - height < MARGIN + FOOT) {
            next();
        }
    }

    void next() throws IOException {
        content.close();
        content = page();
    }

    void space(double height) {
        y -= height;
    }

    private double width(double indent) {
        return paper.getWidth() - 2 * MARGIN - indent;
    }

    /** Words, broken into lines; a paragraph may go on over the page. */
    void words(double indent, double size, boolean bold, boolean grey, String text) throws IOException {
        for (String line : broken(PdfPen.written(font, text), size, width(indent))) {
            room(size * LINE);
            y -= size * LINE;
            line(MARGIN + indent, y, size, bold, grey, line);
        }
    }

    private void line(double x, double at, double size, boolean bold, boolean grey, String line) throws IOException {
        content.setNonStrokingColor(grey ? GREY : 0f);
        content.setStrokingColor(grey ? GREY : 0f);
        content.setLineWidth(BOLD);
        content.beginText();
        content.setRenderingMode(bold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
        content.setFont(font, (float) size);
        content.newLineAtOffset((float) x, (float) at);
        content.showText(line);
        content.endText();
    }

    /** A box to tick beside the first of some lines. */
    void tick(double indent, double size, boolean bold, String text, boolean ticked) throws IOException {
        room(size * LINE);
        double side = size * 0.9;
        double x = MARGIN + indent;
        double bottom = y - size * LINE;
        content.setStrokingColor(0f);
        content.setLineWidth(0.8f);
        content.addRect((float) x, (float) bottom, (float) side, (float) side);
        content.stroke();
        if (ticked) {
            content.moveTo((float) (x + side * 0.15), (float) (bottom + side * 0.5));
            content.lineTo((float) (x + side * 0.4), (float) (bottom + side * 0.2));
            content.lineTo((float) (x + side * 0.9), (float) (bottom + side * 0.9));
            content.stroke();
        }
        words(indent + side * 1.7, size, bold, false, text);
    }

    /** A number in the margin of the next line. */
    void number(double size, int number) throws IOException {
        room(size * LINE * 2);
        line(MARGIN, y - size * LINE, size, true, true, String.valueOf(number));
    }

    void rule() throws IOException {
        y -= 4;
        content.setStrokingColor(0.7f);
        content.setLineWidth(0.5f);
        content.moveTo((float) MARGIN, (float) y);
        content.lineTo((float) (paper.getWidth() - MARGIN), (float) y);
        content.stroke();
        y -= 2;
    }

    /** A picture as wide as the lines, at most so tall, with its title. */
    void picture(Scene scene, double tall) throws IOException {
        room(tall + 40);
        words(0, 12, true, false, scene.title().in(habit));
        words(0, 9, false, true, scene.subtitle().in(habit));
        space(6);
        Box box = new Box(MARGIN, y - tall, width(0), tall);
        content.saveGraphicsState();
        content.addRect((float) box.left(), (float) box.bottom(), (float) box.wide(), (float) box.tall());
        content.clip();
        PdfPen pen = new PdfPen(content, font, box.across(scene.frame()), box.up(scene.frame()), habit);
        for (Scene.Mark mark : scene.marks()) {
            mark.draw(pen);
        }
        content.restoreGraphicsState();
        y -= tall + 8;
    }

    /** Room for a picture on a page. */
    private record Box(double left, double bottom, double wide, double tall) {

        DoubleUnaryOperator across(Scene.Frame frame) {
            if (frame instanceof Scene.Frame.Plot plot) {
                double scale = wide / (plot.x().high() - plot.x().low());
                return x -> left + (x - plot.x().low()) * scale;
            }
            Scene.Frame.ToScale to = (Scene.Frame.ToScale) frame;
            return x -> left + (x - to.low().x()) * scale(to);
        }

        DoubleUnaryOperator up(Scene.Frame frame) {
            if (frame instanceof Scene.Frame.Plot plot) {
                double scale = tall / (plot.y().high() - plot.y().low());
                return y -> bottom + (y - plot.y().low()) * scale;
            }
            Scene.Frame.ToScale to = (Scene.Frame.ToScale) frame;
            return y -> bottom + (y - to.low().y()) * scale(to);
        }

        private double scale(Scene.Frame.ToScale to) {
            return Math.min(
                    wide / (to.high().x() - to.low().x()),
                    tall / (to.high().y() - to.low().y()));
        }
    }

    private List<String> broken(String text, double size, double wide) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        double blank = wide(" ", size);
        double so = 0;
        for (String word : text.strip().split("\\s+")) {
            double more = wide(word, size);
            if (!line.isEmpty() && so + blank + more > wide) {
                lines.add(line.toString());
                line.setLength(0);
                so = 0;
            }
            so += line.isEmpty() ? more : blank + more;
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** Each word is measured once: most stand on many pages. */
    private double wide(String word, double size) throws IOException {
        Double known = widths.get(word);
        if (known == null) {
            known = font.getStringWidth(word) / 1000.0;
            widths.put(word, known);
        }
        return known * size;
    }

    /** Ends the last page, and puts a foot with its number under each. */
    void end(String foot) throws IOException {
        content.close();
        int pages = document.getNumberOfPages();
        for (int p = firstPage; p < pages; p++) {
            try (PDPageContentStream under =
                    new PDPageContentStream(document, document.getPage(p), AppendMode.APPEND, true, true)) {
                String words =
                        PdfPen.written(font, foot + " · page " + (p + 1 - firstPage) + " of " + (pages - firstPage));
                under.setNonStrokingColor(GREY);
                under.beginText();
                under.setFont(font, 8);
                under.newLineAtOffset((float) MARGIN, (float) FOOT);
                under.showText(words);
                under.endText();
            }
        }
    }

    @Override
    public void close() throws IOException {
        content.close();
    }
}
