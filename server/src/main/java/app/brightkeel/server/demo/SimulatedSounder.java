package app.brightkeel.server.demo;

import app.brightkeel.core.rig.Water;
import app.brightkeel.server.files.log.NmeaSentence;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;

/**
 * A made-up sounder: writes the log of a day over a water, once a second, with the dropouts and false echoes of a real
 * one. The same water and seed give the same log.
 */
public final class SimulatedSounder {

    private static final String DATE = "120926";
    private static final int FIRST_HOUR_S = 6 * 3600;

    /** How far a craft strays from the typical depth in a second, and how it comes back, as shares of the range. */
    private static final double WANDERS = 0.03;

    private static final double RETURNS = 0.0008;

    /** Share of seconds without a bottom, and with a false one. */
    private static final double LOST = 0.01;

    private static final double FALSE = 0.001;
    private static final double FALSE_M = 3000;

    private final Random random;
    private final double leastM;
    private final double mostM;
    private final double typicalM;
    private final double waterC;

    /** @param water with its depths and temperature known or assumed */
    public SimulatedSounder(Water water, long seed) {
        random = new Random(seed);
        leastM = water.leastM().value();
        mostM = water.mostM().value();
        typicalM = water.typicalM().value();
        waterC = water.waterC().value();
    }

    /** Writes so many seconds. */
    public void write(OutputStream out, int seconds) throws IOException {
        double off = 0;
        for (int s = 0; s < seconds; s++) {
            off += WANDERS * random.nextGaussian() - RETURNS * off;
            double share = Math.tanh(off);
            double depth = typicalM + share * (share > 0 ? mostM - typicalM : typicalM - leastM);
            send(out, clock(s));
            if (random.nextDouble() >= LOST) {
                double shown = random.nextDouble() < FALSE ? FALSE_M : depth;
                send(out, String.format(Locale.ROOT, "SDDPT,%.1f,0.1", shown - 0.1));
            }
            if (s % 10 == 0) {
                send(out, String.format(Locale.ROOT, "YXMTW,%.1f,C", waterC + 0.2 * Math.sin(s / 4000.0)));
            }
        }
        out.flush();
    }

    private static String clock(int second) {
        int at = (FIRST_HOUR_S + second) % 86_400;
        return String.format(
                Locale.ROOT,
                "GPRMC,%02d%02d%02d,A,6012.000,N,00512.000,E,1.2,045.0,%s,,",
                at / 3600,
                at / 60 % 60,
                at % 60,
                DATE);
    }

    private static void send(OutputStream out, String body) throws IOException {
        out.write((NmeaSentence.written(body) + "\r\n").getBytes(StandardCharsets.US_ASCII));
    }
}
