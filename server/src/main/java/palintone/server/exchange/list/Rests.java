package palintone.server.exchange.list;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collection;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeSet;
import tools.jackson.databind.node.ObjectNode;

/** What a list says of the things a file is about, in one mark: another mark, another state. */
final class Rests {

    private Rests() {}

    /**
     * @param ids what the file is about
     * @param known those of them that are in the books, as they stand
     */
    static String on(final Collection<String> ids, final Map<String, ObjectNode> known) {
        final MessageDigest digest = sha256();
        for (final String id : new TreeSet<>(ids)) {
            digest.update((id + "=" + known.get(id) + "\n").getBytes(UTF_8));
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
