package app.brightkeel.server.files;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Words on a sheet, so that none are cut off at its edge and none lie over others: what would is moved as little as will do.
 *
 * @param x      of its anchor
 * @param y      of its base line
 * @param anchor "start", "middle" or "end"
 * @param halo   width of the paper around the letters
 * @param wide   of the words
 * @param onLine whether they belong to a line that they stand on: the others give way
 */
record SvgWords(
        double x,
        double y,
        String anchor,
        double size,
        int weight,
        String colour,
        int halo,
        boolean onLine,
        String words,
        double wide) {

    /** How far letters go over and under their base line, as shares of their size. */
    private static final double OVER = 0.95;

    private static final double UNDER = 0.3;

    /** From the edge of the sheet. */
    private static final double EDGE = 3;

    /** Boxes may touch by so much: the letters in them do not. */
    private static final double TOUCH = 3;

    /** Up or down by so many, nearest first. */
    private static final double[] MOVES = {0, 7, -7, 13, -13, 19, -19, 26, -26, 34, -34, 44, -44, 56, -56};

    SvgWords(
            double x,
            double y,
            String anchor,
            double size,
            int weight,
            String colour,
            int halo,
            boolean onLine,
            String words) {
        this(x, y, anchor, size, weight, colour, halo, onLine, words, LetterWidths.of(words, size, weight));
    }

    private double left() {
        return switch (anchor) {
            case "middle" -> x - wide / 2;
            case "end" -> x - wide;
            default -> x;
        };
    }

    private double top() {
        return y - OVER * size;
    }

    private double bottom() {
        return y + UNDER * size;
    }

    private SvgWords moved(double right, double down) {
        return new SvgWords(x + right, y + down, anchor, size, weight, colour, halo, onLine, words, wide);
    }

    /** Wholly between the edges, as far as they are wide enough. */
    private SvgWords within(double width, double height) {
        double right = Math.max(0, EDGE - left());
        right += Math.min(0, width - EDGE - (left() + right + wide));
        right += Math.max(0, EDGE - (left() + right));
        double down = Math.max(0, EDGE - top());
        down += Math.min(0, height - EDGE - (bottom() + down));
        return moved(right, down);
    }

    private boolean over(SvgWords other) {
        double across = Math.min(left() + wide, other.left() + other.wide) - Math.max(left(), other.left());
        double along = Math.min(bottom(), other.bottom()) - Math.max(top(), other.top());
        return across > 0 && along > TOUCH;
    }

    /** Each in turn, clear of those before it. */
    static List<SvgWords> clear(List<SvgWords> all, double width, double height) {
        List<SvgWords> placed = new ArrayList<>();
        List<SvgWords> inOrder = Stream.concat(
                        all.stream().filter(SvgWords::onLine), all.stream().filter(words -> !words.onLine()))
                .toList();
        for (SvgWords one : inOrder) {
            SvgWords stands = one.within(width, height);
            for (double down : MOVES) {
                SvgWords tried = one.moved(0, down).within(width, height);
                if (placed.stream().noneMatch(tried::over)) {
                    stands = tried;
                    break;
                }
            }
            placed.add(stands);
        }
        return placed;
    }

    /** Lines of words, none wider than given where a blank can be broken. */
    static List<String> broken(String words, double size, int weight, double widest) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            if (!line.isEmpty() && LetterWidths.of(line + " " + word, size, weight) > widest) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
