package app.brightkeel.server.files.log;

import java.io.IOException;
import java.io.InputStream;
import java.time.DateTimeException;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** The first and the last time in a log of either kind, whatever else stands in it. */
final class TrackTimes {

    /** Longest text that can be a time [characters]. */
    private static final int LONGEST = 64;

    private double fromS = Double.NaN;
    private double toS = Double.NaN;

    private TrackTimes() {}

    private void take(double atS) {
        if (!Double.isNaN(atS)) {
            fromS = Double.isNaN(fromS) ? atS : Math.min(fromS, atS);
            toS = Double.isNaN(toS) ? atS : Math.max(toS, atS);
        }
    }

    private TrackSpan span(String none) {
        if (Double.isNaN(fromS)) {
            throw LogReader.refusal(none);
        }
        return new TrackSpan(fromS, toS);
    }

    /** What is cut off ends where it is cut off. */
    static TrackSpan gpx(XMLStreamReader reader) {
        TrackTimes times = new TrackTimes();
        boolean inPoint = false;
        boolean inTime = false;
        StringBuilder text = new StringBuilder();
        try {
            while (reader.hasNext()) {
                switch (reader.next()) {
                    case XMLStreamConstants.DTD -> throw LogReader.refusal("a track has no document type of its own");
                    case XMLStreamConstants.START_ELEMENT -> {
                        inPoint |= reader.getLocalName().equals("trkpt");
                        inTime = inPoint && reader.getLocalName().equals("time");
                        text.setLength(0);
                    }
                    case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> {
                        if (inTime && text.length() <= LONGEST) {
                            text.append(reader.getText(), 0, Math.min(LONGEST, reader.getTextLength()));
                        }
                    }
                    case XMLStreamConstants.END_ELEMENT -> {
                        if (inTime) {
                            times.take(GpxPoint.time(text.toString().strip()));
                            inTime = false;
                        }
                        inPoint &= !reader.getLocalName().equals("trkpt");
                    }
                    default -> {}
                }
            }
        } catch (XMLStreamException e) {
            // what stands before it was read
        }
        return times.span("no point of a track in it has a time");
    }

    static TrackSpan nmea(InputStream in) throws IOException {
        TrackTimes times = new TrackTimes();
        NmeaClock clock = new NmeaClock();
        Lines lines = new Lines(in);
        for (String line = lines.next(); line != null; line = lines.next()) {
            if (line.startsWith("$") && line.length() > 6 && (line.startsWith("RMC", 3) || line.startsWith("ZDA", 3))) {
                try {
                    clock.take(NmeaSentence.of(line.strip()));
                    times.take(clock.dated() ? clock.nowS() : Double.NaN);
                } catch (IllegalArgumentException | DateTimeException e) {
                    // a damaged line tells no time
                    continue;
                }
            }
        }
        return times.span("no clock with a date in it (RMC, ZDA)");
    }
}
