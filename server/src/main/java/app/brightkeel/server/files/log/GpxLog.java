package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.water.DepthLog;
import app.brightkeel.core.water.Fished;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.w3c.dom.Document;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/** Tracks of GPX 1.1 whose points carry a depth, and perhaps a temperature, among their extensions. */
final class GpxLog {

    /** Larger tracks do not fit into the memory this program is meant for [bytes]. */
    private static final int MOST_BYTES = 8 << 20;

    private static final int HEAD = 4096;

    private final DepthLog log = new DepthLog();
    private int points;
    private double seconds;
    private double lastS = Double.NaN;

    private GpxLog() {}

    static LogRead read(InputStream in, String name) throws IOException {
        byte[] bytes = in.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) {
            throw LogReader.refusal("a track may take 8 MB; export a shorter one, or the sounder's own log");
        }
        String head = new String(bytes, 0, Math.min(HEAD, bytes.length), StandardCharsets.ISO_8859_1);
        if (head.contains("<!DOCTYPE") || head.contains("<!ENTITY")) {
            throw LogReader.refusal("a track has no document type of its own");
        }
        GpxLog gpx = new GpxLog();
        try {
            GPX.Reader.of(GPX.Reader.Mode.LENIENT)
                    .read(new ByteArrayInputStream(bytes))
                    .tracks()
                    .flatMap(track -> track.segments())
                    .flatMap(segment -> segment.points())
                    .forEach(gpx::point);
        } catch (IOException | RuntimeException e) {
            throw LogReader.refusal(
                    "it begins like a GPX track and is none, or is cut off; %d points were read".formatted(gpx.points));
        }
        return gpx.done(name);
    }

    private void point(WayPoint point) {
        points++;
        Optional<Instant> time = point.getTime();
        double atS = time.map(t -> t.toEpochMilli() / 1000.0).orElse((double) points);
        double gap = atS - lastS;
        seconds += gap > 0 ? gap : 0;
        lastS = atS;
        point.getExtensions().ifPresent(extensions -> {
            value(extensions, "depth").ifPresent(metres -> log.depth(atS, metres));
            value(extensions, "temp").ifPresent(log::temperature);
        });
    }

    /** The number in the first element whose own name ends like this. */
    private static Optional<Double> value(Document extensions, String ending) {
        NodeList all = extensions.getElementsByTagName("*");
        for (int i = 0; i < all.getLength(); i++) {
            Node node = all.item(i);
            String name = node.getNodeName().toLowerCase(Locale.ROOT);
            if (name.endsWith(ending)) {
                try {
                    return Optional.of(Double.parseDouble(node.getTextContent().strip()));
                } catch (NumberFormatException e) {
                    return Optional.empty();
                }
            }
        }
        return Optional.empty();
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
