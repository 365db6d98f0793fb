package app.brightkeel.server.files;

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

    /** Over whatever lies below. */
    static final String BEAM = "#1c655321";

    static final String HIDDEN = "#a8262d38";

    private final StringBuilder all = new StringBuilder();

    /** A path of given data; {@code looks} are its attributes. */
    void path(String data, String looks) {
        all.append("<path d=\"").append(data).append("\" ").append(looks).append("/>\n");
    }

    void line(double x0, double y0, double x1, double y1, String colour) {
        path("M%s %sL%s %s".formatted(number(x0), number(y0), number(x1), number(y1)), "stroke=\"" + colour + "\"");
    }

    /** Text with a halo of paper, so that lines below do not run through it. */
    void text(double x, double y, String anchor, double size, int weight, String colour, String words) {
        text(x, y, anchor, size, weight, colour, 4, words);
    }

    /** @param halo width of the paper around the letters */
    void text(double x, double y, String anchor, double size, int weight, String colour, int halo, String words) {
        all.append(String.format(
                Locale.ROOT,
                "<text x=\"%s\" y=\"%s\" text-anchor=\"%s\" font-size=\"%s\" font-weight=\"%d\" fill=\"%s\" "
                        + "stroke=\"%s\" stroke-width=\"%d\" paint-order=\"stroke\">%s</text>%n",
                number(x),
                number(y),
                anchor,
                size,
                weight,
                colour,
                PAPER,
                halo,
                escaped(words)));
    }

    /** What was put down as a whole file. */
    String whole(int width, int height, String title) {
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d" \
                font-family="Atkinson Hyperlegible Next, system-ui, sans-serif" fill="none">
                <title>%3$s</title>
                <rect width="%1$d" height="%2$d" fill="%4$s"/>
                %5$s</svg>
                """.formatted(width, height, escaped(title), PAPER, all);
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
