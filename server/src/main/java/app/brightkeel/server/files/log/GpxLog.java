package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.water.DepthLog;
import app.brightkeel.core.water.Fished;
import java.io.InputStream;
import java.time.DateTimeException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Tracks of GPX 1.1 whose points carry a depth, and perhaps a temperature, among their extensions. Read as it comes:
 * of a point no more is kept than its time and these two numbers, whatever else stands in it.
 */
final class GpxLog {

    /** Deeper than any track is nested; common practice, no source. */
    private static final int DEEPEST = 64;

    /** Longest text that can be a number or a time [characters]. */
    private static final int LONGEST = 64;

    private final DepthLog log = new DepthLog();
    private int points;
    private double seconds;
    private double lastS = Double.NaN;

    private GpxLog() {}

    static LogRead read(InputStream in, String name) {
        GpxLog gpx = new GpxLog();
        try {
            XMLStreamReader reader = factory().createXMLStreamReader(in);
            gpx.document(reader);
        } catch (XMLStreamException e) {
            throw LogReader.refusal(
                    "it begins like a GPX track and is none, or is cut off; %d points were read".formatted(gpx.points));
        }
        return gpx.done(name);
    }

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory;
    }

    private void document(XMLStreamReader reader) throws XMLStreamException {
        int depth = 0;
        while (reader.hasNext()) {
            switch (reader.next()) {
                case XMLStreamConstants.DTD -> throw LogReader.refusal("a track has no document type of its own");
                case XMLStreamConstants.START_ELEMENT -> {
                    if (depth == 0 && !reader.getLocalName().equals("gpx")) {
                        throw new XMLStreamException("no GPX");
                    }
                    if (reader.getLocalName().equals("trkpt")) {
                        point(reader, depth + 1);
                    } else {
                        depth = deeper(depth);
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> depth--;
                default -> {}
            }
        }
    }

    private static int deeper(int depth) {
        if (depth == DEEPEST) {
            throw LogReader.refusal("its elements are nested deeper than those of any track");
        }
        return depth + 1;
    }

    /** One point up to its end; the reader stands at its start. */
    private void point(XMLStreamReader reader, int above) throws XMLStreamException {
        Point point = new Point();
        StringBuilder text = new StringBuilder();
        int depth = above;
        while (depth >= above && reader.hasNext()) {
            switch (reader.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    depth = deeper(depth);
                    text.setLength(0);
                }
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
                    if (text.length() <= LONGEST) {
                        text.append(reader.getText(), 0, Math.min(LONGEST + 1, reader.getTextLength()));
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    depth--;
                    point.element(reader.getLocalName(), text.toString().strip());
                    text.setLength(0);
                }
                default -> {}
            }
        }
        take(point);
    }

    /** What is kept of a point while it is read; NaN for what it does not say. */
    private static final class Point {
        private double atS = Double.NaN;
        private double depthM = Double.NaN;
        private double waterC = Double.NaN;

        void element(String name, String text) {
            String small = name.toLowerCase(Locale.ROOT);
            if (small.equals("time")) {
                atS = time(text);
            } else if (small.endsWith("depth") && Double.isNaN(depthM)) {
                depthM = number(text);
            } else if (small.endsWith("temp") && Double.isNaN(waterC)) {
                waterC = number(text);
            }
        }

        private static double time(String text) {
            try {
                return OffsetDateTime.parse(text).toInstant().toEpochMilli() / 1000.0;
            } catch (DateTimeException e) {
                return Double.NaN;
            }
        }

        private static double number(String text) {
            try {
                return Double.parseDouble(text);
            } catch (NumberFormatException e) {
                return Double.NaN;
            }
        }
    }

    private void take(Point point) {
        points++;
        double atS = Double.isNaN(point.atS) ? points : point.atS;
        double gap = atS - lastS;
        seconds += gap > 0 ? gap : 0;
        lastS = atS;
        if (!Double.isNaN(point.depthM)) {
            log.depth(atS, point.depthM);
        }
        if (!Double.isNaN(point.waterC)) {
            log.temperature(point.waterC);
        }
    }

    private LogRead done(String name) {
        Fished fished = log.fished(name)
                .orElseThrow(() -> LogReader.refusal(
                        "no depth in it that could be used: a track of %d points over %.1f hours without one"
                                .formatted(points, seconds / 3600)));
        List<Text> remarks = new ArrayList<>();
        if (fished.samples() < points) {
            remarks.add(Text.of(
                    "{} of {} points carry a depth that was used.",
                    new Amount(fished.samples(), Unit.COUNT),
                    new Amount(points, Unit.COUNT)));
        }
        return new LogRead(fished, remarks);
    }
}
