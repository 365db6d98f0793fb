package app.brightkeel.server;

import app.brightkeel.server.access.Listening;
import app.brightkeel.server.access.Passphrase;
import java.io.IOException;
import java.net.BindException;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.boot.webmvc.autoconfigure.error.ErrorMvcAutoConfiguration;
import org.springframework.context.ConfigurableApplicationContext;

/** Where the program starts: a command, or the web server. */
@SpringBootApplication(exclude = {UserDetailsServiceAutoConfiguration.class, ErrorMvcAutoConfiguration.class})
public class BrightKeel {

    /** Wrong usage, after the conventions of sysexits. */
    static final int USAGE = 64;

    static final int CANNOT_START = 2;

    public static void main(String[] args) throws IOException {
        String command = args.length == 0 ? "" : args[0];
        String[] rest = args.length == 0 ? args : Arrays.copyOfRange(args, 1, args.length);
        switch (command) {
            case "review" -> System.exit(ReviewCommand.run(rest, System.out, System.err));
            case "backup" -> System.exit(new BackupCommand(chosen(), System.out, System.err).backup(rest));
            case "restore" -> System.exit(new BackupCommand(chosen(), System.out, System.err).restore(rest));
            case "passphrase" -> System.exit(PassphraseCommand.run(chosen(), System.in, System.out, System.err));
            default -> serve(args);
        }
    }

    private static Path chosen() {
        try {
            return DataDirectory.chosen();
        } catch (DataDirectory.Unusable e) {
            throw giveUp(String.valueOf(e.getMessage()));
        }
    }

    private static void serve(String[] args) throws IOException {
        Path data = chosen();
        FileLock held = held(data);
        System.setProperty("keel.data", data.toString());
        String address = System.getProperty("server.address", "127.0.0.1");
        if (!Listening.isOfThisMachine(address)) {
            throw giveUp("\"" + address + "\" is no address of this machine to listen on.");
        }
        if (!Listening.isLoopback(address) && !Passphrase.isSet(DataDirectory.passphrase(data))) {
            throw giveUp("To be reached from other machines Bright Keel wants a passphrase first: ./keel passphrase");
        }
        try {
            SpringApplication application = new SpringApplication(BrightKeel.class);
            application.setRegisterShutdownHook(true);
            // the context lives as long as the process: a lock that nobody refers to would be closed with the garbage
            application.addInitializers(
                    context -> context.getBeanFactory().registerSingleton("lockOnDataDirectory", held));
            ConfigurableApplicationContext context = application.run(args);
            say(context, address);
        } catch (RuntimeException e) {
            throw explained(e, data);
        }
    }

    /** Where its pages are, once they are: each address that is printed answers. */
    private static void say(ConfigurableApplicationContext context, String address) {
        if (context instanceof WebServerApplicationContext web && web.getWebServer() != null) {
            List<String> pages = Listening.pages(address, web.getWebServer().getPort());
            System.out.println("Bright Keel: " + String.join("  ", pages) + "  (Ctrl+C stops it)");
        }
    }

    private static FileLock held(Path data) {
        try {
            DataDirectory.prepare(data);
            return DataDirectory.hold(data);
        } catch (DataDirectory.Unusable e) {
            throw giveUp(String.valueOf(e.getMessage()));
        } catch (SQLException e) {
            throw giveUp(DataDirectory.unopened(data, e));
        }
    }

    /** What stood in the way of a start, told in a sentence where it is known; else a fault of ours. */
    private static RuntimeException explained(RuntimeException e, Path data) {
        if (caused(e, PortInUseException.class) || caused(e, BindException.class)) {
            return giveUp("The port is in use by another program. Give another one: --port N, or PORT=N.");
        }
        return caused(e, SQLException.class) ? giveUp(DataDirectory.unopened(data, e)) : e;
    }

    /** Ends the program; what it returns is never thrown, and tells the compiler that nothing follows. */
    private static IllegalStateException giveUp(String why) {
        System.err.println(why);
        System.exit(CANNOT_START);
        return new IllegalStateException(why);
    }

    private static boolean caused(Throwable e, Class<? extends Throwable> type) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (type.isInstance(cause)) {
                return true;
            }
        }
        return false;
    }
}
