package palintone.server.web;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Names and addresses this server answers to: localhost, the machine's own name and addresses, and
 * what the workshop calls it. A foreign page that makes a name of its own point here finds nobody.
 */
@Component
class KnownNames {

    private final Set<String> given = new HashSet<>();

    KnownNames(@Value("${palintone.names}") final String names) {
        given.addAll(Set.of("localhost", "127.0.0.1", "[::1]", "::1"));
        Arrays.stream(names.split("[,\\s]+"))
                .filter(name -> !name.isEmpty())
                .map(KnownNames::plain)
                .forEach(given::add);
        try {
            final String own = plain(InetAddress.getLocalHost().getHostName());
            given.add(own);
            given.add(own.replaceFirst("\\..*$", "") + ".local");
        } catch (final UnknownHostException nameless) {
            // A machine without a name is reached by its address.
        }
    }

    /** Whether a host, without its port, is this machine. Addresses may change while it runs. */
    boolean knows(final String host) {
        final String name = plain(host);
        return given.contains(name) || isOwnAddress(name);
    }

    private static boolean isOwnAddress(final String name) {
        // Only what is written as an address: a name is not looked up for strangers.
        if (!name.matches("[0-9.]+|\\[?[0-9a-f:.%]+\\]?")) {
            return false;
        }
        try {
            final InetAddress asked = InetAddress.getByName(name);
            return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .flatMap(net -> Collections.list(net.getInetAddresses()).stream())
                    .anyMatch(asked::equals);
        } catch (final UnknownHostException | SocketException e) {
            return false;
        }
    }

    private static String plain(final String name) {
        return name.toLowerCase(Locale.ROOT).replaceFirst("\\.$", "");
    }
}
