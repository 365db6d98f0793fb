package app.brightkeel.server.meter;

import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.reading.Reading;
import app.brightkeel.core.reading.ReadingKind;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Asks a meter on this machine; whatever it answers that is no reading is refused, and nothing waits long for it. */
public final class MeterClient implements AutoCloseable {

    private static final int PATIENCE_MS = 2_000;

    /** Of lines that are no answer to what was asked so many are passed over. */
    private static final int MOST_PASSED = 5;

    private static final Pattern READ =
            Pattern.compile("READ (\\S+) (-?\\d{1,12}(?:\\.\\d{1,12})?(?:[eE][+-]?\\d{1,3})?) (V|A|OHM)");

    private final Socket socket;
    private final InputStream in;
    private final OutputStream out;

    /** @throws MeterFault where nothing on that port is a meter */
    public MeterClient(int port) {
        try {
            socket = new Socket();
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE_MS);
            socket.setSoTimeout(PATIENCE_MS);
            in = new BufferedInputStream(socket.getInputStream());
            out = socket.getOutputStream();
        } catch (IOException | IllegalArgumentException e) {
            throw new MeterFault("Nothing on port " + port + " of this machine answers.");
        }
        String hello = ask("HELLO");
        if (!hello.startsWith("METER 1")) {
            close();
            throw new MeterFault("What answers on port " + port + " is no meter: it does not say METER 1.");
        }
    }

    /**
     * What it shows at a point.
     *
     * @throws MeterFault where it hangs up, is silent for two seconds, or says something else
     */
    public Reading read(Expected expected) {
        send("READ " + expected.id());
        for (int passed = 0; passed < MOST_PASSED; passed++) {
            String line = line();
            Matcher read = READ.matcher(line);
            if (line.startsWith("NO")) {
                throw new MeterFault(
                        "The meter cannot read there: " + cut(line.substring(2).strip()));
            }
            if (read.matches() && read.group(1).equals(expected.id())) {
                if (!read.group(3).equals(unit(expected.kind()))) {
                    throw new MeterFault("The meter is on another range: it reads " + read.group(3) + ", wanted are "
                            + unit(expected.kind()) + ".");
                }
                return Reading.of(expected, Double.parseDouble(read.group(2)));
            }
        }
        throw new MeterFault("The meter says something that is no reading; nothing was kept.");
    }

    /** Sends anything else and returns the one line that is answered. */
    public String ask(String what) {
        send(what);
        return line();
    }

    private void send(String line) {
        try {
            out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        } catch (IOException e) {
            throw new MeterFault("The meter has hung up; nothing was kept.");
        }
    }

    private String line() {
        try {
            Optional<String> line = Lines.next(in);
            return line.orElseThrow(() -> new MeterFault("The meter has hung up; nothing was kept."));
        } catch (SocketTimeoutException e) {
            throw new MeterFault("The meter is silent; nothing was kept.");
        } catch (IOException e) {
            throw new MeterFault("The meter says something that is no reading; nothing was kept.");
        }
    }

    private static String cut(String words) {
        return words.length() > 80 ? words.substring(0, 80) + "…" : words;
    }

    static String unit(ReadingKind kind) {
        return switch (kind.unit()) {
            case VOLT, MILLIVOLT -> "V";
            case MEGOHM -> "OHM";
            default -> "A";
        };
    }

    @Override
    public void close() {
        try {
            socket.close();
        } catch (IOException e) {
            // it is gone either way
        }
    }
}
