package app.brightkeel.server;

import app.brightkeel.server.access.Listening;
import app.brightkeel.server.access.Passphrase;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.PortInUseException;

/** Where the program starts: a command, or the web server. */
@SpringBootApplication
public class BrightKeel {

    /** Wrong usage, after the conventions of sysexits. */
    static final int USAGE = 64;

    static final int CANNOT_START = 2;

    public static void main(String[] args) throws IOException {
        String command = args.length == 0 ? "" : args[0];
        String[] rest = args.length == 0 ? args : Arrays.copyOfRange(args, 1, args.length);
        BackupCommand backup = new BackupCommand(DataDirectory.chosen(), System.out, System.err);
        switch (command) {
            case "review" -> System.exit(ReviewCommand.run(rest, System.out, System.err));
            case "backup" -> System.exit(backup.backup(rest));
            case "restore" -> System.exit(backup.restore(rest));
            case "passphrase" ->
                System.exit(PassphraseCommand.run(DataDirectory.chosen(), System.in, System.out, System.err));
            default -> serve(args);
        }
    }

    private static void serve(String[] args) throws IOException {
        Path data = DataDirectory.chosen();
        try {
            DataDirectory.prepare(data);
            DataDirectory.hold(data);
        } catch (DataDirectory.Unusable | SQLException e) {
            giveUp(String.valueOf(e.getMessage()));
        }
        System.setProperty("keel.data", data.toString());
        if (!Listening.isLoopback(System.getProperty("server.address", "127.0.0.1"))
                && !Passphrase.isSet(DataDirectory.passphrase(data))) {
            giveUp("To be reached from other machines Bright Keel wants a passphrase first: ./keel passphrase");
        }
        try {
            SpringApplication application = new SpringApplication(BrightKeel.class);
            application.setRegisterShutdownHook(true);
            application.run(args);
        } catch (RuntimeException e) {
            if (busyPort(e)) {
                giveUp("The port is in use by another program. Give another one: --port N, or PORT=N.");
            }
            throw e;
        }
    }

    private static void giveUp(String why) {
        System.err.println(why);
        System.exit(CANNOT_START);
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
