package app.brightkeel.core.picture;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import java.util.List;

/**
 * A picture.
 *
 * @param twin the same in words and numbers, for those who do not see it
 */
public record Scene(Text title, Text subtitle, Frame frame, List<Mark> marks, Twin twin) {

    public Scene {
        marks = List.copyOf(marks);
    }

    /** A place in the frame's own units. */
    public record Point(double x, double y) {}

    /** @param ticks where the axis is marked, rising; none hides it */
    public record Axis(Text label, Unit unit, double low, double high, boolean logarithmic, List<Double> ticks) {}

    /** What the coordinates mean. */
    public sealed interface Frame {
        /**
         * Metres both ways.
         *
         * @param squareM side of the squares of the paper, 1, 2, 2.5 or 5 times a power of ten
         */
        record ToScale(Point low, Point high, double squareM) implements Frame {

            /** Squares a drawing is about wide. */
            private static final int ABOUT = 18;

            /** With squares of a round size. */
            public static ToScale of(Point low, Point high) {
                return new ToScale(low, high, Ticks.step((high.x() - low.x()) / ABOUT));
            }
        }

        /** A chart. */
        record Plot(Axis x, Axis y) implements Frame {}
    }

    /** What a mark stands for; how that looks is the pen's business. */
    public enum Role {
        SURFACE,
        BOTTOM,
        BED,
        ICE,
        HULL,
        WATERLINE,
        BEAM,
        GHOST,
        HIDDEN,
        TARGET,
        HISTOGRAM,
        FACE,
        OBSTRUCTION,
        PASSAGE,
        RUN,
        PART,
        MASS,
        CENTRE,
        CONDUCTOR,
        PACK,
        DEVICE,
        DEVICE_STARVED,
        JUNCTION,
        FUSE,
        JOINT,
        SWITCH,
        CURVE,
        RESERVE,
        BAND,
        LIMIT,
        WANTED,
        MISSING,
        PHASE,
        SHARE,
        LABEL,
        QUIET
    }

    /** Which side of its place a note stands on. */
    public enum Side {
        MIDDLE,
        LEFT,
        RIGHT
    }

    /** Something drawn. */
    public sealed interface Mark {

        /** Draws itself with a pen; screens go by the kind instead. */
        void draw(Pen pen);

        /** @param weight thickness against an ordinary line, 1 */
        record Path(Role role, List<Point> points, boolean closed, double weight) implements Mark {
            @Override
            public void draw(Pen pen) {
                pen.path(this);
            }
        }

        /** @param lines how many lines of text below (negative: above) its place it stands */
        record Note(Role role, Point at, Text text, Side side, double lines) implements Mark {
            @Override
            public void draw(Pen pen) {
                pen.note(this);
            }
        }

        /** A symbol of fixed size. */
        record Spot(Role role, Point at) implements Mark {
            @Override
            public void draw(Pen pen) {
                pen.spot(this);
            }
        }

        /** A dimension with its measure. */
        record Span(Role role, Point from, Point to, Text text) implements Mark {
            @Override
            public void draw(Pen pen) {
                pen.span(this);
            }
        }

        /**
         * Pointing at an area, or Enter on it, takes a change.
         *
         * @param change id of a change that is offered
         */
        record Pick(String change, List<Point> area, Text text) implements Mark {
            /** On paper there is nothing to choose. */
            @Override
            public void draw(Pen pen) {}
        }

        /**
         * Dragging, or arrow keys, set two figures to where the handle then is.
         *
         * @param xPointer of the figure that is {@code x − origin.x}, and {@code yPointer} of {@code y − origin.y};
         *                 "" where that way nothing is set
         * @param times    what is set for each metre, where it is not 1: half of a width is drawn
         * @param low      of its place, and {@code high}
         * @param step     of one press of an arrow key; a hand sets a fifth of it
         * @param basis    of what is set
         */
        record Drag(
                String xPointer,
                String yPointer,
                Point at,
                Point origin,
                double times,
                Point low,
                Point high,
                double step,
                Figure.Basis basis,
                Text text)
                implements Mark {
            /** On paper there is nothing to drag. */
            @Override
            public void draw(Pen pen) {}
        }

        /**
         * A piece that can be chosen, to be set and changed; dragged onto another piece it takes the change
         * {@code drags + part of that one}.
         *
         * @param part  id of the piece
         * @param drags start of a change's id; "" where it cannot be dragged
         * @param takes starts of ids of changes that end at this piece
         */
        record Element(String part, String drags, List<String> takes, List<Point> area, Text text) implements Mark {
            /** On paper there is nothing to choose. */
            @Override
            public void draw(Pen pen) {}
        }

        /**
         * Dragging up and down, or arrow keys, set the figure at the pointer to where the handle then is.
         *
         * @param low  of its y, and {@code high}
         */
        record Handle(String pointer, Point at, double low, double high) implements Mark {
            /** On paper there is nothing to drag. */
            @Override
            public void draw(Pen pen) {}
        }
    }

    /** A table of the same data. */
    public record Twin(List<String> columns, List<List<Text>> rows) {}
}
