package app.brightkeel.server.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;

/** Elements of one SVG file as they are put down; every text is escaped here and nowhere else. */
final class SvgSheet {

    static final String PAPER = "#f7f5ef";
    static final String SHEET = "#fffdf8";
    static final String INK = "#17242b";
    static final String INK_2 = "#46535a";
    static final String FAINT = "#8b9498";
    static final String RULE = "#d9d4c6";
    static final String GRID = "#e8e3d6";
    static final String ACT = "#a34a15";
    static final String ACT_SOFT = "#f6e6d8";
    static final String FAILS = "#a8262d";
    static final String BAND = "#cfdcd9";
    static final String TRACK = "#e3d9cb";

    static final String BEAM = "#1c6553";
    static final String HIDDEN = "#a8262d";

    private static final int HALO = 4;
    private static final int LINE_HALO = 9;
    private static final int REGULAR = 400;
    private static final int BOLD = 650;
    private static final String FONT = font();

    private final StringBuilder all = new StringBuilder();
    private final List<SvgWords> texts = new ArrayList<>();

    /** A path of given data; {@code looks} are its attributes. */
    void path(String data, String looks) {
        all.append("<path d=\"").append(data).append("\" ").append(looks).append("/>\n");
    }

    void line(double x0, double y0, double x1, double y1, String colour) {
        path("M%s %sL%s %s".formatted(number(x0), number(y0), number(x1), number(y1)), "stroke=\"" + colour + "\"");
    }

    /** Text with a halo of paper, so that lines below do not run through it. */
    void text(double x, double y, String anchor, double size, int weight, String colour, String words) {
        put(new SvgWords(x, y, anchor, size, weight, colour, HALO, false, words));
    }

    /** Words of a dimension, on its own line, which must not run through them. */
    void onLine(double x, double y, String anchor, double size, int weight, String colour, String words) {
        put(new SvgWords(x, y, anchor, size, weight, colour, LINE_HALO, true, words));
    }

    private void put(SvgWords words) {
        if (!words.words().isBlank()) {
            texts.add(words);
        }
    }

    /** Title and subtitle; what is too long for a line goes on in the next. */
    void head(double x, double widest, String title, String subtitle) {
        text(x, 24, "start", 16, BOLD, INK, title);
        double y = 42;
        for (String line : SvgWords.broken(subtitle, 12, REGULAR, widest)) {
            text(x, y, "start", 12, REGULAR, INK_2, line);
            y += 15;
        }
    }

    static double titleWide(String title) {
        return LetterWidths.of(title, 16, BOLD);
    }

    private static String at(SvgWords text) {
        return String.format(
                Locale.ROOT,
                "x=\"%s\" y=\"%s\" text-anchor=\"%s\" font-size=\"%s\" font-weight=\"%d\"",
                number(text.x()),
                number(text.y()),
                text.anchor(),
                text.size(),
                text.weight());
    }

    private static String letters(SvgWords text) {
        return "<text %s fill=\"%s\">%s</text>%n".formatted(at(text), text.colour(), escaped(text.words()));
    }

    /** A text of its own below all letters: an order of painting is not known to every program. */
    private static String halo(SvgWords text) {
        return "<text class=\"halo\" aria-hidden=\"true\" %s stroke=\"%s\" stroke-width=\"%d\" stroke-linejoin=\"round\">%s</text>%n"
                .formatted(at(text), PAPER, text.halo(), escaped(text.words()));
    }

    /**
     * What was put down as a whole file: the words over everything else, with their font.
     *
     * @param title what it shows, and of which rig
     * @param says  the same in words
     */
    String whole(int width, int height, String title, String says) {
        StringBuilder words = new StringBuilder();
        List<SvgWords> placed = SvgWords.clear(texts, width, height);
        placed.forEach(text -> words.append(halo(text)));
        placed.forEach(text -> words.append(letters(text)));
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d" \
                role="img" aria-labelledby="title" aria-describedby="says" \
                font-family="Atkinson Hyperlegible Next, system-ui, sans-serif" fill="none">
                <title id="title">%3$s</title>
                <desc id="says">%4$s</desc>
                <style>%5$s</style>
                <rect width="%1$d" height="%2$d" fill="%6$s"/>
                %7$s%8$s</svg>
                """.formatted(width, height, escaped(title), escaped(says), FONT, PAPER, all, words);
    }

    /** The letters themselves, so that a file looks the same wherever it is opened. */
    private static String font() {
        try (InputStream in = SvgSheet.class.getResourceAsStream("/static/fonts/letters.woff2")) {
            return in == null
                    ? ""
                    : "@font-face{font-family:'Atkinson Hyperlegible Next';font-weight:200 800;"
                            + "src:url(data:font/woff2;base64,"
                            + Base64.getEncoder().encodeToString(in.readAllBytes())
                            + ") format('woff2')}";
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
