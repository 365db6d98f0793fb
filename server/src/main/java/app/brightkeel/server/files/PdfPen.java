package app.brightkeel.server.files;

import app.brightkeel.core.picture.Pen;
import app.brightkeel.core.picture.Scene.Mark;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.quantity.Habit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Draws marks on a page of a PDF in lines alone, as a template wants them; places are put down in points, unscaled. */
final class PdfPen implements Pen {

    private static final double SIZE = 9;
    private static final double LINE_HEIGHT = 12;
    private static final double GREY = 0.45;
    private static final String MISSING = "?";

    private final PDPageContentStream content;
    private final PDFont font;
    private final DoubleUnaryOperator across;
    private final DoubleUnaryOperator up;
    private final Habit habit;

    /** Full size: a metre of a scene is a metre of paper. */
    PdfPen(PDPageContentStream content, PDFont font, double left, double bottom, Habit habit) {
        this(
                content,
                font,
                x -> left + x * TemplatePdf.POINTS_PER_M,
                y -> bottom + y * TemplatePdf.POINTS_PER_M,
                habit);
    }

    /** @param across from the scene's own x to points of the page, and {@code up} from its y */
    PdfPen(PDPageContentStream content, PDFont font, DoubleUnaryOperator across, DoubleUnaryOperator up, Habit habit) {
        this.content = content;
        this.font = font;
        this.across = across;
        this.up = up;
        this.habit = habit;
    }

    private float x(Point at) {
        return (float) across.applyAsDouble(at.x());
    }

    private float y(Point at) {
        return (float) up.applyAsDouble(at.y());
    }

    @Override
    public void path(Mark.Path path) {
        List<Point> points = path.points();
        try {
            content.setStrokingColor((float) (path.role() == Role.QUIET ? GREY : 0));
            content.setLineWidth((float) (0.7 * path.weight()));
            content.moveTo(x(points.get(0)), y(points.get(0)));
            for (Point point : points.subList(1, points.size())) {
                content.lineTo(x(point), y(point));
            }
            if (path.closed()) {
                content.closePath();
            }
            content.stroke();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void note(Mark.Note note) {
        String words = written(note.text().in(habit));
        double wide = wide(words, SIZE);
        double shift = note.side() == Side.MIDDLE ? -wide / 2 : note.side() == Side.LEFT ? -wide : 0;
        words(x(note.at()) + shift, y(note.at()) - note.lines() * LINE_HEIGHT, SIZE, words);
    }

    @Override
    public void spot(Mark.Spot spot) {
        path(new Mark.Path(spot.role(), List.of(spot.at(), spot.at()), false, 3));
    }

    @Override
    public void span(Mark.Span span) {
        path(new Mark.Path(span.role(), List.of(span.from(), span.to()), false, 1));
        Point middle = new Point(
                (span.from().x() + span.to().x()) / 2,
                (span.from().y() + span.to().y()) / 2);
        note(new Mark.Note(span.role(), middle, span.text(), Side.MIDDLE, -0.3));
    }

    /** Words at a place of the page, in points. */
    void words(double atX, double atY, double size, String words) {
        try {
            content.setNonStrokingColor(0f);
            content.beginText();
            content.setFont(font, (float) size);
            content.newLineAtOffset((float) atX, (float) atY);
            content.showText(written(words));
            content.endText();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private double wide(String words, double size) {
        try {
            return font.getStringWidth(words) / 1000 * size;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String written(String words) {
        return written(font, words);
    }

    /** A person may name a thing in letters the font lacks. */
    static String written(PDFont font, String words) {
        StringBuilder known = new StringBuilder();
        words.codePoints()
                .mapToObj(Character::toString)
                .forEach(letter -> known.append(has(font, letter) ? letter : MISSING));
        return known.toString();
    }

    private static boolean has(PDFont font, String letter) {
        try {
            font.encode(letter);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
