package app.brightkeel.server.meter;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Expectations;
import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.refusal.Refusal;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The line of a meter: what the simulated one answers, and what is made of meters that are none. */
public class MeterTest {

    private static final BenchModel MODEL =
            BenchModel.of(Line.of(DemoRigs.gannet())).value();

    private static Expected expected(String id) {
        return Expectations.of(MODEL).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void theSimulatedOneReadsItsRig() {
        try (SimulatedMeter meter = new SimulatedMeter(MODEL, 7);
                MeterClient client = new MeterClient(meter.port())) {
            for (Expected each : Expectations.of(MODEL)) {
                double value = client.read(each).value();
                assertTrue(Double.isFinite(value), each.id());
            }
            double before = client.read(expected("drop.trunk/end")).value();
            assertEquals(client.ask("WRONG bad-crimp trunk/end 0.2"), "OK");
            assertTrue(client.read(expected("drop.trunk/end")).value() > before + 0.3);
            assertEquals(meter.faults().size(), 1);
            assertEquals(client.ask("RIGHT"), "OK");
            assertEquals(meter.faults(), List.of());
        }
    }

    @DataProvider
    public Object[][] notUnderstood() {
        return new Object[][] {
            {"", "NO such word"},
            {"READ", "NO READ wants one point"},
            {"READ nothing", "NO such point"},
            {"WRONG bad-crimp nowhere 0.2", "NO such fault at that place"},
            {"WRONG bad-crimp trunk/end NaN", "NO such fault at that place"},
            {"WRONG bad-crimp trunk/end much", "NO such fault"},
            {"WRONG gremlins trunk/end 1", "NO such fault"},
            {"read drop.trunk/end", "NO such word"},
        };
    }

    @Test(dataProvider = "notUnderstood")
    public void whatItDoesNotUnderstandItSays(String line, String answer) {
        try (SimulatedMeter meter = new SimulatedMeter(MODEL, 7);
                MeterClient client = new MeterClient(meter.port())) {
            assertEquals(client.ask(line), answer);
            assertTrue(client.ask("HELLO").startsWith("METER 1"), "and goes on");
        }
    }

    /** Says hello, then something else, whatever it is asked. */
    private static ServerSocket speaking(String hello, String answer, int times) throws IOException {
        ServerSocket listens = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(() -> {
            try (Socket socket = listens.accept()) {
                Lines.next(socket.getInputStream());
                socket.getOutputStream().write(hello.getBytes(StandardCharsets.UTF_8));
                Lines.next(socket.getInputStream());
                for (int i = 0; i < times; i++) {
                    socket.getOutputStream().write(answer.getBytes(StandardCharsets.UTF_8));
                }
                socket.getOutputStream().flush();
                if (!answer.isEmpty() || times > 0) {
                    Lines.next(socket.getInputStream());
                }
            } catch (IOException hungUp) {
                // the other side has had enough
            }
        });
        thread.setDaemon(true);
        thread.start();
        return listens;
    }

    @DataProvider
    public Object[][] noMeters() {
        String hello = "METER 1 odd\n";
        return new Object[][] {
            {"SMTP ready\n", "", 0, "no meter"},
            {"x".repeat(3_000), "", 0, "no reading"},
            {hello, "", 0, "hung up"},
            {hello, "READ drop.trunk/end 0.02 A\n", 1, "another range"},
            {hello, "READ drop.trunk/end twelve V\n", 6, "no reading"},
            {hello, "READ drop.trunk/end 1e999 V\n", 6, "allowed"},
            {hello, "READ drop.other 0.02 V\n", 6, "no reading"},
            {hello, "\u0000\u0001\u0002\n", 6, "no reading"},
            {hello, "y\n", 1_000_000, "no reading"},
            {hello, "z", 100_000, "no reading"},
            {hello, "NO battery in the meter\n", 1, "battery in the meter"},
            {hello, "READ drop.trunk/end", 1, "silent"},
        };
    }

    @Test(dataProvider = "noMeters")
    public void whatIsNoReadingIsRefused(String hello, String answer, int times, String why) throws IOException {
        try (ServerSocket listens = speaking(hello, answer, times)) {
            RuntimeException refused = expectThrows(RuntimeException.class, () -> {
                try (MeterClient client = new MeterClient(listens.getLocalPort())) {
                    client.read(expected("drop.trunk/end"));
                }
            });
            assertTrue(refused instanceof MeterFault || refused instanceof Refusal, refused.toString());
            String said = refused instanceof Refusal refusal ? "allowed " + refusal.allowed() : refused.getMessage();
            assertTrue(String.valueOf(said).contains(why), said);
        }
    }

    @Test
    public void whereNothingListensThereIsNoMeter() throws IOException {
        int free;
        try (ServerSocket gone = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            free = gone.getLocalPort();
        }
        expectThrows(MeterFault.class, () -> new MeterClient(free));
    }
}
