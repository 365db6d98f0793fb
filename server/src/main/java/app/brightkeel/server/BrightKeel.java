package app.brightkeel.server;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.PortInUseException;

/** Where the program starts: {@code review FILE}, or the web server. */
@SpringBootApplication
public class BrightKeel {

    /** Wrong usage, after the conventions of sysexits. */
    static final int USAGE = 64;

    static final int CANNOT_START = 2;

    public static void main(String[] args) throws IOException {
        if (args.length > 0 && args[0].equals("review")) {
            System.exit(ReviewCommand.run(Arrays.copyOfRange(args, 1, args.length), System.out, System.err));
        }
        serve(args);
    }

    private static void serve(String[] args) throws IOException {
        Path data = Path.of(
                System.getProperty("keel.data", DataDirectory.byDefault().toString()));
        try {
            DataDirectory.prepare(data);
        } catch (DataDirectory.Newer | SQLException e) {
            System.err.println(e.getMessage());
            System.exit(CANNOT_START);
        }
        System.setProperty("keel.data", data.toString());
        try {
            SpringApplication application = new SpringApplication(BrightKeel.class);
            application.setRegisterShutdownHook(true);
            application.run(args);
        } catch (RuntimeException e) {
            if (busyPort(e)) {
                System.err.println("The port is in use by another program. Give another one: --port N, or PORT=N.");
                System.exit(CANNOT_START);
            }
            throw e;
        }
    }

    private static boolean busyPort(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof PortInUseException || cause instanceof java.net.BindException) {
                return true;
            }
        }
        return false;
    }
}
