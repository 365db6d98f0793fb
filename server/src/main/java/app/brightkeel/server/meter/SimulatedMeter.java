package app.brightkeel.server.meter;

import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Fault;
import app.brightkeel.core.reading.FaultKind;
import app.brightkeel.core.reading.Faults;
import app.brightkeel.core.reading.Reading;
import app.brightkeel.core.reading.ReadingKind;
import app.brightkeel.core.reading.SimulatedBench;
import app.brightkeel.core.reference.Table;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A meter at a rig that nobody has built yet, on a port of this machine alone; what is wrong with the rig can be set. */
public final class SimulatedMeter implements AutoCloseable {

    private static final int MOST_FAULTS = 2;
    private static final int BACKLOG = 4;

    /** Whoever says nothing for so long is hung up on [ms]. */
    private static final int IDLE_MS = 30_000;

    private final BenchModel model;
    private final long seed;
    private final ServerSocket listens;
    private final List<Fault> faults = new ArrayList<>();
    private SimulatedBench bench;

    /** @param seed the same gives the same rig */
    public SimulatedMeter(BenchModel model, long seed) {
        this.model = model;
        this.seed = seed;
        bench = new SimulatedBench(model, List.of(), seed);
        try {
            listens = new ServerSocket(0, BACKLOG, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Thread thread = new Thread(this::listen, "simulated-meter");
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return listens.getLocalPort();
    }

    /** What is wrong with the rig now. */
    public synchronized List<Fault> faults() {
        return List.copyOf(faults);
    }

    private void listen() {
        while (!listens.isClosed()) {
            try {
                Socket socket = listens.accept();
                Thread thread = new Thread(() -> serve(socket), "simulated-meter-line");
                thread.setDaemon(true);
                thread.start();
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void serve(Socket socket) {
        try (socket) {
            socket.setSoTimeout(IDLE_MS);
            InputStream in = new BufferedInputStream(socket.getInputStream());
            Optional<String> line = Lines.next(in);
            while (line.isPresent()) {
                socket.getOutputStream().write((answer(line.get()) + "\n").getBytes(StandardCharsets.UTF_8));
                socket.getOutputStream().flush();
                line = Lines.next(in);
            }
        } catch (IOException gone) {
            // who hangs up or sends no end is not answered any more
        }
    }

    private synchronized String answer(String line) {
        String[] words = line.split(" ");
        return switch (words[0]) {
            case "HELLO" -> "METER 1 simulated";
            case "READ" -> words.length == 2 ? read(words[1]) : "NO READ wants one point";
            case "WRONG" -> words.length == 4 ? wrong(words) : "NO WRONG wants kind, where and size";
            case "RIGHT" -> right();
            default -> "NO such word";
        };
    }

    private String read(String id) {
        Optional<ReadingKind> kind = bench.kind(id);
        if (kind.isEmpty()) {
            return "NO such point";
        }
        Reading reading = bench.read(id);
        return String.format(Locale.ROOT, "READ %s %.4f %s", id, reading.value(), MeterClient.unit(kind.get()));
    }

    private String wrong(String[] words) {
        try {
            FaultKind kind = Table.constant(FaultKind.class, words[1]);
            double size = Double.parseDouble(words[3]);
            Optional<Fault> known = Faults.all(model).stream()
                    .filter(each -> each.kind() == kind && each.subject().equals(words[2]))
                    .findFirst();
            if (known.isEmpty() || !(size > 0 && size <= 1e7)) {
                return "NO such fault at that place";
            }
            // said again, it is of that size from now on
            faults.removeIf(each -> each.kind() == kind && each.subject().equals(words[2]));
            if (faults.size() == MOST_FAULTS) {
                return "NO more than two things are wrong at once: say RIGHT first";
            }
            faults.add(new Fault(kind, words[2], size));
            bench = new SimulatedBench(model, faults, seed);
            return "OK";
        } catch (IllegalArgumentException e) {
            return "NO such fault";
        }
    }

    private String right() {
        faults.clear();
        bench = new SimulatedBench(model, List.of(), seed);
        return "OK";
    }

    @Override
    public void close() {
        try {
            listens.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
