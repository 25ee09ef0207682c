package palintone.server.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * A file as it was handed in.
 *
 * @param name without folders
 */
public record NamedFile(String name, byte[] bytes) {

    /** What spreadsheets write that do not write UTF-8. */
    private static final Charset OF_BEFORE = Charset.forName("windows-1252");

    /** As text; a byte order mark some spreadsheets write is left out. */
    public String text() {
        final String text = decoded();
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    private String decoded() {
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, OF_BEFORE);
        }
    }

    public boolean isJson() {
        return name.toLowerCase(Locale.ROOT).endsWith(".json");
    }

    /** The name without its ending. */
    String stem() {
        final int dot = name.lastIndexOf('.');
        return (dot < 0 ? name : name.substring(0, dot)).toLowerCase(Locale.ROOT);
    }
}
