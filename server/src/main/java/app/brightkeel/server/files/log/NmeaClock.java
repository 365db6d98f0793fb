package app.brightkeel.server.files.log;

import java.time.LocalDate;
import java.util.List;

/**
 * The clock of a log of sentences: RMC, whether its position holds or not, else ZDA, else GGA, which has no date. One kind
 * alone, the best that came: two clocks side by side run apart.
 */
final class NmeaClock {

    /** Best first. */
    private static final List<String> KINDS = List.of("RMC", "ZDA", "GGA");

    private static final double DAY_S = 86_400;

    /** A clock without a date that goes back by more has passed midnight [s]. */
    private static final double BACK_S = DAY_S / 2;

    private int best = KINDS.size();
    private double midnightS;
    private double nowS = Double.NaN;
    private String lastDate = "";
    private int readings;

    /**
     * A sentence of one of these kinds; one without a time says nothing.
     *
     * @throws IllegalArgumentException or {@link java.time.DateTimeException} where its digits are no time
     */
    void take(NmeaSentence sentence) {
        int rank = KINDS.indexOf(sentence.kind());
        String time = sentence.field(0);
        if (rank > best || time.isEmpty()) {
            return;
        }
        best = rank;
        switch (sentence.kind()) {
            case "RMC" -> date(sentence.field(8));
            case "ZDA" -> {
                String year = sentence.field(3);
                date(sentence.field(1) + sentence.field(2) + year.substring(Math.max(0, year.length() - 2)));
            }
            default -> {}
        }
        double ofDay = 3600 * part(time, 0) + 60 * part(time, 2) + Double.parseDouble(time.substring(4));
        if (lastDate.isEmpty() && midnightS + ofDay < nowS - BACK_S) {
            midnightS += DAY_S;
        }
        nowS = midnightS + ofDay;
        readings++;
    }

    /** @param date ddmmyy; empty where the receiver does not know it yet */
    private void date(String date) {
        if (!date.isEmpty() && !date.equals(lastDate)) {
            midnightS = LocalDate.of(2000 + part(date, 4), part(date, 2), part(date, 0))
                            .toEpochDay()
                    * DAY_S;
            lastDate = date;
        }
    }

    /** Two digits. */
    private static int part(String digits, int from) {
        if (digits.length() < from + 2) {
            throw new IllegalArgumentException("no clock: " + digits);
        }
        return Integer.parseInt(digits.substring(from, from + 2));
    }

    /** [s], of any day; NaN before its first reading. */
    double nowS() {
        return nowS;
    }

    /** Whether it knows its day. */
    boolean dated() {
        return !lastDate.isEmpty();
    }

    int readings() {
        return readings;
    }
}
