package app.brightkeel.server.access;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where the server listens and the names it answers to. */
@Component
public class Listening {

    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    private final boolean wide;
    private final Set<String> names;

    Listening(@Value("${server.address}") String address) {
        wide = !isLoopback(address);
        names = wide ? ownNames() : LOOPBACK;
    }

    /** Whether an address is reached from this machine alone. */
    public static boolean isLoopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }

    /** Whether other machines can ask. */
    public boolean wide() {
        return wide;
    }

    /** Whether a host name, as in the Host header, is ours: any other is another site's name for this machine. */
    public boolean answersTo(String host) {
        return names.contains(host.toLowerCase(Locale.ROOT));
    }

    private static Set<String> ownNames() {
        Set<String> all = new HashSet<>(LOOPBACK);
        try {
            NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .map(Listening::literal)
                    .forEach(all::add);
            all.add(InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT));
        } catch (SocketException | UnknownHostException e) {
            // without its own names it answers to those of the loopback, which is the narrower choice
            return LOOPBACK;
        }
        return all;
    }

    private static String literal(InetAddress address) {
        String text = address.getHostAddress().replaceAll("%.*", "");
        return text.contains(":") ? "[" + text + "]" : text;
    }
}
