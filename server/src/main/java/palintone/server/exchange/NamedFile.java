package palintone.server.exchange;

import java.nio.charset.StandardCharsets;

/**
 * A file as it was handed in.
 *
 * @param name without folders
 */
record NamedFile(String name, byte[] bytes) {

    /** As text; a byte order mark some spreadsheets write is left out. */
    String text() {
        final String text = new String(bytes, StandardCharsets.UTF_8);
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }
}
