package app.brightkeel.server.files.log;

/** The first and the last time in a log while it is read. */
final class TrackTimes {

    private double fromS = Double.NaN;
    private double toS = Double.NaN;

    /** @param atS since 1970 [s]; NaN says nothing */
    void take(double atS) {
        if (!Double.isNaN(atS)) {
            fromS = Double.isNaN(fromS) ? atS : Math.min(fromS, atS);
            toS = Double.isNaN(toS) ? atS : Math.max(toS, atS);
        }
    }

    /** @throws app.brightkeel.core.refusal.Refusal with these words where there was none */
    TrackSpan span(String none) {
        if (Double.isNaN(fromS)) {
            throw LogReader.refusal(none);
        }
        return new TrackSpan(fromS, toS);
    }
}
