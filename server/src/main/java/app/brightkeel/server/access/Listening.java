package app.brightkeel.server.access;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.ServerSocket;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where the server listens and the names it answers to. */
@Component
public class Listening {

    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "localhost", "[::1]");

    private final boolean wide;
    private final Set<String> names = new HashSet<>(LOOPBACK);

    /** @param address as it was given: a number, or a name of this machine */
    Listening(@Value("${server.address}") String address) {
        wide = !isLoopback(address);
        names.add(named(address).toLowerCase(Locale.ROOT));
        names.add(literal(resolved(address)));
        if (wide) {
            addOwnNames();
        }
    }

    /** Whether an address is reached from this machine alone. */
    public static boolean isLoopback(String address) {
        return resolved(address).isLoopbackAddress();
    }

    /** Whether one can listen on an address here. */
    public static boolean isOfThisMachine(String address) {
        try (ServerSocket tried = new ServerSocket(0, 1, InetAddress.getByName(address))) {
            return tried.isBound();
        } catch (IOException e) {
            return false;
        }
    }

    /** Whether other machines can ask. */
    public boolean wide() {
        return wide;
    }

    /** Whether a host name, as in the Host header, is ours: any other is another site's name for this machine. */
    public boolean answersTo(String host) {
        return names.contains(oneForm(host.toLowerCase(Locale.ROOT)));
    }

    /** A number of sixteen bytes can be written in many ways; it is compared in the one we write. */
    private static String oneForm(String host) {
        boolean number = host.matches("\\[[0-9a-f:.]{2,45}]");
        try {
            return number ? literal(InetAddress.getByName(host)) : host;
        } catch (UnknownHostException e) {
            return "";
        }
    }

    /** Addresses of pages that a person on this machine or near it can open, this machine's own first. */
    public static List<String> pages(String address, int port) {
        InetAddress own = resolved(address);
        Stream<String> hosts = own.isAnyLocalAddress()
                ? Stream.concat(
                        Stream.of("127.0.0.1"),
                        ownAddresses()
                                .filter(each -> !each.isLoopbackAddress() && !each.isLinkLocalAddress())
                                .map(Listening::literal))
                : Stream.of(literal(own));
        return hosts.distinct().map(host -> "http://" + host + ":" + port).toList();
    }

    private void addOwnNames() {
        ownAddresses().map(Listening::literal).forEach(names::add);
        try {
            names.add(InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT));
        } catch (UnknownHostException e) {
            return; // it answers to its numbers alone, which is the narrower choice
        }
    }

    private static Stream<InetAddress> ownAddresses() {
        try {
            return NetworkInterface.networkInterfaces().flatMap(NetworkInterface::inetAddresses);
        } catch (SocketException e) {
            return Stream.empty();
        }
    }

    /** @throws IllegalArgumentException for a name that nobody knows; {@link #isOfThisMachine} comes first */
    private static InetAddress resolved(String address) {
        try {
            return InetAddress.getByName(address);
        } catch (UnknownHostException e) {
            throw new IllegalArgumentException("no address: " + address, e);
        }
    }

    private static String named(String address) {
        return address.contains(":") && !address.startsWith("[") ? "[" + address + "]" : address;
    }

    /** As it stands in an address of a page and in the Host header. */
    private static String literal(InetAddress address) {
        String text = address.getHostAddress().replaceAll("%.*", "");
        return named(text.equals("0:0:0:0:0:0:0:1") ? "::1" : text);
    }
}
