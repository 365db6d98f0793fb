package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Refusal;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Tracks of GPX 1.0 and 1.1 whose points carry a depth, and perhaps a temperature, under one of the names of
 * {@link GpxNames}. Read as it comes: of a point no more is kept than its time and these numbers, whatever else stands
 * in it.
 */
final class GpxLog {

    /** Deeper than any track is nested; common practice, no source. */
    private static final int DEEPEST = 64;

    /** Longest text that can be a number or a time [characters]. */
    private static final int LONGEST = 64;

    /** Names of a point's elements that are told where none of them is a depth. */
    private static final int MOST_NAMES = 12;

    /** Where no point has a time, each stands for so long; common practice, no source. */
    private static final double NO_CLOCK_S = 1;

    private final Sources sources = new Sources();
    private final Set<String> names = new TreeSet<>();
    private int points;
    private int timeless;
    private int wayPoints;
    private int routePoints;
    private boolean air;
    private boolean cutOff;

    /** Values without a time, until it is known whether any point has one. */
    private final Sources untimed = new Sources();

    private double seconds;
    private double lastS = Double.NaN;
    private final TrackTimes times = new TrackTimes();

    private GpxLog() {}

    /** @param utf8 whether it is, whatever it says itself */
    static LogRead read(InputStream in, boolean utf8, String name) {
        return of(in, utf8).done(name);
    }

    /** When its first and its last point were, whether they carry a depth or not. */
    static TrackSpan span(InputStream in, boolean utf8) {
        return of(in, utf8).times.span("no point of a track in it has a time");
    }

    private static GpxLog of(InputStream in, boolean utf8) {
        GpxLog gpx = new GpxLog();
        try {
            gpx.document(
                    utf8
                            ? factory().createXMLStreamReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                            : factory().createXMLStreamReader(in));
        } catch (XMLStreamException e) {
            if (gpx.points == 0) {
                throw LogReader.refusal("it begins like a GPX track and is none, or is cut off; 0 points were read");
            }
            gpx.cutOff = true;
        }
        return gpx;
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
                    String element = reader.getLocalName();
                    if (depth == 0 && !element.equals("gpx")) {
                        throw new XMLStreamException("no GPX");
                    }
                    if (element.equals("trkpt")) {
                        point(reader, depth + 1);
                    } else {
                        wayPoints += element.equals("wpt") ? 1 : 0;
                        routePoints += element.equals("rtept") ? 1 : 0;
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
        GpxPoint point = new GpxPoint();
        StringBuilder text = new StringBuilder();
        String unit = "";
        int depth = above;
        while (depth >= above && reader.hasNext()) {
            switch (reader.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    depth = deeper(depth);
                    text.setLength(0);
                    unit = unit(reader);
                }
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
                    if (text.length() <= LONGEST) {
                        text.append(reader.getText(), 0, Math.min(LONGEST + 1, reader.getTextLength()));
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    depth--;
                    String said = text.toString().strip();
                    if (!said.isEmpty()) {
                        element(point, reader.getLocalName(), unit, said);
                    }
                    text.setLength(0);
                    unit = "";
                }
                default -> {}
            }
        }
        take(point);
    }

    private void element(GpxPoint point, String name, String unit, String said) {
        String kept = name.substring(0, Math.min(LONGEST, name.length()));
        if (names.size() < MOST_NAMES) {
            names.add(kept);
        }
        point.element(kept, unit, said);
    }

    /** As an attribute says it, by one of the names that are in use. */
    private static String unit(XMLStreamReader reader) {
        for (int i = 0; i < reader.getAttributeCount(); i++) {
            String name = reader.getAttributeLocalName(i).toLowerCase(Locale.ROOT);
            if (name.equals("unit") || name.equals("units") || name.equals("uom")) {
                return reader.getAttributeValue(i);
            }
        }
        return "";
    }

    private void take(GpxPoint point) {
        points++;
        air |= point.air();
        if (Double.isNaN(point.atS())) {
            timeless++;
            point.into(untimed, timeless * NO_CLOCK_S);
            return;
        }
        times.take(point.atS());
        double gap = point.atS() - lastS;
        seconds += gap > 0 ? gap : 0;
        lastS = point.atS();
        point.into(sources, point.atS());
    }

    private LogRead done(String name) {
        boolean clock = timeless < points;
        LogRead read = (clock ? sources : untimed).read(name).orElseThrow(this::noDepth);
        List<Text> remarks = new ArrayList<>();
        int used = read.fished().samples();
        if (used < points) {
            remarks.add(Text.of(
                    "{} of {} points carry a depth that was used.",
                    new Amount(used, Unit.COUNT),
                    new Amount(points, Unit.COUNT)));
        }
        if (!clock) {
            remarks.add(Text.of("No point has a time: each is taken to stand for a second."));
        } else if (timeless > 0) {
            remarks.add(Text.of("{} points have no time and were left out.", new Amount(timeless, Unit.COUNT)));
        }
        if (air) {
            remarks.add(Text.of("Temperatures of the air are in it; they were left out."));
        }
        remarks.addAll(read.remarks());
        if (cutOff) {
            remarks.add(Text.of(
                    "It is cut off or spoilt behind point {}; what stands before was used.",
                    new Amount(points, Unit.COUNT)));
        }
        return new LogRead(read.fished(), read.depthsFrom(), read.temperatureFrom(), remarks);
    }

    private Refusal noDepth() {
        if (points == 0) {
            return LogReader.refusal(
                    "there is no track in it: %,d waypoints and routes of %,d points say where, not when nor how deep"
                            .formatted(wayPoints, routePoints));
        }
        String seen = names.isEmpty() ? "nothing" : String.join(", ", names);
        if (sources.samples() > 0) {
            return LogReader.refusal("no depth in it that could be used: of %,d none lies within ten minutes of another"
                    .formatted(sources.samples()));
        }
        return LogReader.refusal(
                "no depth in it that could be used: a track of %,d points over %.1f hours without one; its points say %s%s"
                        .formatted(points, seconds / 3600, seen, cutOff ? "; it is cut off behind them" : ""));
    }
}
